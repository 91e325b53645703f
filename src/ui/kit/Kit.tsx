import { MantineProvider } from '@mantine/core'
import { Notifications } from '@mantine/notifications'
import type { ReactNode } from 'react'
import { cssVariables, theme } from '../theme'
import { Guard } from './Guard'

/** What every planning island stands in: the theme, notices, and a guard that keeps an error to its view. */
export function Kit({ children }: { children: ReactNode }) {
  return (
    <MantineProvider theme={theme} cssVariablesResolver={cssVariables} defaultColorScheme="auto">
      <Notifications position="bottom-right" />
      <Guard>{children}</Guard>
    </MantineProvider>
  )
}
