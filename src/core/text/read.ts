import { limits } from '../base/limits'
import type { Exercise } from '../library/exercise'
import type { GroupSize } from '../grouping/group-size'
import type { NewId } from '../plan/edit/make'
import type { Plan } from '../plan/plan'
import { fits, isClock, said } from './clock-phrases'
import { isList, type Draft, type Item } from './draft'
import { Heard, placeOf, type InText } from './heard'
import { linesOf, segmentsOf, withoutStart, wordsIn, type Segment, type TextLine } from './lines'
import { exerciseNames, slug, type Named } from './names'
import { isA, type Phrase, type PhraseOf } from './phrase'
import { Pieces } from './pieces'

/** A plan as it was read from a text, and what of the text is not in it. */
export interface TextReading {
  plan: Plan
  /** Who moves, where the text says so. */
  size?: GroupSize
  /** What was not understood; each word of the text is either part of the plan or here. */
  missed: InText[]
  /** Exercises that the hall does not have, under the ids by which the plan keeps them. */
  unknown: (InText & { exerciseId: string })[]
}

/** The longest text that is read, in characters: more than any plan can hold. */
export const longestText = 20_000

/**
 * A class as people write it, read as well as it can be: bullets, numbers, headings and figures in whatever order. What is no
 * exercise of the hall stays as one that is unknown where it can only be an exercise; all else that is not understood is told.
 */
export const readText = (text: string, exercises: readonly Exercise[], newId: NewId): TextReading => new Reader(exercises, newId).read(text)

/** Phrases with which another circuit begins, where one has its exercises already. */
const begins: ReadonlySet<Phrase['kind']> = new Set([
  'work',
  'workOff',
  'countedTimes',
  'stations',
  'exercises',
  'goal',
  'ladder',
  'sets',
  'window',
])

/** What is said of one exercise. */
const details: ReadonlySet<Phrase['kind']> = new Set(['reps', 'time', 'counted', 'load', 'tempo', 'sides'])

/** The shortest that a class is: a shorter time on the first line is of its first piece. */
const shortestSlot = 600

/** Where a stretch of a line stands in it. */
interface Around {
  line: TextLine
  segment: Segment
  /** It is the only one. */
  alone: boolean
  /** Others of the line are exercises of the hall. */
  amongNames: boolean
  /** It begins the line, and figures of the clock follow. */
  titles: boolean
  /** The exercise before it on the line. */
  item: Item | undefined
}

class Reader {
  private readonly find: (words: readonly string[]) => Named | undefined
  private readonly heard = new Heard()
  private readonly pieces: Pieces
  private readonly unknown: TextReading['unknown'] = []
  private draft: Draft | undefined
  /** Where the figures of the circuit stand. */
  private readonly places = new Map<string, InText>()
  /** What stands before the first of several rounds that share it. */
  private shared: Draft | undefined
  /** Under "Station 3", until the next. */
  private atStation: 'first' | 'more' | undefined
  private name: string | undefined
  private slotSeconds: number | undefined
  private size: TextReading['size']

  constructor(
    exercises: readonly Exercise[],
    private readonly newId: NewId,
  ) {
    this.find = exerciseNames(exercises)
    this.pieces = new Pieces(exercises, newId)
  }

  read(text: string): TextReading {
    for (const [index, written] of linesOf(text.slice(0, longestText)).entries()) {
      const line = this.unnumbered(written)
      if (!this.pieces.isFull) this.line(line, index === 0)
      this.heard.close(line)
    }
    this.closePart()
    if (this.pieces.parts.length === 0) {
      this.pieces.circuit({ items: [] })
      this.pieces.close()
    }
    const { name, slotSeconds, size, unknown } = this
    const missed = [...this.heard.missed]
    if (text.length > longestText)
      missed.push({ line: text.slice(0, longestText).split('\n').length - 1, from: 0, to: 0, text: text.slice(longestText) })
    const plan = { id: this.newId(), name: name ?? 'From text', slotSeconds: slotSeconds ?? 3600, parts: this.pieces.parts }
    return { plan, ...(size && { size }), missed, unknown }
  }

  private line(line: TextLine, first: boolean): void {
    const segments = segmentsOf(line)
    if ((first && this.title(line, segments)) || this.restPause(line) || this.timesOfPart(line)) return
    this.makeRoom(line)
    const opening = segments.findIndex(({ phrases }) => phrases.some((phrase) => isClock(phrase) || phrase.kind === 'time'))
    const names = segments.filter(({ phrases }) => this.find(wordsIn(phrases, line).map(({ text }) => text)))
    let item: Item | undefined
    segments.forEach((segment, index) => {
      const titles = index === 0 && opening > 0 && /[,:–—-]/.test(segment.end)
      item = this.segment({ line, segment, alone: segments.length === 1, amongNames: names.length > 1, titles, item }) ?? item
    })
  }

  /** "3 Rope slams" in a list of stations is the third, not three of them. */
  private unnumbered(line: TextLine): TextLine {
    const { draft } = this
    const number = /^(\d{1,2})\s+(?=\p{L})/u.exec(line.text)
    if (!number || this.atStation || !draft?.stations || !draft.work || isList(draft)) return line
    return Number(number[1]) === draft.items.length + 1 ? withoutStart(line, number[0].length) : line
  }

  /** The name of the class, and perhaps its slot, on the first line. */
  private title(line: TextLine, segments: readonly Segment[]): boolean {
    const words = wordsIn(line.phrases, line)
    const times = line.phrases.filter(isA('time'))
    const plain = line.phrases.every(({ kind, ...phrase }) => ['word', 'glue', 'mark', 'time'].includes(kind) && !('each' in phrase))
    if (!plain || line.bullet || words.length === 0 || times.length > 1 || (times[0]?.seconds ?? shortestSlot) < shortestSlot) return false
    if (times.length === 0 && this.find(words.map(({ text }) => text))) return false
    const title = segments[0]!.phrases.filter(({ kind }) => kind !== 'time')
    if (title.length === 0) return false
    this.name = placeOf(title, line).text.slice(0, limits.nameLength)
    if (times[0]) this.slotSeconds = Math.min(times[0].seconds, limits.totalSeconds)
    this.heard.hear(line, ...title, ...times)
    return true
  }

  /** "Rest 2 min" after the exercises of a circuit stands between it and the next. */
  private restPause(line: TextLine): boolean {
    const off = line.phrases.find(isA('off'))
    const only = line.phrases.every(({ kind }) => ['off', 'mark', 'glue'].includes(kind))
    if (!off || !only || off.moves || off.seconds === 0 || (this.draft && this.draft.items.length === 0)) return false
    this.pause('rest', off, line)
    return true
  }

  /** "4 times through with 1 min between:" is about all that follows, up to the next part. */
  private timesOfPart(line: TextLine): boolean {
    const times = line.phrases.find(isA('laps'))
    const between = line.phrases.find(isA('between'))
    const only = line.phrases.every(({ kind }) => ['laps', 'between', 'mark', 'glue'].includes(kind))
    if (!times?.times || !only || !/:\s*$/.test(line.text) || !fits({ laps: times.count, between: between?.seconds ?? 0 })) return false
    this.closePart()
    this.pieces.begin({ repeat: times.count, ...(between && { restBetweenSeconds: between.seconds }) })
    this.heard.hear(line, times, ...(between ? [between] : []))
    return true
  }

  /** A circuit that has its exercises ends where another begins. */
  private makeRoom({ phrases, apart }: TextLine): void {
    const { draft } = this
    if (!draft || draft.items.length === 0) return
    const others = phrases.some(({ kind }) => begins.has(kind))
    const capped = phrases.some(isA('cap')) && (draft.cap !== undefined || !isList(draft))
    const again = phrases.some(isA('laps')) && (draft.laps !== undefined || apart)
    if (others || capped || again) this.closeDraft()
  }

  /** Reads a stretch of a line; answers with the last exercise in it. */
  private segment(around: Around): Item | undefined {
    const { line, segment, item } = around
    const { phrases } = segment
    for (const phrase of phrases) this.heading(phrase, around)
    for (const phrase of phrases) if (isClock(phrase)) this.say(said(phrase), phrase, line)
    const figures = phrases.filter(({ kind }) => details.has(kind))
    if (!phrases.some(isA('word'))) {
      this.tell(figures, item, line)
      return undefined
    }
    const made = this.exercisesIn(around)
    if (made[0]) this.tell(figures, made[0], line)
    // Figures of what is not understood are not of the circuit.
    else if (phrases.some(isClock)) this.tell(figures, undefined, line)
    return made.at(-1)
  }

  private heading(phrase: Phrase, { line, segment }: Around): void {
    if (phrase.kind === 'role' || phrase.kind === 'optional') {
      this.closePart()
      this.pieces.begin(phrase.kind === 'role' ? { role: phrase.role } : { optional: true })
    } else if (phrase.kind === 'label') this.label(phrase, line)
    else if (phrase.kind === 'pause') this.pause(phrase.pause, phrase, line)
    else if (phrase.kind === 'station') {
      this.open()
      this.atStation = 'first'
    } else if (phrase.kind === 'who') this.size = phrase.size
    else if (phrase.kind === 'quoted' && segment.end === ':') this.open().name = phrase.text.slice(0, limits.nameLength)
    else return
    this.heard.hear(line, phrase)
  }

  /** "Round 2" goes on under the same figures; any other label begins a part. */
  private label(label: PhraseOf<'label'>, line: TextLine): void {
    if (label.word !== 'round') {
      this.closePart()
      this.pieces.begin({ name: placeOf([label], line).text.slice(0, limits.nameLength) })
      return
    }
    if (this.draft?.items.length === 0) this.shared = this.draft
    else this.closeDraft()
    if (this.shared) this.draft = { ...this.shared, items: [] }
  }

  /** What a phrase says of the circuit; what stood there before it and is other is not part of the plan. */
  private say(field: Partial<Draft>, phrase: Phrase, line: TextLine): void {
    if (!fits(field)) return this.heard.miss(line, phrase)
    const draft = this.open()
    for (const [key, value] of Object.entries(field)) {
      const [before, place] = [draft[key as keyof Draft], this.places.get(key)]
      if (before !== undefined && place && JSON.stringify(before) !== JSON.stringify(value)) this.heard.missed.push(place)
      this.places.set(key, placeOf([phrase], line))
    }
    Object.assign(draft, field)
    this.heard.hear(line, phrase)
  }

  /** Figures: of the exercise they stand with, else of the whole circuit. */
  private tell(phrases: readonly Phrase[], item: Item | undefined, line: TextLine): void {
    for (const phrase of phrases) {
      if (phrase.kind === 'time' && (phrase.each || !item)) this.say(this.timeOfAll(phrase, line), phrase, line)
      else if (phrase.kind === 'counted' && !item) this.say({ eachSide: true }, phrase, line)
      else if (item && tellItem(item, phrase)) this.heard.hear(line, phrase)
    }
  }

  /** A time that stands alone: what each is worked, how long a list is, or how long all of what a heading names. */
  private timeOfAll({ seconds, each }: PhraseOf<'time'>, { phrases }: TextLine): Partial<Draft> {
    const heads = phrases.some(({ kind }) => kind === 'role' || kind === 'label')
    if (heads && !each && !phrases.some(({ kind }) => kind === 'goal' || kind === 'counted')) return { total: seconds }
    const { goal, cap } = this.open()
    return goal && cap === undefined ? { cap: seconds } : { work: [seconds] }
  }

  /** The exercises that a stretch of words names; what is left of it is told. */
  private exercisesIn(around: Around): Item[] {
    const { line, segment } = around
    const words = wordsIn(segment.phrases, line)
    const items: Item[] = []
    const take = (from: number, to: number, joins: boolean): void => {
      while (from < to && words[from]!.glue) from++
      while (to > from && words[to - 1]!.glue) to--
      if (from >= to) return
      const here = words.slice(from, to)
      if (this.open().items.length >= limits.stations) return this.heard.miss(line, ...here)
      const named = this.find(here.map(({ text }) => text))
      if (named) {
        take(from, from + named.from, joins)
        this.heard.hear(line, ...here.slice(named.from, named.to))
        items.push(this.add({ exerciseId: named.exercise.id, ...(named.optionId && { optionId: named.optionId }) }, joins))
        take(from + named.to, to, false)
        return
      }
      const place = placeOf(here, line)
      const unnamed = items.length === 0 && to === words.length ? this.unnamed(place, around) : undefined
      if (!unnamed) return this.heard.miss(line, ...here)
      this.heard.hear(line, ...here)
      if (unnamed !== 'title') items.push(this.add(unnamed, joins))
    }
    take(0, words.length, segment.joins)
    return items
  }

  /** What words are that name no exercise of the hall: a rest, the name of the circuit, or an exercise that the hall does not have. */
  private unnamed(place: InText, around: Around): Omit<Item, 'joins'> | 'title' | undefined {
    const { text } = place
    if (/^rest$/i.test(text) && this.takesItems()) return { exerciseId: 'rest', rest: true }
    if (around.titles && this.open().name === undefined) {
      this.open().name = text.slice(0, limits.nameLength)
      return 'title'
    }
    if (!this.canOnlyBeExercise(text, around)) return undefined
    const exerciseId = slug(text)
    this.unknown.push({ ...place, exerciseId })
    return { exerciseId }
  }

  private canOnlyBeExercise(text: string, { line, segment, alone, amongNames, item }: Around): boolean {
    const words = text.split(/\s+/).length
    if (line.bullet || segment.phrases.some(isA('reps'))) return true
    if (words > 5) return false
    if (this.atStation) return true
    if (segment.phrases.some(isClock)) return false
    if (alone) return !line.goesOn && this.takesItems()
    return words <= 4 && (item !== undefined || amongNames) && this.wantsMore()
  }

  private add(item: Omit<Item, 'joins'>, joins: boolean): Item {
    const made = { ...item, joins: joins || this.atStation === 'more' }
    if (this.atStation) this.atStation = 'more'
    this.open().items.push(made)
    return made
  }

  /** Whether a line of nothing but words can only be an exercise: the figures are said, or exercises go before it. */
  private takesItems(): boolean {
    const { draft } = this
    return draft !== undefined && (draft.items.length > 0 || draft.work !== undefined || isList(draft))
  }

  private wantsMore(): boolean {
    const { draft } = this
    return draft !== undefined && (draft.stations === undefined || draft.items.length < draft.stations)
  }

  private open(): Draft {
    return (this.draft ??= { items: [] })
  }

  private pause(kind: 'brief' | 'water' | 'swap' | 'rest', phrase: PhraseOf<'pause' | 'off'>, line: TextLine): void {
    if (phrase.seconds > 3600) return this.heard.miss(line, phrase)
    this.closeDraft()
    this.pieces.pause(kind, phrase.seconds)
    this.heard.hear(line, phrase)
  }

  private closeDraft(): void {
    const { draft } = this
    const total = this.places.get('total')
    this.draft = undefined
    this.atStation = undefined
    this.places.clear()
    if (!draft) return
    if (total && (draft.work || isList(draft))) this.heard.missed.push(total)
    this.pieces.circuit(draft)
  }

  private closePart(): void {
    this.closeDraft()
    this.pieces.close()
    this.shared = undefined
  }
}

/** What a phrase says of an exercise; false where it says nothing that one can have. */
function tellItem(item: Item, phrase: Phrase): boolean {
  if (phrase.kind === 'time' && phrase.seconds >= 1 && phrase.seconds <= 3600) item.seconds = phrase.seconds
  else if (phrase.kind === 'counted') item.counted = phrase.counted
  else if (phrase.kind === 'load' && phrase.kilograms > 0 && phrase.kilograms <= 500) item.load = { kilograms: phrase.kilograms }
  else if (phrase.kind === 'tempo' && phrase.figures.every((figure) => figure <= 60))
    item.tempo = { figures: phrase.figures, from: phrase.end }
  else if (phrase.kind === 'sides') item.sides = phrase.sides
  else if (phrase.kind === 'reps') {
    const { count, most, open } = phrase
    if (count < 1 || Math.max(count, most ?? 0) > limits.reps || (most !== undefined && most <= count)) return false
    item.reps = { count, ...(most !== undefined && { most }), ...(open && { open }) }
  } else return false
  return true
}
