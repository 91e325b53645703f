import { z } from 'zod'
import { kilogramsField, nameField, wholeNumber } from '../base/fields'
import { limits } from '../base/limits'

const tenths = wholeNumber(1, limits.totalSeconds * 10, 'tenths of a second')
const count = wholeNumber(0, limits.reps)

/** How hard a whole class was, on Borg's scale of ten, in halves. */
const effort = z
  .number({ error: 'must be a number from 0 to 10' })
  .min(0, 'must be from 0 to 10')
  .max(10, 'must be from 0 to 10')
  .multipleOf(0.5, 'must be a whole or a half number')

/** What somebody has done, in what it is measured by. */
export const Value = z.discriminatedUnion('measure', [
  z.strictObject({ measure: z.literal('time'), tenths }),
  z.strictObject({ measure: z.literal('rounds'), rounds: count, reps: count }),
  z.strictObject({ measure: z.literal('reps'), reps: count }),
  z.strictObject({ measure: z.literal('load'), kilograms: kilogramsField }),
  z.strictObject({ measure: z.literal('effort'), effort }),
])
export type Value = z.infer<typeof Value>

export const Measure = z.enum(['time', 'rounds', 'reps', 'load', 'effort'])
export type Measure = z.infer<typeof Measure>

export const measureNames: Record<Measure, string> = { time: 'time', rounds: 'rounds', reps: 'reps', load: 'load', effort: 'effort' }

const outcomeFields = {
  value: Value.optional(),
  /** Stopped, or was stopped, before the end of it: the value, if there is one, is what was done till then. */
  didNotFinish: z.literal(true).optional(),
  /** Did something else than asked for: fewer, lighter, another option. */
  scaled: z.literal(true).optional(),
  /** Began so much later than the others; a time counts from their own beginning. */
  lateTenths: tenths.optional(),
  /** To which standard of rep, where there is more than one: "knee touches". */
  standard: nameField(60).optional(),
}

/** A result as it is put down: a value, or that somebody did not finish. */
export const Outcome = z.strictObject(outcomeFields).refine(({ value, didNotFinish }) => value !== undefined || didNotFinish, {
  path: ['value'],
  message: 'needs a value, or that they did not finish',
})
export type Outcome = z.infer<typeof Outcome>
