import { z } from 'zod'
import { nameField, noteField } from '../base/fields'

/** What an incident's report says: when and where, who, what happened, and what was done. */
export const Incident = z.strictObject({
  when: nameField(60),
  who: nameField(200),
  what: noteField.min(1, 'must not be empty'),
  done: noteField,
})
export type Incident = z.infer<typeof Incident>
