import { z } from 'zod'
import { idField } from '../base/fields'
import { limits } from '../base/limits'
import { Measure, Outcome } from './outcome'

/** A place of a run: three to five numbers and an id, or nothing for the whole class. */
const placeField = z.string({ error: 'must be a text' }).regex(/^([A-Za-z0-9_-]{1,64}(\/\d{1,4}){2,4})?$/, 'must be a place of the class')

/** One cell of a class's results. */
export const Cell = z.strictObject({
  place: placeField,
  measure: Measure,
  personId: idField,
  /** Null: what was put down is taken away; what was tapped counts again. */
  outcome: Outcome.nullable(),
  /** The id of the last line that was put down here, as its screen knew it; empty, none. */
  before: z.union([idField, z.literal('')], { error: 'must be an id, or empty' }),
})
export type Cell = z.infer<typeof Cell>

/** What is put down at once; `together`, for a pair or group that did it as one. */
export const PutDown = z.strictObject({
  cells: z
    .array(Cell)
    .min(1, 'needs a result')
    .max(limits.people * 4, 'has too many results at once'),
  together: z.literal(true).optional(),
})
export type PutDown = z.infer<typeof PutDown>

/** What somebody puts down of themselves on their card. */
export const OwnResult = Cell.omit({ personId: true })
export type OwnResult = z.infer<typeof OwnResult>

export const RunNote = z.strictObject({
  text: z
    .string({ error: 'must be a text' })
    .trim()
    .min(1, 'must not be empty')
    .max(limits.noteLength, `must be at most ${limits.noteLength} characters`),
})
