import type { Use } from '../plan/plan'
import { parse } from './phrases.peggy'

/** Where something stands in its line. */
export interface Span {
  from: number
  to: number
}

type Reps = NonNullable<Use['reps']>

/** One kind of phrase for each of `Kinds`, with what it says. */
type Said<Kinds extends string, What = object> = Kinds extends string ? Span & { kind: Kinds } & What : never

/** What a line of a class says, phrase by phrase; what is none of them is words and marks. */
export type Phrase =
  | Said<'word' | 'mark' | 'quoted', { text: string }>
  | Said<'glue' | 'together' | 'lists' | 'led' | 'optional' | 'lastGap' | 'explained'>
  | Said<'role', { role: 'warmUp' | 'main' | 'finisher' | 'coolDown' }>
  | Said<'label', { word: string; name: string }>
  | Said<'station' | 'stations' | 'exercises' | 'sets' | 'turns' | 'aim' | 'opener', { count: number }>
  | Said<'laps', { count: number; times?: true }>
  | Said<'countedTimes', { count: number; seconds: number }>
  | Said<'work', { seconds: number[] }>
  | Said<'workOff', { work: number; off: number }>
  | Said<'off', { seconds: number; moves?: true; active?: true }>
  | Said<'between' | 'betweenExercises' | 'after' | 'rungRest' | 'rungTime' | 'cap' | 'window', { seconds: number }>
  | Said<'pause', { pause: 'brief' | 'water' | 'swap'; seconds: number }>
  | Said<'goal', { goal: 'rounds' | 'time'; seconds?: number }>
  | Said<'ladder', { rungs: number[] }>
  | Said<'who', { size: 'solo' | 'pairs' | 'trios' | 'fours' }>
  | Said<'pairs', { pairs: 'inTurns' | 'halfEach' }>
  | Said<'sides', { sides: 'half' | 'byLap' | 'ownInterval' }>
  | Said<'counted', { counted: Reps['counted'] }>
  | Said<'load', { kilograms: number }>
  | Said<'tempo', { figures: [number, number, number, number]; end: 'top' | 'bottom' }>
  | Said<'time', { seconds: number; each?: true }>
  | Said<'reps', { count: number; most?: number; open?: true }>

export type PhraseOf<Kind extends Phrase['kind']> = Extract<Phrase, { kind: Kind }>

export const isA =
  <Kind extends Phrase['kind']>(kind: Kind) =>
  (phrase: Phrase): phrase is PhraseOf<Kind> =>
    phrase.kind === kind

/** The phrases of a line, in their order; all of the line but its spaces is in one of them. */
export function phrasesOf(line: string): Phrase[] {
  // Only letters of one unit are made small: each stays in its place.
  const small = line.replace(/\p{Lu}/gu, (letter) => (letter.toLowerCase().length === letter.length ? letter.toLowerCase() : letter))
  return (parse(small) as Phrase[]).map((phrase) => ('text' in phrase ? { ...phrase, text: textOf(phrase, line) } : phrase))
}

const textOf = (phrase: PhraseOf<'word' | 'mark' | 'quoted'>, line: string) =>
  phrase.kind === 'quoted' ? line.slice(phrase.from + 1, phrase.to - 1).replace(/\\(.)/g, '$1') : line.slice(phrase.from, phrase.to)
