import { z } from 'zod'
import { idField, wholeNumber } from '../../base/fields'
import { limits } from '../../base/limits'
import { layouts } from './wall-layouts'

/** Letters and digits that nobody takes for one another on a television or by ear: no 0 and O, 1, I and L, 2 and Z, 5 and S, 8 and B. */
const signs = 'ACDEFGHJKMNPQRTUVWXY34679'

export const codeLength = 4

/** A code of four signs. `random(n)` gives whole numbers from 0, below n. About 390,000 there are. */
export const pairingCode = (random: (below: number) => number): string =>
  Array.from({ length: codeLength }, () => signs[random(signs.length)]).join('')

/** As it was typed, with spaces or in small letters, as it is shown. */
export const PairingCode = z
  .string()
  .max(20)
  .transform((text) => text.replace(/[\s-]/g, '').toUpperCase())
  .refine(
    (code) => code.length === codeLength && [...code].every((sign) => signs.includes(sign)),
    'must be the four letters and digits on the screen',
  )

/** What a coach makes of a screen that shows a code: the wall in one of its layouts, or a station by its number. */
export const PairingRequest = z.strictObject({
  code: PairingCode,
  show: z.discriminatedUnion('screen', [
    z.strictObject({ screen: z.literal('wall'), layout: z.enum(layouts) }),
    z.strictObject({ screen: z.literal('station'), station: wholeNumber(1, limits.stations) }),
  ]),
})
export type PairingRequest = z.infer<typeof PairingRequest>

/** Somebody's press on their name in the room's list; the device names itself by an id that it made. */
export const ClaimRequest = z.strictObject({ personId: idField, device: idField })
