import type { Use } from '@core/plan/plan'

/** What every group of fields of a use takes. */
export interface UsePartProps {
  use: Use
  onChange: (recipe: (draft: Use) => void) => void
}

/** How a choice looks among the fields. */
export const choice = { root: 'draft-field is-choice', label: 'draft-label', input: 'draft-input' }
