import { limits } from '../base/limits'
import { exercisesById } from '../library/by-id'
import type { Exercise } from '../library/exercise'
import { isClock } from './clock-phrases'
import type { Draft, Item } from './draft'
import { idsOf } from './exact'
import { placeOf, type Heard, type InText, type Miss } from './heard'
import { wordsIn, type Segment, type TextLine } from './lines'
import { exerciseNames, slug, type FindName } from './names'
import { isA, isOfItem, type PhraseOf } from './phrase'
import type { Telling } from './telling'

/** An exercise that the hall does not have, by the name that the text has for it and the id by which the plan keeps it. */
export interface Unknown extends InText {
  name: string
  exerciseId: string
}

/** Where a stretch of a line stands in it. */
export interface Around {
  line: TextLine
  segment: Segment
  /** It is the only one. */
  alone: boolean
  /** Others of the line are exercises of the hall. */
  amongNames: boolean
  /** It begins the line, and figures of the clock follow. */
  titles: boolean
  /** The line tells of the clock, and names no exercise of the hall. */
  ofClock: boolean
  /** The exercise before it on the line. */
  item: Item | undefined
}

/** Finds out which exercises words name, and which of them the hall does not have. */
export class Naming {
  readonly unknown: Unknown[] = []
  private readonly find: FindName
  private readonly has: (exerciseId: string) => boolean
  /** The line that last named any, of which circuit, and how many. */
  private last: { line: number; of: Draft | undefined; count: number } = { line: -1, of: undefined, count: 0 }

  constructor(
    exercises: readonly Exercise[],
    private readonly heard: Heard,
    private readonly telling: Telling,
  ) {
    this.find = exerciseNames(exercises)
    const known = exercisesById(exercises)
    this.has = (exerciseId) => known.has(exerciseId)
  }

  /** The exercise of a name that stands for itself. */
  exercise(name: PhraseOf<'quoted' | 'ref'>, line: TextLine, joins: boolean): Item {
    const ids = idsOf(name, line, this.find)
    const { exerciseId } = ids
    if (!this.has(exerciseId)) {
      const place = placeOf([name], line)
      this.unknown.push({ ...place, name: name.kind === 'quoted' ? name.text : place.text.slice(1), exerciseId })
    }
    this.heard.hear(line, name)
    return this.add(ids, joins, line)
  }

  private add(item: Omit<Item, 'joins'>, joins: boolean, { number }: TextLine): Item {
    const made = this.telling.add(item, joins)
    const isSame = this.last.line === number && this.last.of === this.telling.now
    this.last = { line: number, of: this.telling.now, count: isSame ? this.last.count + 1 : 1 }
    return made
  }

  /** The exercises stand on one line: another line of words goes on with something else. */
  private endedInline(): boolean {
    return this.last.count > 1 && this.last.of === this.telling.now
  }

  /** The exercises that a stretch of words names; what is left of it is told. */
  exercisesIn(around: Around): Item[] {
    const { line, segment } = around
    const words = wordsIn(segment.phrases, line)
    const items: Item[] = []
    const take = (from: number, to: number, joins: boolean): void => {
      while (from < to && words[from]!.glue) from++
      while (to > from && words[to - 1]!.glue) to--
      if (from >= to) return
      const here = words.slice(from, to)
      const place = placeOf(here, line)
      if (this.telling.open().items.length >= limits.stations) {
        this.heard.hear(line, ...here)
        return this.heard.refuse(place, `at most ${limits.stations} places`)
      }
      const whole = items.length === 0 && to === words.length
      const heads = around.titles && segment.end === ':'
      // "Arms: dips, curls" is no exercise called arms.
      const named = whole && heads && around.amongNames ? undefined : this.find(here.map(({ text }) => text))
      if (named) {
        take(from, from + named.from, joins)
        this.heard.hear(line, ...here.slice(named.from, named.to))
        items.push(this.add({ exerciseId: named.exercise.id, ...(named.optionId && { optionId: named.optionId }) }, joins, line))
        take(from + named.to, to, false)
        return
      }
      const titles = heads || (around.titles && !segment.phrases.some(isOfItem))
      if (whole && titles && this.telling.now?.name === undefined) return this.telling.say({ name: place.text }, here, line)
      const unnamed = whole && !heads ? this.unnamed(place, around) : undefined
      if (!unnamed) return this.heard.miss(line, here, this.expected(around, whole ? undefined : placeOf(words, line)))
      this.heard.hear(line, ...here)
      items.push(this.add(unnamed, joins, line))
    }
    take(0, words.length, segment.joins)
    return items
  }

  /** What words are that name no exercise of the hall: a rest, or an exercise that the hall does not have. */
  private unnamed(place: InText, around: Around): Omit<Item, 'joins'> | undefined {
    const { text } = place
    if (/^rest$/i.test(text) && this.telling.takesItems()) return { exerciseId: 'rest', rest: true }
    if (!this.canOnlyBeExercise(text, around)) return undefined
    const exerciseId = slug(text)
    this.unknown.push({ ...place, name: text, exerciseId })
    return { exerciseId }
  }

  /** What could stand where words are that say nothing, by themselves or among those of an exercise. */
  private expected({ line }: Around, among: InText | undefined): Pick<Miss, 'expected' | 'among'> {
    if (among) return { expected: 'reps, a load, a tempo or a side', among }
    if (line.phrases.some(isClock)) return { expected: 'a figure with what it is, as 40 on or 3 laps' }
    return { expected: this.telling.takesItems() ? 'an exercise' : 'first how it is worked, as 8 stations, 40 on' }
  }

  private canOnlyBeExercise(text: string, { line, segment, alone, amongNames, ofClock, item }: Around): boolean {
    const words = text.split(/\s+/).length
    if (line.bullet) return item === undefined || segment.joins || segment.phrases.some(isA('reps'))
    if (ofClock) return false
    if (segment.phrases.some(isA('reps'))) return true
    if (words > 5) return false
    if (this.telling.atStation) return true
    if (segment.phrases.some(isClock)) return false
    if (alone) return !line.goesOn && this.telling.takesItems() && !this.endedInline()
    return words <= 4 && (item !== undefined || amongNames) && this.telling.wantsMore()
  }
}
