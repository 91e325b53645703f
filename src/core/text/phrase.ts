import { LRUCache } from 'lru-cache'
import type { Level } from '../library/level'
import type { Pause, Use, VariationRule } from '../plan/plan'
import { parse } from './phrases.peggy'

/** Where something stands in its line. */
export interface Span {
  from: number
  to: number
}

type Reps = NonNullable<Use['reps']>
type Exchanged = Extract<VariationRule, { rule: 'exchange' }>['fields'][number]
type SeriesField = Extract<VariationRule, { rule: 'series' }>['field']

/** The way to what differs, from the part or the circuit: a piece, a place of it, an item there; all from 0. */
export type Path = ['piece' | 'place' | 'item', number][]

/** One kind of phrase for each of `Kinds`, with what it says. */
type Said<Kinds extends string, What = object> = Kinds extends string ? Span & { kind: Kinds } & What : never

/** What a line of a class says, phrase by phrase; what is none of them is words and marks. */
export type Phrase =
  | Said<'word' | 'mark' | 'quoted', { text: string }>
  | Said<'ref' | 'own' | 'meanwhile' | 'or' | 'byRungs' | 'part'>
  | Said<'key', { key: 'note' | 'effort' | 'machine' | 'told' | 'way' | 'cycle' | 'spot' | 'option' }>
  | Said<'at', { unit: 'lap' | 'time'; count: number }>
  | Said<'every' | 'by', { unit: 'lap' | 'time' }>
  | Said<'swap', { fields: [Exchanged, Exchanged] }>
  | Said<'series', { field: SeriesField; values: number[] }>
  | Said<'path', { path: Path }>
  | Said<'dose', { level: Level; dose: NonNullable<NonNullable<Use['dose']>[Level]> }>
  | Said<'takes' | 'gap', { seconds: number }>
  | Said<'span' | 'atMost' | 'aimCycles', { count: number }>
  | Said<'skip', { laps: number[] }>
  | Said<'glue' | 'together' | 'lists' | 'led' | 'optional' | 'lastGap' | 'explained'>
  | Said<'role', { role: 'warmUp' | 'main' | 'finisher' | 'coolDown' }>
  | Said<'label', { word: string; name: string }>
  | Said<'station' | 'stations' | 'exercises' | 'perPlace' | 'sets' | 'turns' | 'aim' | 'opener', { count: number }>
  | Said<'laps', { count: number; times?: true; round?: true }>
  | Said<'countedTimes', { count: number; seconds: number }>
  | Said<'work', { seconds: number[] }>
  | Said<'workOff', { work: number; off: number }>
  | Said<'off', { seconds: number; moves?: true; active?: true }>
  | Said<'between' | 'betweenExercises' | 'after' | 'rungRest' | 'rungTime' | 'cap' | 'window', { seconds: number }>
  | Said<'pause', { pause: Pause['kind']; seconds: number }>
  | Said<'goal', { goal: 'rounds' | 'time'; seconds?: number }>
  | Said<'distance'>
  | Said<'people' | 'blocks' | 'minuteNo', { count: number }>
  | Said<'betweenBlocks', { seconds: number }>
  | Said<'everyWindow', { seconds: number; times?: number }>
  | Said<'ladder', { rungs: number[] }>
  | Said<'who', { size: 'solo' | 'pairs' | 'trios' | 'fours'; groups?: number }>
  | Said<'pairs', { pairs: 'inTurns' | 'halfEach' }>
  | Said<'sides', { sides: Use['sides'] }>
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

/** Figures that are said of one exercise. */
export const isOfItem = ({ kind }: Phrase): boolean => ['reps', 'time', 'counted', 'load', 'tempo', 'sides', 'distance'].includes(kind)

/** Of lines read before: with each key that is typed, all lines but one are as they were. */
const known = new LRUCache<string, Phrase[]>({ max: 1000 })

/** The phrases of a line, in their order; all of the line but its spaces is in one of them. */
export function phrasesOf(line: string): Phrase[] {
  const before = known.get(line)
  if (before) return before
  const phrases = parsed(line)
  known.set(line, phrases)
  return phrases
}

function parsed(line: string): Phrase[] {
  // Only letters of one unit are made small: each stays in its place.
  const small = line.replace(/\p{Lu}/gu, (letter) => (letter.toLowerCase().length === letter.length ? letter.toLowerCase() : letter))
  return (parse(small) as Phrase[]).map((phrase) => ('text' in phrase ? { ...phrase, text: textOf(phrase, line) } : phrase))
}

const textOf = (phrase: PhraseOf<'word' | 'mark' | 'quoted'>, line: string) =>
  phrase.kind === 'quoted' ? unquoted(line.slice(phrase.from, phrase.to)) : line.slice(phrase.from, phrase.to)

const ends: Record<string, string> = { n: '\n', r: '\r', t: '\t' }
const letters: Record<string, string> = { '\n': 'n', '\r': 'r', '\t': 't' }

/** Free text in quotes, on one line. */
export const quoted = (text: string): string => `"${text.replace(/["\\\n\r\t]/g, (letter) => `\\${letters[letter] ?? letter}`)}"`

const unquoted = (text: string): string => text.slice(1, -1).replace(/\\(.)/g, (_, letter: string) => ends[letter] ?? letter)
