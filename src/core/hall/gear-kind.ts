import { z } from 'zod'
import { idField, kilogramsField, nameField, wholeNumber } from '../plan/fields'

export const GearSize = z.strictObject({
  id: idField,
  /** Empty for a kind that comes in one size only. */
  label: z.string().max(40, 'must be at most 40 characters'),
  kilograms: kilogramsField.optional(),
  owned: wholeNumber(0, 1000),
})
export type GearSize = z.infer<typeof GearSize>

/** A countable kind of gear with its sizes: a thing, a pair that is counted as one, or a place such as an anchor point. */
export const GearKind = z.strictObject({
  id: idField,
  name: nameField(),
  form: z.enum(['single', 'pair', 'place']).default('single'),
  sizes: z.array(GearSize).min(1, 'needs at least one size').max(40),
})
export type GearKind = z.infer<typeof GearKind>
