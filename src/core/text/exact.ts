import { isClock, said, unfit } from './clock-phrases'
import { emptyDraft, type Differs, type Draft, type Item, type Place } from './draft'
import { placeOf } from './heard'
import { wordsIn, type TextLine } from './lines'
import { slug, type FindName } from './names'
import { isA, type Path, type Phrase, type PhraseOf } from './phrase'

/** What has words of its own, so that a plan that is written reads back as it was. Each answers with the phrases that it took. */

/** What is said of a place in brackets: "at most 3", "not on laps 1 2", "own 2:00 work". */
export function tellPlace(place: Place, phrases: readonly Phrase[], line: TextLine): readonly Phrase[] {
  const [first] = phrases
  const ref = phrases.find(isA('ref'))
  if (first?.kind === 'own') {
    const clock = phrases.filter(isClock).filter((phrase) => unfit(said(phrase)) === undefined)
    const own = (place.own ??= emptyDraft())
    for (const phrase of clock) {
      Object.assign(own, said(phrase))
      for (const key of Object.keys(said(phrase)) as (keyof Draft)[]) own.places[key] = placeOf([phrase], line)
    }
    return [first, ...clock]
  }
  if (first?.kind === 'key' && first.key === 'spot' && ref && place.spotId === undefined) {
    place.spotId = placeOf([ref], line).text.slice(1)
    return [first, ref]
  }
  const { name, span, capacity, skipLaps } = place
  if (first?.kind === 'quoted' && name === undefined) place.name = first.text
  else if (first?.kind === 'span' && span === undefined && first.count === 2) place.span = first.count
  else if (first?.kind === 'atMost' && capacity === undefined) place.capacity = first.count
  else if (first?.kind === 'skip' && skipLaps === undefined) place.skipLaps = first.laps.map((lap) => lap - 1)
  else return []
  return [first]
}

/** The exercise of "#id", "#id/option", or of a name in quotes. */
export function idsOf(name: Phrase, line: TextLine, find: FindName): Pick<Item, 'exerciseId' | 'optionId'> {
  if (name.kind === 'quoted') {
    const found = find([name.text])
    if (!found) return { exerciseId: slug(name.text) }
    return { exerciseId: found.exercise.id, ...(found.optionId && { optionId: found.optionId }) }
  }
  const [exerciseId, optionId] = placeOf([name], line).text.slice(1).split('/') as [string, string | undefined]
  return { exerciseId, ...(optionId !== undefined && { optionId }) }
}

/** A name that stands for itself: "#id", or in quotes. */
export const exactName = (phrases: readonly Phrase[]): PhraseOf<'ref' | 'quoted'> | undefined =>
  phrases.find((phrase) => isA('ref')(phrase) || isA('quoted')(phrase))

/** Details of an exercise: an alternative, a note, an effort, what somebody of a level does. */
export function tellItemExactly(item: Item, phrases: readonly Phrase[], line: TextLine, find: FindName): readonly Phrase[] {
  const [first] = phrases
  const name = exactName(phrases)
  const load = phrases.find(isA('load'))
  if (first?.kind === 'or' && name) {
    const one = { ...idsOf(name, line, find), ...(load && { load: { kilograms: load.kilograms } }) }
    item.alternatives = [...(item.alternatives ?? []), one]
    return [first, name, ...(load ? [load] : [])]
  }
  const quoted = phrases.filter(isA('quoted'))
  const [text] = quoted
  if (first?.kind === 'key' && text && (first.key === 'note' || first.key === 'effort' || first.key === 'machine')) {
    if (item[first.key] !== undefined) return []
    item[first.key] = text.text
    return [first, text]
  }
  if (first?.kind === 'key' && first.key === 'cycle') {
    const counts = phrases.filter(isA('reps'))
    if (counts.length !== quoted.length || item.cycle) return []
    item.cycle = counts.map(({ count }, at) => ({ count, name: quoted[at]!.text }))
    return [first, ...counts, ...quoted]
  }
  if (first?.kind === 'dose' && !item.dose?.[first.level]) item.dose = { ...item.dose, [first.level]: first.dose }
  else if (first?.kind === 'takes' && item.takes === undefined) item.takes = first.seconds
  else if (first?.kind === 'byRungs') item.byRungs = true
  else if (first?.kind === 'aimCycles' && item.aimCycles === undefined) item.aimCycles = first.count
  else return []
  return [first]
}

/** "Lap 2, place 3: 0:30 work": what differs; "every second lap: swap work and move": the rules by which it does. */
export function differsIn(
  line: TextLine,
  find: FindName,
): { unit: 'lap' | 'time'; said: Pick<Draft, 'differs' | 'differsBy'>; by: readonly Phrase[] } | undefined {
  const { phrases } = line
  const [first, ...rest] = phrases
  if (first?.kind !== 'at' && first?.kind !== 'every' && first?.kind !== 'by') return undefined
  const way = rest.find(isA('path'))
  const path: Path = way?.path ?? []
  const place = placeOf(phrases, line)
  const by = [first, ...(way ? [way] : [])]
  const { unit } = first
  if (first.kind === 'at') {
    const value = valueIn(rest, line, find)
    if (!value) return undefined
    const { by: told, ...found } = value
    return { unit, said: { differs: [{ path, at: first.count - 1, place, ...found }] }, by: [...by, ...told] }
  }
  const [swap, series] = [rest.find(isA('swap')), rest.find(isA('series'))]
  if (swap) return { unit, said: { differsBy: [{ path, place, rule: { rule: 'exchange', fields: swap.fields } }] }, by: [...by, swap] }
  if (!series) return undefined
  const rule = { rule: 'series' as const, field: series.field, values: series.values }
  return { unit, said: { differsBy: [{ path, place, rule }] }, by: [...by, series] }
}

type Value = Pick<Differs, 'field' | 'value'> & { by: readonly Phrase[] }

/** What a field is at one lap or time. */
function valueIn(phrases: readonly Phrase[], line: TextLine, find: FindName): Value | undefined {
  const [key, quoted, ref] = [phrases.find(isA('key')), phrases.find(isA('quoted')), phrases.find(isA('ref'))]
  if (quoted && key && (key.key === 'effort' || key.key === 'machine')) return { field: key.key, value: quoted.text, by: [key, quoted] }
  if (ref) {
    const value = placeOf([ref], line).text.slice(1)
    return key?.key === 'option' ? { field: 'optionId', value, by: [key, ref] } : { field: 'exerciseId', value, by: [ref] }
  }
  const [reps, counted] = [phrases.find(isA('reps')), phrases.find(isA('counted'))]
  if (reps) {
    const { count, most, open } = reps
    const value = { count, ...(most !== undefined && { most }), ...(open && { open }), counted: counted?.counted ?? 'total' }
    return { field: 'reps', value, by: counted ? [reps, counted] : [reps] }
  }
  for (const phrase of phrases) {
    const found = figureOf(phrase)
    if (found) return { ...found, by: [phrase] }
  }
  const words = wordsIn(phrases, line)
  const named = find(words.map(({ text }) => text))
  if (!named) return undefined
  const by = phrases.filter(({ from, to }) => words.slice(named.from, named.to).some((word) => word.from === from && word.to === to))
  return { field: 'exerciseId', value: named.exercise.id, by }
}

const ofSeconds = {
  work: 'workSeconds',
  gap: 'gapSeconds',
  after: 'setRestSeconds',
  off: 'transitionSeconds',
  cap: 'capSeconds',
  takes: 'seconds',
} as const
const ofCount = { opener: 'openerCount', aim: 'aimRounds' } as const
const isKeyOf = <Table extends object>(table: Table, kind: PropertyKey): kind is keyof Table => kind in table

function figureOf(phrase: Phrase): Pick<Differs, 'field' | 'value'> | undefined {
  const { kind } = phrase
  if (isKeyOf(ofSeconds, kind) && 'seconds' in phrase) return { field: ofSeconds[kind], value: phrase.seconds }
  if (isKeyOf(ofCount, kind) && 'count' in phrase) return { field: ofCount[kind], value: phrase.count }
  if (kind === 'ladder') return { field: 'rungs', value: phrase.rungs }
  if (kind === 'load') return { field: 'load', value: { kilograms: phrase.kilograms } }
  if (kind === 'tempo') return { field: 'tempo', value: { figures: phrase.figures, from: phrase.end } }
  if (kind === 'sides') return { field: 'sides', value: phrase.sides }
  return undefined
}
