import { z } from 'zod'
import { idField, nameField, noteField } from '../base/fields'
import { Level } from './level'
import { Strain } from './exercise'

/** What the job needs to know of a person, and no more. */
export const Person = z.strictObject({
  id: idField,
  name: nameField(40),
  level: Level,
  /** What screens that all see call them, where that is not their name: another, or none (null). */
  shownAs: nameField(40).nullable().optional(),
  goEasy: z.array(Strain).max(20).default([]),
  goEasyNote: noteField.default(''),
  /** The day on which they agreed that this is kept of them. */
  agreedOn: z.iso.date('must be a day, such as 2027-01-31').optional(),
  /** The size this person usually takes, by kind of gear. */
  loads: z.record(idField, idField).default({}),
  /** How fast they walk, where that is not as most do. */
  walkingMetresPerSecond: z
    .number({ error: 'must be a number of metres a second' })
    .min(0.2, 'must be at least 0.2 m/s')
    .max(3, 'must be at most 3 m/s')
    .optional(),
  /** Wants to be on no board: where people are compared, they are left out. */
  offBoards: z.literal(true).optional(),
  /** Ids of people to be grouped with, and not with. */
  keepWith: z.array(idField).max(20).optional(),
  keepApart: z.array(idField).max(20).optional(),
})
export type Person = z.infer<typeof Person>

export const levelNames: Record<Level, string> = { newcomer: 'newcomer', regular: 'regular', trained: 'trained' }
