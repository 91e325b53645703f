import { z } from 'zod'
import { idField, nameField, secondsField, wholeNumber } from '../plan/fields'
import { limits } from '../plan/limits'
import type { Timeline } from '../timeline/phase'
import type { Milliseconds } from '../units'

const plain = <Type extends string>(type: Type) => z.strictObject({ type: z.literal(type) })

/** Begun late, a round of a list done, or all of it. */
export const TapKind = z.enum(['start', 'round', 'finish'], { error: 'must be a start, a round or a finish' })
export type TapKind = z.infer<typeof TapKind>

/** Where the class was when the screen was tapped: it counts for there, however long it is on its way. Milliseconds into the phase. */
const TapWhen = z.strictObject({ phase: wholeNumber(0, 100_000), elapsed: wholeNumber(0, limits.totalSeconds * 1000, 'milliseconds') })

/** What a coach can ask of a run. `amend` carries a new timeline and the phase to enter it at, from the next boundary. */
export const Command = z.discriminatedUnion(
  'type',
  [
    plain('start'),
    plain('pause'),
    plain('resume'),
    plain('skip'),
    plain('back'),
    plain('repeat'),
    plain('undo'),
    plain('hold'),
    plain('release'),
    plain('stop'),
    plain('finish'),
    z.strictObject({ type: z.literal('extend'), seconds: wholeNumber(-600, 600, 'seconds') }),
    z.strictObject({ type: z.literal('goto'), phase: wholeNumber(0, 100_000), into: secondsField().optional() }),
    z.strictObject({ type: z.literal('tap'), personIds: z.array(idField).min(1, 'needs somebody').max(limits.people), what: TapKind, when: TapWhen.optional() }),
    z.strictObject({ type: z.literal('untap'), tapId: idField }),
    z.strictObject({ type: z.literal('amend'), timeline: z.custom<Timeline>(isTimeline, 'must be a timeline'), phase: wholeNumber(0, 100_000) }),
  ],
  { error: 'must be a known command' },
)
export type Command = z.infer<typeof Command>

function isTimeline(value: unknown): boolean {
  const timeline = value as Partial<Timeline> | null
  if (!timeline || !Array.isArray(timeline.phases) || typeof timeline.total !== 'number') return false
  if (timeline.total > limits.totalSeconds) return false
  let clock = 0
  for (const phase of timeline.phases) {
    if (phase.start !== clock || !Number.isInteger(phase.seconds) || phase.seconds < 1) return false
    clock += phase.seconds
  }
  return clock === timeline.total && clock > 0
}

/** A command as a screen sends it: its own id, and the sequence number it believes to be the last. */
export const CommandRequest = z.strictObject({
  id: z.uuid('must be a UUID'),
  expectedSequence: wholeNumber(0, 1_000_000_000),
  who: nameField(40),
  command: Command,
})
export type CommandRequest = z.infer<typeof CommandRequest>

/** A command that has happened: ordered by `sequence` (from 1), at the server's time. */
export interface RunEvent {
  sequence: number
  id: string
  at: Milliseconds
  who: string
  command: Command
}
