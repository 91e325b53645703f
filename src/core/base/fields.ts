import { z } from 'zod'
import { limits } from './limits'

/** Schemas of the small values that plans, people and gear share, each with one message that says what is allowed. */

/** A whole number from `least` to `most`. */
export function wholeNumber(least: number, most: number, unit = '') {
  const message = `must be a whole number${unit && ` of ${unit}`} from ${least} to ${most}`
  return z.number({ error: message }).int(message).min(least, message).max(most, message)
}

/** A length of time in whole seconds. */
export const secondsField = (least = 0) => wholeNumber(least, limits.totalSeconds, 'seconds')

/** A stable identifier: letters, digits, `-` and `_`. */
export const idField = z
  .string({ error: 'must be an id: a text of letters, digits, - or _' })
  .regex(/^[A-Za-z0-9_-]{1,64}$/, 'must be 1 to 64 letters, digits, - or _')

// Control characters and lone surrogates cannot be stored as text by the database.
// oxlint-disable-next-line no-control-regex -- they are what is looked for
const unstorable = /[\u0000-\u0008\u000b-\u001f\u007f]|\p{Surrogate}/u

/** One line of text: trimmed, not empty, any language, emoji included. */
export const nameField = (most: number = limits.nameLength) =>
  z
    .string({ error: 'must be a text' })
    .trim()
    .min(1, 'must not be empty')
    .max(most, `must be at most ${most} characters`)
    .refine((text) => !unstorable.test(text) && !text.includes('\n'), 'must be one line without control characters')

/** Free text that may have line breaks and may be empty. */
export const noteField = z
  .string({ error: 'must be a text' })
  .max(limits.noteLength, `must be at most ${limits.noteLength} characters`)
  .refine((text) => !unstorable.test(text), 'must not have control characters')

export const kilogramsField = z
  .number({ error: 'must be a number of kilograms' })
  .positive('must be more than 0 kg')
  .max(500, 'must be at most 500 kg')
