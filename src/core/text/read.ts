import { limits } from '../base/limits'
import type { Exercise } from '../library/exercise'
import type { GroupSize } from '../grouping/group-size'
import type { NewId } from '../plan/edit/make'
import type { Plan } from '../plan/plan'
import { isClock, said, unfit } from './clock-phrases'
import { isList, type Differs, type Draft, type Item, type Place } from './draft'
import { Heard, placeOf, type InText } from './heard'
import { linesOf, segmentsOf, withoutStart, wordsIn, type Segment, type TextLine } from './lines'
import { exerciseNames, slug, type Named } from './names'
import { isA, type Path, type Phrase, type PhraseOf } from './phrase'
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
  private atStation = false
  /** The circuit whose other wave is being told. */
  private host: Draft | undefined
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
    if (text.length > longestText) missed.push(tooLong(text))
    const plan = { id: this.newId(), name: name ?? 'From text', slotSeconds: slotSeconds ?? 3600, parts: this.pieces.parts }
    return { plan, ...(size && { size }), missed, unknown }
  }

  private line(line: TextLine, first: boolean): void {
    const segments = segmentsOf(line)
    if (first && this.title(line, segments)) return
    if (this.partHead(line) || this.differs(line) || this.emptyPlace(line) || this.restPause(line)) return
    if (line.phrases[0]?.kind === 'meanwhile') this.otherWave(line)
    else this.makeRoom(line)
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
    // "3 stations" is no third.
    if (
      !number ||
      (line.phrases[0]?.kind !== 'reps' && line.phrases[0]?.kind !== 'off') ||
      line.bullet ||
      this.atStation ||
      !draft?.stations ||
      !draft.work ||
      isList(draft)
    )
      return line
    return Number(number[1]) === places(draft) + 1 ? withoutStart(line, number[0].length) : line
  }

  /** The name of the class, and perhaps its slot, on the first line. */
  private title(line: TextLine, segments: readonly Segment[]): boolean {
    const words = wordsIn(line.phrases, line)
    const times = line.phrases.filter(isA('time'))
    const [exact] = line.phrases
    if (exact?.kind === 'quoted' && times.length === 1 && line.phrases.length === 3) {
      this.name = exact.text
      this.slotSeconds = times[0]!.seconds
      this.heard.hear(line, exact, times[0]!)
      return true
    }
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

  /** "4 times through with 1 min between:", "Warm-up:", "If there is time:" are about all that follows, up to the next part. */
  private partHead(line: TextLine): boolean {
    const { phrases } = line
    const [times, between, name] = [phrases.find(isA('laps')), phrases.find(isA('between')), phrases.find(isA('quoted'))]
    const [role, label] = [phrases.find(isA('role')), phrases.find(isA('label'))]
    const optional = phrases.some(isA('optional'))
    const only = phrases.every(({ kind }) =>
      ['part', 'role', 'label', 'quoted', 'laps', 'between', 'optional', 'mark', 'glue'].includes(kind),
    )
    if (!only || !/:\s*$/.test(line.text) || label?.word === 'round' || (times && !times.times)) return false
    if (!times && !role && !label && !optional && !phrases.some(isA('part'))) return false
    if (unfit({ laps: times?.count ?? 1, between: between?.seconds ?? 0 }) !== undefined) return false
    const said = name?.text ?? (label && placeOf([label], line).text)
    this.closePart()
    this.pieces.begin({
      ...(said !== undefined && { name: said.slice(0, limits.nameLength) }),
      ...(role && { role: role.role }),
      ...(optional && { optional }),
      ...(times && { repeat: times.count }),
      ...(between && { restBetweenSeconds: between.seconds }),
    })
    this.heard.hear(line, ...phrases)
    return true
  }

  /** "Lap 2, place 3: 0:30 work": what differs, and the rules by which it does. */
  private differs(line: TextLine): boolean {
    const [first] = line.phrases
    if (first?.kind !== 'at' && first?.kind !== 'every' && first?.kind !== 'by') return false
    const path = line.phrases.find(isA('path'))?.path ?? []
    const said: Pick<Draft, 'differs' | 'differsBy'> | undefined =
      first.kind === 'at' ? this.differsAt(line, path, first.count - 1) : ruleIn(line.phrases, path)
    if (!said) return false
    if (first.unit === 'time') this.pieces.differ(said)
    else {
      const draft = this.open()
      draft.differs = [...(draft.differs ?? []), ...(said.differs ?? [])]
      draft.differsBy = [...(draft.differsBy ?? []), ...(said.differsBy ?? [])]
    }
    this.heard.hear(line, ...line.phrases)
    return true
  }

  private differsAt(line: TextLine, path: Path, at: number): Pick<Draft, 'differs'> | undefined {
    const words = wordsIn(line.phrases, line)
    const named = this.find(words.map(({ text }) => text))
    const found = valueIn(line.phrases, line) ?? (named && ({ field: 'exerciseId', value: named.exercise.id } as const))
    return found && { differs: [{ path, at, ...found }] }
  }

  /** "3. –": a place at which nothing is done yet. */
  private emptyPlace(line: TextLine): boolean {
    const dashes = line.phrases.filter((phrase) => phrase.kind === 'mark' && /^[-–—]$/.test(phrase.text))
    if (!line.bullet || !this.draft || dashes.length !== 1 || line.phrases[0] !== dashes[0]) return false
    this.add({ exerciseId: '', empty: true }, false)
    return line.phrases.length === 1
  }

  /** What follows is done by the wave that waits. */
  private otherWave(line: TextLine): void {
    this.host = this.draft
    this.draft = { items: [] }
    this.atStation = false
    this.places.clear()
    this.heard.hear(line, line.phrases[0]!)
  }

  /** A circuit that has its exercises ends where another begins. */
  private makeRoom({ phrases, apart }: TextLine): void {
    const { draft } = this
    // A station's own figures begin nothing.
    if (!draft || draft.items.length === 0 || phrases.some(isA('own'))) return
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
    if (this.placeSaid(around)) return item
    for (const phrase of phrases) if (isClock(phrase)) this.say(said(phrase), phrase, line)
    const exact = this.exactly(around)
    if (exact) return exact
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
      this.closeDraft()
      this.shared = undefined
      this.pieces.begin(phrase.kind === 'role' ? { role: phrase.role } : { optional: true })
    } else if (phrase.kind === 'label') this.label(phrase, line)
    else if (phrase.kind === 'pause') this.pause(phrase.pause, phrase, line)
    else if (phrase.kind === 'station') {
      this.atStation = false
      this.add({ exerciseId: '', empty: true }, false)
      this.atStation = true
    } else if (phrase.kind === 'who') this.size = phrase.size
    else if (phrase.kind === 'quoted' && segment.end === ':' && !segment.aside && segment.phrases.length === 1)
      this.open().name = phrase.text.slice(0, limits.nameLength)
    else return
    this.heard.hear(line, phrase)
  }

  /** What is said of a place: in brackets after it, or after "Station 3". */
  private placeSaid({ line, segment }: Around): boolean {
    const { phrases } = segment
    const [first] = phrases
    if (!segment.aside || !first) return false
    const head = this.open().items.findLast(({ joins }) => !joins)
    if (!head) return false
    const place: Place = (head.place ??= {})
    const ref = phrases.find(isA('ref'))
    if (first.kind === 'quoted') place.name = first.text
    else if (first.kind === 'span') place.span = first.count
    else if (first.kind === 'atMost') place.capacity = first.count
    else if (first.kind === 'skip') place.skipLaps = first.laps.map((lap) => lap - 1)
    else if (first.kind === 'key' && first.key === 'spot' && ref) place.spotId = placeOf([ref], line).text.slice(1)
    else if (first.kind === 'own') place.own = Object.assign(place.own ?? { items: [] }, ...phrases.filter(isClock).map(said))
    else return false
    this.heard.hear(line, ...phrases)
    return true
  }

  /** Exercises and details that are written so that they read back exactly; answers with the exercise that they are of. */
  private exactly({ line, segment, item }: Around): Item | undefined {
    // What is in quotes there is the name of the pause.
    if (line.phrases.some(isA('pause'))) return undefined
    const { phrases } = segment
    const [first, second] = phrases
    const key = phrases.find(isA('key'))
    const quoted = phrases.find(isA('quoted'))
    if (key && (key.key === 'told' || key.key === 'way') && quoted) {
      this.open()[key.key] = quoted.text
      this.heard.hear(line, key, quoted)
      return item
    }
    const name = phrases.find((phrase) => phrase.kind === 'ref' || phrase.kind === 'quoted')
    if (item && first && (first.kind === 'or' || key || exactDetails.has(first.kind))) {
      if (first.kind === 'or' && second && name) {
        const load = phrases.find(isA('load'))
        item.alternatives = [
          ...(item.alternatives ?? []),
          { ...this.idsOf(name, line), ...(load && { load: { kilograms: load.kilograms } }) },
        ]
      } else tellExactly(item, phrases)
      this.heard.hear(line, ...phrases)
      return item
    }
    if (!name || key || phrases.some(isA('word')) || segment.end === ':') return undefined
    const made = this.add(this.idsOf(name, line), segment.joins)
    this.heard.hear(line, name)
    this.tell(
      phrases.filter(({ kind }) => details.has(kind)),
      made,
      line,
    )
    return made
  }

  /** The exercise of "#id", "#id/option", or of a name in quotes. */
  private idsOf(name: Phrase, line: TextLine): Pick<Item, 'exerciseId' | 'optionId'> {
    if (name.kind === 'quoted') {
      const found = this.find([name.text])
      return found
        ? { exerciseId: found.exercise.id, ...(found.optionId && { optionId: found.optionId }) }
        : { exerciseId: slug(name.text) }
    }
    const [exerciseId, optionId] = placeOf([name], line).text.slice(1).split('/') as [string, string | undefined]
    return { exerciseId, ...(optionId !== undefined && { optionId }) }
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
    this.heard.hear(line, phrase)
    const why = unfit(field)
    if (why !== undefined) return this.heard.refuse(placeOf([phrase], line), why)
    const draft = this.open()
    for (const [key, value] of Object.entries(field)) {
      const [before, place] = [draft[key as keyof Draft], this.places.get(key)]
      if (before !== undefined && place && JSON.stringify(before) !== JSON.stringify(value))
        this.heard.refuse(place, 'said otherwise later')
      this.places.set(key, placeOf([phrase], line))
    }
    Object.assign(draft, field)
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
    const made = { ...item, joins: joins || this.atStation }
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
    return draft !== undefined && (draft.stations === undefined || places(draft) < draft.stations)
  }

  private open(): Draft {
    return (this.draft ??= { items: [] })
  }

  private pause(kind: 'brief' | 'water' | 'swap' | 'rest', phrase: PhraseOf<'pause' | 'off'>, line: TextLine): void {
    this.heard.hear(line, phrase)
    if (phrase.seconds > 3600) return this.heard.refuse(placeOf([phrase], line), 'at most an hour')
    this.closeDraft()
    const quoted = line.phrases.filter(isA('quoted'))
    const noted = line.phrases.some((known) => known.kind === 'key' && known.key === 'note')
    const [note, name] = noted ? [quoted.at(-1), quoted.at(-2)] : [undefined, quoted[0]]
    this.pieces.pause({ kind, seconds: phrase.seconds, ...(name && { name: name.text }), ...(note && { note: note.text }) })
    if (quoted.length > 0) this.heard.hear(line, ...line.phrases)
  }

  private closeDraft(): void {
    const { draft } = this
    const total = this.places.get('total')
    this.draft = undefined
    this.atStation = false
    this.places.clear()
    if (!draft) return
    if (this.host) {
      const { host } = this
      this.host = undefined
      this.draft = { ...host, meanwhile: draft }
      return this.closeDraft()
    }
    if (total && (draft.work || isList(draft))) this.heard.refuse(total, 'its figures say how long it is')
    this.pieces.circuit(draft)
  }

  private closePart(): void {
    this.closeDraft()
    this.pieces.close()
    this.shared = undefined
  }
}

/** How many places a circuit has so far. */
const places = ({ items }: Draft): number => items.filter(({ joins }) => !joins).length

/** Details with words of their own, and no other. */
const exactDetails: ReadonlySet<Phrase['kind']> = new Set(['dose', 'takes', 'byRungs', 'aimCycles'])

function tellExactly(item: Item, phrases: readonly Phrase[]): void {
  const key = phrases.find(isA('key'))?.key
  const texts = phrases.filter(isA('quoted')).map(({ text }) => text)
  if (key === 'note' || key === 'effort' || key === 'machine') item[key] = texts[0]!
  else if (key === 'cycle') item.cycle = phrases.filter(isA('reps')).map(({ count }, at) => ({ count, name: texts[at]! }))
  for (const phrase of phrases)
    if (phrase.kind === 'dose') item.dose = { ...item.dose, [phrase.level]: phrase.dose }
    else if (phrase.kind === 'takes') item.takes = phrase.seconds
    else if (phrase.kind === 'byRungs') item.byRungs = true
    else if (phrase.kind === 'aimCycles') item.aimCycles = phrase.count
}

/** "swap work and gap", "so many reps 18 15 12". */
function ruleIn(phrases: readonly Phrase[], path: Path): Pick<Draft, 'differsBy'> | undefined {
  const [swap, series] = [phrases.find(isA('swap')), phrases.find(isA('series'))]
  if (swap) return { differsBy: [{ path, rule: { rule: 'exchange', fields: swap.fields } }] }
  return series && { differsBy: [{ path, rule: { rule: 'series', field: series.field, values: series.values } }] }
}

/** What a field is at one lap or time. */
function valueIn(phrases: readonly Phrase[], line: TextLine): Pick<Differs, 'field' | 'value'> | undefined {
  const counted = phrases.find(isA('counted'))?.counted ?? 'total'
  const key = phrases.find(isA('key'))?.key
  const quoted = phrases.find(isA('quoted'))
  if (quoted && (key === 'effort' || key === 'machine')) return { field: key, value: quoted.text }
  for (const phrase of phrases) {
    if (phrase.kind === 'ref') return { field: key === 'option' ? 'optionId' : 'exerciseId', value: placeOf([phrase], line).text.slice(1) }
    if (phrase.kind === 'work') return { field: 'workSeconds', value: phrase.seconds }
    if (phrase.kind === 'gap') return { field: 'gapSeconds', value: phrase.seconds }
    if (phrase.kind === 'after') return { field: 'setRestSeconds', value: phrase.seconds }
    if (phrase.kind === 'off') return { field: 'transitionSeconds', value: phrase.seconds }
    if (phrase.kind === 'cap') return { field: 'capSeconds', value: phrase.seconds }
    if (phrase.kind === 'opener') return { field: 'openerCount', value: phrase.count }
    if (phrase.kind === 'ladder') return { field: 'rungs', value: phrase.rungs }
    if (phrase.kind === 'aim') return { field: 'aimRounds', value: phrase.count }
    if (phrase.kind === 'takes') return { field: 'seconds', value: phrase.seconds }
    if (phrase.kind === 'load') return { field: 'load', value: { kilograms: phrase.kilograms } }
    if (phrase.kind === 'tempo') return { field: 'tempo', value: { figures: phrase.figures, from: phrase.end } }
    if (phrase.kind === 'sides') return { field: 'sides', value: phrase.sides }
    if (phrase.kind === 'reps') {
      const { count, most, open } = phrase
      return { field: 'reps', value: { count, ...(most !== undefined && { most }), ...(open && { open }), counted } }
    }
  }
  return undefined
}

const tooLong = (text: string): InText => ({
  line: text.slice(0, longestText).split('\n').length - 1,
  from: 0,
  to: 0,
  text: text.slice(longestText),
  why: `only the first ${longestText.toLocaleString('en')} characters are read`,
})

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
