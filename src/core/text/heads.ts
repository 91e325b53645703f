import { limits } from '../base/limits'
import type { Part } from '../plan/plan'
import { unfit } from './clock-phrases'
import { placeOf } from './heard'
import { segmentsOf, wordsIn, type TextLine } from './lines'
import type { FindName } from './names'
import { isA, type Phrase } from './phrase'

/** What a line says as a whole, and which of its phrases say it. */
interface Told<What> {
  said: What
  by: readonly Phrase[]
}

/** The shortest that a class is: a shorter time on the first line is of its first piece. */
const shortestSlot = 600

const weekday = /^\s*(mon|tue|wed|thu|fri|sat|sun)\p{L}*\b/iu

/** Phrases with which a circuit begins, or another where one has its exercises already. */
export const beginsCircuit = new Set<Phrase['kind']>([
  ...(['work', 'workOff', 'countedTimes', 'stations', 'exercises', 'goal', 'everyWindow', 'ladder', 'sets', 'window'] as const),
])

/** With which any piece begins, or a part. */
const opening = new Set<Phrase['kind']>([...beginsCircuit, 'pause', 'role', 'label', 'part'])

/** Whether a line stands by itself: what comes after it is no exercise under it. */
const standsAlone = (next: TextLine | undefined, ...before: Phrase['kind'][]): boolean =>
  next === undefined || (!next.goesOn && (next.apart || next.phrases.some(({ kind }) => opening.has(kind) || before.includes(kind))))

/** Words that say of a time that it is the class's. */
const ofSlot = /^(?:class|slot|session|total|time|duration|length|long|in|all)$/iu

/** "45 min", "Total: 45 min", "1 hour class, in pairs": the slot, on a line before the first piece. */
export function slotOf(line: TextLine, next: TextLine | undefined): Told<{ slotSeconds: number }> | undefined {
  const { phrases } = line
  const [time, another] = phrases.filter(isA('time'))
  if (!time || another || time.each || time.seconds < shortestSlot) return undefined
  // "18:00" may be the time of day.
  if (!/[\p{L}'′]/u.test(placeOf([time], line).text)) return undefined
  const words = phrases.filter(isA('word'))
  const inSlot = new Set<Phrase['kind']>(['word', 'glue', 'mark', 'time', 'people', 'who'])
  if (line.bullet || !phrases.every(({ kind }) => inSlot.has(kind)) || !words.every(({ text }) => ofSlot.test(text))) return undefined
  if (words.length === 0 && (line.goesOn || !standsAlone(next, 'laps', 'who', 'people'))) return undefined
  return { said: { slotSeconds: Math.min(time.seconds, limits.totalSeconds) }, by: [time, ...words] }
}

/**
 * The name of the class, and perhaps its slot, on the first line. A name with a number ("Week 3", "Full Body 45") is one where no
 * exercise is called so, and where something else begins on the line after it.
 */
export function titleOf(
  line: TextLine,
  next: TextLine | undefined,
  find: FindName,
): Told<{ name: string; slotSeconds?: number }> | undefined {
  const { phrases } = line
  const times = phrases.filter(isA('time'))
  // "Over 60s, 45 min": the last that can be a slot is one.
  const time = times.findLast(({ seconds }) => seconds >= shortestSlot) ?? times.at(-1)
  const others = times.filter((other) => other !== time && other.seconds >= shortestSlot)
  const [exact] = phrases
  if (exact?.kind === 'quoted' && time && phrases.length === 3)
    return { said: { name: exact.text, slotSeconds: time.seconds }, by: [exact, time] }
  const words = wordsIn(phrases, line).map(({ text }) => text)
  const onDay = weekday.test(line.text)
  const apart = next !== undefined && (standsAlone(next) || slotOf(next, undefined) !== undefined)
  const numbered = onDay || (apart && find(words) === undefined)
  const inTitle = new Set<Phrase['kind']>(['word', 'glue', 'mark', 'time', ...(numbered ? (['reps'] as const) : [])])
  const plain = phrases.every((phrase) => inTitle.has(phrase.kind) && !('each' in phrase))
  const isDay = onDay && (!time || time.seconds < shortestSlot)
  if (!plain || line.bullet || words.length === 0 || others.length > 0 || (time && time.seconds < shortestSlot && !isDay)) return undefined
  if (!time && !isDay && find(words)) return undefined
  // An hour is not parted at its dot.
  const title = isDay ? phrases : segmentsOf(line)[0]!.phrases.filter((phrase) => phrase !== time)
  const name = title.length === 0 ? '' : placeOf(title, line).text
  if (name === '' || name.length > limits.nameLength) return undefined
  return {
    said: { name, ...(time && !isDay && { slotSeconds: Math.min(time.seconds, limits.totalSeconds) }) },
    by: [...title, ...(time ? [time] : [])],
  }
}

/** Of what a line consists that is about all that follows. */
const inHeads = new Set<Phrase['kind']>(['part', 'role', 'label', 'quoted', 'laps', 'between', 'optional', 'mark', 'glue'])

/** "4 times through with 1 min between:", "Warm-up:", "If there is time:" are about all that follows, up to the next part. */
export function partHeadOf(
  line: TextLine,
): Told<Partial<Pick<Part, 'name' | 'role' | 'optional' | 'repeat' | 'restBetweenSeconds'>>> | undefined {
  const { phrases } = line
  const [times, between, name] = [phrases.find(isA('laps')), phrases.find(isA('between')), phrases.find(isA('quoted'))]
  const [role, label, part] = [phrases.find(isA('role')), phrases.find(isA('label')), phrases.find(isA('part'))]
  const optional = phrases.find(isA('optional'))
  if (!phrases.every(({ kind }) => inHeads.has(kind)) || !/:\s*$/.test(line.text)) return undefined
  if (label?.word === 'round' || (times && !times.times)) return undefined
  if (!times && !role && !label && !optional && !part) return undefined
  if (unfit({ laps: times?.count ?? 1, between: between?.seconds ?? 0 }) !== undefined) return undefined
  const called = name?.text ?? (label && placeOf([label], line).text)
  if (called !== undefined && called.length > limits.nameLength) return undefined
  return {
    said: {
      ...(called !== undefined && { name: called }),
      ...(role && { role: role.role }),
      ...(optional && { optional: true }),
      ...(times && { repeat: times.count }),
      ...(between && { restBetweenSeconds: between.seconds }),
    },
    by: [times, between, name ?? label, role, part, optional].filter((phrase) => phrase !== undefined),
  }
}
