import { z } from 'zod'
import { idField, nameField, secondsField, wholeNumber } from '../../base/fields'
import { limits } from '../../base/limits'
import { TimelineSchema } from '../../timeline/schema'
import type { Milliseconds } from '../../base/units'

const plain = <Type extends string>(type: Type) => z.strictObject({ type: z.literal(type) })

/** Begun late, a round of a list done, or all of it. */
export const TapKind = z.enum(['start', 'round', 'finish'], { error: 'must be a start, a round or a finish' })
export type TapKind = z.infer<typeof TapKind>

/** Where the class was when the screen was tapped: it counts for there, however long it is on its way. Milliseconds into the phase. */
const TapWhen = z.strictObject({
  phase: wholeNumber(0, limits.phases),
  elapsed: wholeNumber(0, limits.totalSeconds * 1000, 'milliseconds'),
})

const tap = z.strictObject({ type: z.literal('tap'), what: TapKind, when: TapWhen.optional() })
const untap = z.strictObject({ type: z.literal('untap'), tapId: idField })

const simple = [
  plain('start'),
  plain('pause'),
  plain('resume'),
  plain('back'),
  plain('repeat'),
  plain('undo'),
  plain('hold'),
  plain('stop'),
  plain('clear'),
  plain('finish'),
  plain('check'),
  z.strictObject({ type: z.literal('extend'), seconds: wholeNumber(-600, 600, 'seconds') }),
  z.strictObject({ type: z.literal('goto'), phase: wholeNumber(0, limits.phases), into: secondsField().optional() }),
  z.strictObject({ ...tap.shape, personIds: z.array(idField).min(1, 'needs somebody').max(limits.people) }),
  untap,
  z.strictObject({ type: z.literal('takeOver'), device: idField, name: nameField(40) }),
] as const

const known = { error: 'must be a known command' }
const phase = wholeNumber(0, limits.phases)
const instant = wholeNumber(0, 8_640_000_000_000_000, 'milliseconds')

/** Said by the server: what comes is a list, and everyone begins it together. */
const counting = <Type extends string>(type: Type) => z.strictObject({ type: z.literal(type), countsIn: z.literal(true).optional() })

/** What happens to a run. `amend` carries a new timeline and the phase to enter it at, from the next boundary. */
export const Command = z.discriminatedUnion(
  'type',
  [...simple, counting('skip'), counting('release'), z.strictObject({ type: z.literal('amend'), timeline: TimelineSchema, phase })],
  known,
)
export type Command = z.infer<typeof Command>

/** What a screen can ask of a run: of a change of its timeline, which of the ways that it showed, and for when. */
export const AskedCommand = z.discriminatedUnion(
  'type',
  [
    ...simple,
    plain('skip'),
    plain('release'),
    z.strictObject({ type: z.literal('amend'), way: z.string().max(200), phase, now: instant, deadline: instant }),
  ],
  known,
)
export type AskedCommand = z.infer<typeof AskedCommand>

/** A command as a screen sends it: its own id, and the sequence number it believes to be the last. */
export const CommandRequest = z.strictObject({
  id: z.uuid('must be a UUID'),
  expectedSequence: wholeNumber(0, 1_000_000_000),
  who: nameField(40),
  /** Of the coach's device, where there may be several. */
  device: idField.optional(),
  command: AskedCommand,
})
export type CommandRequest = z.infer<typeof CommandRequest>

/** What somebody taps of themselves on their own card. */
export const OwnTap = CommandRequest.omit({ who: true, device: true, command: true }).extend({
  command: z.discriminatedUnion('type', [tap, untap], known),
})
export type OwnTap = z.infer<typeof OwnTap>

/** A command that has happened: ordered by `sequence` (from 1), at the server's time. */
export interface RunEvent {
  sequence: number
  id: string
  at: Milliseconds
  who: string
  command: Command
}
