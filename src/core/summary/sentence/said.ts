import { midSentence } from '../../base/mid-sentence'
import { formatSeconds } from '../../base/units'
import type { NewId } from '../../plan/edit/make'
import type { Use } from '../../plan/plan'
import { showCycle, showDose, showLaps, showReps, showRungs, showTempo } from '../../plan/words/notation'

/** `of` with another value of one slot; `newId` makes the ids of what that adds. */
type Set<Of, Value> = (of: Of, value: Value, newId: NewId) => Of

/** What every figure and choice of a sentence has: a key that stays with it, and a label for those who do not see the sentence. */
interface Slot {
  slot: string
  label: string
}

/** A time in seconds or a count, from `least` to `most`. */
export interface NumberSlot<Of> extends Slot {
  kind: 'time' | 'count'
  value: number
  least: number
  most: number
  /** A bare number is minutes, not seconds. */
  minutes?: true
  set: Set<Of, number>
}

/** Values that have a notation of their own: how each is written and read is `plan/words`. */
export interface Written {
  rungs: readonly number[]
  /** From 0. */
  laps: readonly number[]
  reps: Omit<NonNullable<Use['reps']>, 'counted'>
  tempo: NonNullable<Use['tempo']>['figures']
  cycle: NonNullable<Use['inner']>['cycle']
  dose: NonNullable<NonNullable<Use['dose']>['newcomer']>
  kilograms: number
}

export type WrittenSlot<Of, Kind extends keyof Written = keyof Written> = {
  [K in Kind]: Slot & { kind: K; value: Written[K]; set: Set<Of, Written[K]> }
}[Kind]

export interface TextSlot<Of> extends Slot {
  kind: 'text'
  value: string
  most: number
  set: Set<Of, string>
}

/** Words of the sentence that can be others: each with its value. */
export interface ChoiceSlot<Of> extends Slot {
  kind: 'choice'
  value: string
  choices: readonly { value: string; words: string }[]
  set: Set<Of, string>
}

/** Words that the class decides, not its plan: who moves, and by which rule. */
export interface ClassSlot extends Slot {
  kind: 'who' | 'moves'
  words: string
}

export type AnySlot<Of> = NumberSlot<Of> | WrittenSlot<Of> | TextSlot<Of> | ChoiceSlot<Of> | ClassSlot

/** A stretch of a sentence: plain words, or what can be changed where it stands. */
export type Said<Of> = string | AnySlot<Of>

/** A part of a sentence that is said or left out as a whole. */
export interface Clause<Of> {
  id: string
  said: readonly Said<Of>[]
  /** Takes it away; left out for what every sentence of its kind says. */
  without?: (of: Of) => Of
  /** Seen where the sentence is edited, not where it is read. */
  aside?: true
}

/** A slot as it is read. */
export function slotText<Of>(slot: AnySlot<Of>): string {
  switch (slot.kind) {
    case 'time':
      return formatSeconds(slot.value)
    case 'count':
      return String(slot.value)
    case 'rungs':
      return showRungs(slot.value)
    case 'laps':
      return showLaps(slot.value)
    case 'reps':
      return showReps(slot.value)
    case 'tempo':
      return showTempo(slot.value)
    case 'cycle':
      return showCycle(slot.value)
    case 'dose':
      return showDose(slot.value)
    case 'kilograms':
      return String(slot.value)
    case 'text':
      return midSentence(slot.value)
    case 'choice':
      return slot.choices.find(({ value }) => value === slot.value)?.words ?? slot.value
    default:
      return slot.words
  }
}

/** The clauses as they are read. */
export const clausesText = <Of>(clauses: readonly Clause<Of>[]): string =>
  clauses
    .filter(({ aside }) => !aside)
    .flatMap(({ said }) => said.map((word) => (typeof word === 'string' ? word : slotText(word))))
    .join('')

/** Changes what stands within something. */
export type Change<Of, In> = (of: Of, change: (inner: In) => In) => Of

/** A slot of something that stands within another, as a slot of that. */
function slotWithin<Of, In>(slot: AnySlot<In>, prefix: string, change: Change<Of, In>): AnySlot<Of> {
  if (!('set' in slot)) return slot
  // Whatever the kind, the value that comes in is the one that the inner slot takes.
  const set = slot.set as Set<In, unknown>
  const outer: Set<Of, unknown> = (of, value, newId) => change(of, (inner) => set(inner, value, newId))
  return { ...slot, slot: `${prefix}${slot.slot}`, set: outer } as AnySlot<Of>
}

/** Clauses of something that stands within another, as clauses of that; `prefix` tells their slots from its own. */
export const clausesWithin = <Of, In>(clauses: readonly Clause<In>[], prefix: string, change: Change<Of, In>): Clause<Of>[] =>
  clauses.map(({ id, said, without, aside }) => ({
    id: `${prefix}${id}`,
    said: said.map((word) => (typeof word === 'string' ? word : slotWithin(word, prefix, change))),
    ...(without && { without: (of: Of) => change(of, without) }),
    ...(aside && { aside }),
  }))
