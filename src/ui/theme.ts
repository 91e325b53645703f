import { Button, createTheme, type CSSVariablesResolver } from '@mantine/core'
import dress from './theme.module.css'

const ink = ['#f3f3f4', '#e4e5e7', '#c6c8cd', '#a5a9b2', '#888d99', '#6b7180', '#5a6070', '#434956', '#323741', '#22262e'] as const

/** The components' dress; the tokens themselves are in kit/tokens.css. */
export const theme = createTheme({
  fontFamily: 'var(--text)',
  headings: { fontFamily: 'var(--heading)' },
  colors: { ink },
  primaryColor: 'ink',
  primaryShade: { light: 9, dark: 2 },
  autoContrast: true,
  defaultRadius: 8,
  cursorType: 'pointer',
  components: {
    // By name, as importing them here would bring them to every page.
    Modal: {
      defaultProps: { closeButtonProps: { 'aria-label': 'Close' } },
      classNames: { content: dress.modal, header: dress.modal, title: dress.modalTitle },
    },
    SegmentedControl: { classNames: { root: dress.segments, indicator: dress.segment } },
    Input: { classNames: { input: dress.input } },
    PasswordInput: { defaultProps: { visibilityToggleButtonProps: { 'aria-label': 'Show what is typed' } } },
    // A place to begin that is no item of the menu is told as one.
    Menu: { classNames: { dropdown: dress.floating }, defaultProps: { withInitialFocusPlaceholder: false } },
    Combobox: { classNames: { dropdown: dress.floating } },
    Notification: { classNames: { root: dress.floating } },
    // Filled buttons are ink on the ground's opposite in both schemes.
    Button: Button.extend({
      vars: (_theme, { variant = 'filled' }) => ({
        root: variant === 'filled' ? { '--button-bg': 'var(--ink)', '--button-hover': 'var(--ink)', '--button-color': 'var(--paper)' } : {},
      }),
    }),
  },
})

const ours = {
  '--mantine-color-body': 'var(--card)',
  '--mantine-color-text': 'var(--ink)',
  '--mantine-color-dimmed': 'var(--second)',
  '--mantine-color-placeholder': 'var(--second)',
  '--mantine-color-default': 'var(--card)',
  '--mantine-color-default-color': 'var(--ink)',
  '--mantine-color-default-border': 'var(--line)',
  '--mantine-color-default-hover': 'var(--tile)',
  '--mantine-color-error': 'var(--mend)',
  '--mantine-color-disabled': 'var(--tile)',
  '--mantine-color-disabled-color': 'var(--second)',
  '--mantine-color-disabled-border': 'var(--line)',
}

/** The components' colours are the tokens, which change with the scheme by themselves. */
export const cssVariables: CSSVariablesResolver = () => ({ variables: {}, light: ours, dark: ours })
