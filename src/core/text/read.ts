import { sortBy } from 'es-toolkit'
import { limits } from '../base/limits'
import type { Exercise } from '../library/exercise'
import type { GroupSize } from '../grouping/group-size'
import type { NewId } from '../plan/edit/make'
import type { Pause, Plan } from '../plan/plan'
import { isClock, said } from './clock-phrases'
import { emptyDraft, isList, placesOf, type Draft, type Item } from './draft'
import { differsIn, exactName, tellItemExactly, tellPlace } from './exact'
import { beginsCircuit, partHeadOf, slotOf, titleOf } from './heads'
import { Heard, placeOf, type InText, type Miss } from './heard'
import { tellItem } from './item-figures'
import { countingIn, linesOf, segmentsOf, withoutStart, wordsIn, type TextLine } from './lines'
import { exerciseNames, type FindName } from './names'
import { Naming, type Around, type Unknown } from './naming'
import { isA, isOfItem, type Phrase, type PhraseOf } from './phrase'
import { Pieces } from './pieces'
import { Telling } from './telling'

/** A plan as it was read from a text, and what of the text is not in it. */
export interface TextReading {
  plan: Plan
  /** Who moves, where the text says so. */
  size?: GroupSize
  /** How many come, where it says so. */
  people?: number
  /** What was not understood; each word of the text is either part of the plan or here. */
  missed: Miss[]
  unknown: Unknown[]
}

/** The longest text that is read, in characters: more than any plan can hold. */
export const longestText = 20_000

/**
 * A class as people write it, read as well as it can be: bullets, numbers, headings and figures in whatever order. What is no
 * exercise of the hall stays as one that is unknown where it can only be an exercise; all else that is not understood is told.
 */
export const readText = (text: string, exercises: readonly Exercise[], newId: NewId): TextReading => new Reader(exercises, newId).read(text)

class Reader {
  private readonly find: FindName
  private readonly heard = new Heard()
  private readonly pieces: Pieces
  private readonly telling: Telling
  private readonly naming: Naming
  private title: { name: string; slotSeconds?: number } = { name: 'From text' }
  /** No piece has begun yet. */
  private beforePieces = true
  private people: { count: number; place: InText } | undefined
  private size: { said: GroupSize; place: InText } | undefined

  constructor(
    exercises: readonly Exercise[],
    private readonly newId: NewId,
  ) {
    this.find = exerciseNames(exercises)
    this.pieces = new Pieces({ exercises, newId, refuse: (place, why) => this.heard.refuse(place, why) })
    this.telling = new Telling(this.pieces, this.heard)
    this.naming = new Naming(exercises, this.heard, this.telling)
  }

  read(text: string): TextReading {
    const lines = linesOf(text.slice(0, longestText))
    for (const [index, written] of lines.entries()) {
      const line = this.unnumbered(written)
      if (!this.pieces.isFull) this.line(line, index === 0, lines[index + 1])
      this.heard.close(line)
    }
    this.telling.close()
    this.pieces.close()
    if (this.pieces.parts.length === 0) {
      this.pieces.circuit(emptyDraft())
      this.pieces.close()
    }
    const { size, title, people } = this
    const missed = [...(text.length > longestText ? [tooLong(text)] : []), ...sortBy(this.heard.missed, ['line', 'from'])]
    const plan: Plan = { id: this.newId(), slotSeconds: 3600, ...title, parts: this.pieces.parts }
    return {
      plan,
      ...(size && { size: size.said }),
      ...(people && { people: people.count }),
      missed,
      unknown: this.naming.unknown,
    }
  }

  private line(line: TextLine, first: boolean, next: TextLine | undefined): void {
    const slot = this.beforePieces && this.title.slotSeconds === undefined ? slotOf(line, next) : undefined
    if (slot) {
      this.title = { ...this.title, ...slot.said }
      this.heard.hear(line, ...slot.by)
      return this.segments({ ...line, phrases: line.phrases.filter((phrase) => isA('who')(phrase) || isA('people')(phrase)) })
    }
    const title = first ? titleOf(line, next, this.find) : undefined
    if (title) {
      this.title = title.said
      return this.heard.hear(line, ...title.by)
    }
    this.beforePieces &&= line.phrases.every(({ kind }) => ['who', 'people', 'mark', 'glue'].includes(kind))
    if (this.wholeLine(line)) return
    if (line.phrases[0]?.kind === 'meanwhile') {
      this.telling.otherWave()
      this.heard.hear(line, line.phrases[0])
    } else this.makeRoom(line)
    this.segments(line)
  }

  /** A line that says one thing as a whole: a part begins, a lap differs, a place is empty, all rest. */
  private wholeLine(line: TextLine): boolean {
    const head = partHeadOf(line)
    if (head) {
      const place = placeOf(line.phrases, line)
      if (line.phrases.some(isA('label'))) this.telling.block(head.said, place)
      else this.telling.part(head.said, place, true)
      this.heard.hear(line, ...head.by)
      return true
    }
    const differs = differsIn(line, this.find)
    if (differs) {
      this.differ(differs.unit, differs.said)
      this.heard.hear(line, ...differs.by)
      return true
    }
    return this.emptyPlace(line) || this.restPause(line)
  }

  private differ(unit: 'lap' | 'time', said: Pick<Draft, 'differs' | 'differsBy'>): void {
    if (unit === 'time') return this.pieces.differ(said)
    const draft = this.telling.open()
    draft.differs = [...(draft.differs ?? []), ...(said.differs ?? [])]
    draft.differsBy = [...(draft.differsBy ?? []), ...(said.differsBy ?? [])]
  }

  /** "3. –": a place at which nothing is done yet. */
  private emptyPlace({ bullet, phrases }: TextLine): boolean {
    const [first, ...others] = phrases
    if (!bullet || !this.telling.now || first?.kind !== 'mark' || !/^[-–—]$/.test(first.text)) return false
    this.telling.add({ exerciseId: '', empty: true })
    return others.length === 0
  }

  /** "Rest 2 min" after the exercises of a circuit stands between it and the next. */
  private restPause(line: TextLine): boolean {
    const off = line.phrases.find(isA('off'))
    const only = line.phrases.every(({ kind }) => ['off', 'mark', 'glue'].includes(kind))
    if (!off || !only || off.moves || off.seconds === 0 || this.telling.now?.items.length === 0) return false
    this.pause('rest', off, line)
    return true
  }

  /** "3 Rope slams" in a list of stations is the third, not three of them; "3 stations" is no third. */
  private unnumbered(line: TextLine): TextLine {
    const { now, atStation } = this.telling
    const number = /^(\d{1,2})\s+(?=\p{L})/u.exec(line.text)
    const kind = line.phrases[0]?.kind
    if (!number || line.bullet || atStation || this.countingIn(line).length > 0 || (kind !== 'reps' && kind !== 'off')) return line
    const numbered = now?.stations !== undefined && now.work !== undefined && !isList(now)
    return numbered && Number(number[1]) === placesOf(now) + 1 ? withoutStart(line, number[0].length) : line
  }

  /** Of a list they are reps. */
  private countingIn(line: TextLine): Phrase[] {
    const { now } = this.telling
    return now && isList(now) ? [] : countingIn(line)
  }

  /** A circuit that has its exercises ends where another begins. */
  private makeRoom({ phrases, apart, bullet }: TextLine): void {
    const { now } = this.telling
    // A station's own figures begin nothing.
    if (!now || phrases.some(isA('own'))) return
    if (now.items.length === 0) {
      // A heading with its length, and nothing under it.
      if (now.total !== undefined && phrases.some(({ kind }) => beginsCircuit.has(kind))) this.telling.end()
      return
    }
    const others = phrases.some((phrase) => beginsCircuit.has(phrase.kind) && !this.belongs(phrase, bullet))
    const capped = phrases.some(isA('cap')) && (now.cap !== undefined || !isList(now))
    const again = phrases.some(isA('laps')) && (now.laps !== undefined || apart)
    if (others || capped || again) this.telling.end()
  }

  /** Figures that a circuit has not been told yet, or that each line of a list repeats. */
  private belongs(phrase: Phrase, bullet: boolean): boolean {
    const { now } = this.telling
    if (!now || !isClock(phrase)) return false
    if (phrase.kind !== 'work' && phrase.kind !== 'workOff') return false
    const fields = Object.entries(said(phrase))
    if (bullet) return fields.every(([key, value]) => JSON.stringify(now[key as keyof Draft]) === JSON.stringify(value))
    return now.work === undefined && !isList(now) && now.items.every(({ seconds }) => seconds === undefined)
  }

  private segments(line: TextLine): void {
    const counting = this.countingIn(line)
    const segments = segmentsOf(line, counting)
    this.heard.hear(line, ...counting)
    const opening = segments.findIndex(({ phrases }) => phrases.some((phrase) => isClock(phrase) || phrase.kind === 'time'))
    const names = segments.filter(({ phrases }) => this.find(wordsIn(phrases, line).map(({ text }) => text)))
    let item: Item | undefined
    for (const [index, segment] of segments.entries()) {
      const listed = segments.slice(0, index).some(({ end }) => end === ':')
      const ofClock = opening >= 0 && names.length === 0 && !listed
      const heads = segment.end === ':' && !line.bullet && index + 1 < segments.length && !segment.phrases.some(isA('reps'))
      const titles = index === 0 && (heads || (opening > 0 && /[,:–—-]/.test(segment.end)))
      item = this.segment({ line, segment, alone: segments.length === 1, amongNames: names.length > 1, titles, ofClock, item }) ?? item
    }
  }

  /** Reads a stretch of a line; answers with the last exercise in it. */
  private segment(before: Around): Item | undefined {
    const { line, segment } = before
    const { phrases } = segment
    for (const phrase of phrases) this.heading(phrase, before)
    // Where a heading has ended its circuit, nothing more is said of an exercise.
    const item = before.item && this.telling.now?.items.includes(before.item) ? before.item : undefined
    const around = { ...before, item }
    if (segment.aside && this.placeSaid(around)) return item
    for (const phrase of phrases) if (isClock(phrase)) this.telling.say(said(phrase), [phrase], line)
    // What is in quotes beside a pause is its name.
    const exact = line.phrases.some(isA('pause')) ? undefined : this.exactly(around)
    if (exact) return exact
    const figures = phrases.filter(isOfItem)
    // "20 lunges (10 each leg)" says the same twice.
    const [reps, counted] = [phrases.find(isA('reps')), phrases.find(isA('counted'))]
    if (segment.aside && reps && counted?.counted === 'eachSide' && item?.reps?.count === reps.count * 2) {
      this.heard.hear(line, reps, counted)
      return item
    }
    if (!phrases.some(isA('word'))) {
      this.tell(figures, item, line)
      return undefined
    }
    const made = this.naming.exercisesIn(around)
    // Figures of what is not understood are not of the circuit.
    if (made[0] || phrases.some(isClock)) this.tell(figures, made[0], line)
    return made.at(-1)
  }

  private heading(phrase: Phrase, { line, segment }: Around): void {
    const place = placeOf([phrase], line)
    if (phrase.kind === 'role') this.telling.part({ role: phrase.role }, place)
    else if (phrase.kind === 'optional') this.telling.part({ optional: true }, place)
    else if (phrase.kind === 'label') this.label(phrase, line)
    else if (phrase.kind === 'pause') return this.pause(phrase.pause, phrase, line)
    else if (phrase.kind === 'station') this.telling.goToStation()
    else if (phrase.kind === 'betweenBlocks' && phrase.seconds <= 3600) this.telling.betweenBlocks = { seconds: phrase.seconds, place }
    else if (phrase.kind === 'blocks') this.telling.blocks.said = { count: phrase.count, place }
    else if (phrase.kind === 'people') this.come(phrase.count, place)
    else if (phrase.kind === 'who') this.who(phrase, line)
    else if (phrase.kind === 'quoted' && segment.end === ':' && !segment.aside && segment.phrases.length === 1)
      return this.telling.say({ name: phrase.text }, [phrase], line)
    else return
    this.heard.hear(line, phrase)
  }

  /** "Round 2" goes on under the same figures; any other label begins a part. */
  private label(label: PhraseOf<'label'>, line: TextLine): void {
    if (label.word === 'round') return this.telling.round()
    const place = placeOf([label], line)
    this.telling.block({ name: place.text }, place)
  }

  private who(phrase: PhraseOf<'who'>, line: TextLine): void {
    if (this.size && this.size.said !== phrase.size) this.heard.refuse(this.size.place, 'said otherwise later')
    this.size = { said: phrase.size, place: placeOf([phrase], line) }
    if (phrase.groups !== undefined) this.come(phrase.groups * 2, this.size.place)
  }

  private come(count: number, place: InText): void {
    if (count < 1 || count > limits.people) return this.heard.refuse(place, `from 1 to ${limits.people} people`)
    if (this.people && this.people.count !== count) this.heard.refuse(this.people.place, 'said otherwise later')
    this.people = { count, place }
  }

  private pause(kind: Pause['kind'], phrase: PhraseOf<'pause' | 'off'>, line: TextLine): void {
    this.heard.hear(line, phrase)
    if (phrase.seconds > 3600) return this.heard.refuse(placeOf([phrase], line), 'at most an hour')
    const at = line.phrases.findIndex((known) => known.kind === 'key' && known.key === 'note')
    const quoted = line.phrases.filter(isA('quoted'))
    const note = at < 0 ? undefined : quoted.find(({ from }) => from > line.phrases[at]!.from)
    const name = quoted.find((known) => known !== note)
    this.telling.pause({ kind, seconds: phrase.seconds, ...(name && { name: name.text }), ...(note && { note: note.text }) })
    this.heard.hear(line, ...(name ? [name] : []), ...(note ? [line.phrases[at]!, note] : []))
  }

  /** What is said of a place: in brackets after it, or after "Station 3". */
  private placeSaid({ line, segment }: Around): boolean {
    const head = this.telling.now?.items.findLast(({ joins }) => !joins)
    if (!head) return false
    const took = tellPlace((head.place ??= {}), segment.phrases, line)
    this.heard.hear(line, ...took)
    return took.length > 0
  }

  /** Exercises and details that are written so that they read back exactly; answers with the exercise that they are of. */
  private exactly({ line, segment, item }: Around): Item | undefined {
    const { phrases } = segment
    const [first, second] = phrases
    if (first?.kind === 'key' && (first.key === 'told' || first.key === 'way') && second?.kind === 'quoted') {
      this.telling.say({ [first.key]: second.text }, [first, second], line)
      return item
    }
    const took = item ? tellItemExactly(item, phrases, line, this.find) : []
    this.heard.hear(line, ...took)
    if (took.length > 0) return item
    const name = exactName(phrases)
    if (!name || first?.kind === 'key' || first?.kind === 'or' || phrases.some(isA('word')) || segment.end === ':') return undefined
    const made = this.naming.exercise(name, line, segment.joins)
    this.tell(phrases.filter(isOfItem), made, line)
    return made
  }

  /** Figures: of the exercise they stand with, else of the whole circuit. */
  private tell(phrases: readonly Phrase[], item: Item | undefined, line: TextLine): void {
    for (const phrase of phrases) {
      if (phrase.kind === 'time' && (phrase.each || !item)) this.telling.say(this.timeOfAll(phrase, line), [phrase], line)
      else if (phrase.kind === 'counted' && !item) this.telling.say({ eachSide: true }, [phrase], line)
      else if (item && tellItem(item, phrase, line)) this.heard.hear(line, phrase)
    }
  }

  /** A time that stands alone: what each is worked, how long a list is, or how long all of what a heading names. */
  private timeOfAll({ seconds, each }: PhraseOf<'time'>, { phrases }: TextLine): Partial<Draft> {
    const heads = phrases.some(({ kind }) => kind === 'role' || kind === 'label')
    if (heads && !each && !phrases.some(({ kind }) => kind === 'goal' || kind === 'counted')) return { total: seconds }
    const { goal, cap } = this.telling.open()
    if (goal && cap === undefined) return { cap: seconds }
    return each ? { work: [seconds] } : { work: [seconds], lone: true }
  }
}

const tooLong = (text: string): Miss => ({
  line: text.slice(0, longestText).split('\n').length - 1,
  from: 0,
  to: 0,
  text: text.slice(longestText),
  why: `only the first ${longestText.toLocaleString('en')} characters are read`,
})
