import type { Pause } from '../plan/plan'
import { unfit } from './clock-phrases'
import { emptyDraft, isList, placesOf, type Draft, type Item } from './draft'
import { placeOf, type Heard, type InText } from './heard'
import type { TextLine } from './lines'
import type { Span } from './phrase'
import type { Head, Pieces } from './pieces'

/** What is being told: the circuit that has not ended yet, and where one is in it. */
export class Telling {
  private draft: Draft | undefined
  /** What stands before the first of several rounds or blocks that share it, and how many do so far. */
  private shared: { draft: Draft; times: number } | undefined
  /** The circuit whose other wave is being told. */
  private host: Draft | undefined
  /** How many blocks there are to be, where that is said, and how many there were. */
  blocks: { said?: { count: number; place: InText }; told: number } = { told: 0 }
  /** How long all rest between two blocks. */
  betweenBlocks: { seconds: number; place: InText } | undefined
  /** Under "Station 3", until the next. */
  atStation = false

  constructor(
    private readonly pieces: Pieces,
    private readonly heard: Heard,
  ) {}

  /** The circuit, if one has begun. */
  get now(): Draft | undefined {
    return this.draft
  }

  open(): Draft {
    return (this.draft ??= emptyDraft())
  }

  /** What a phrase says of the circuit; what stood there before it and is other is not part of the plan. */
  say(field: Partial<Draft>, by: readonly Span[], line: TextLine): void {
    const place = placeOf(by, line)
    this.heard.hear(line, ...by)
    const why = unfit(field)
    if (why !== undefined) return this.heard.refuse(place, why)
    const draft = this.open()
    for (const [name, value] of Object.entries(field)) {
      const key = name as keyof Draft
      const [before, where] = [draft[key], draft.places[key]]
      // One of several blocks may do it otherwise than all.
      const isOwn = this.shared !== undefined && this.shared.times > 1 && this.shared.draft.places[key] === where
      if (before !== undefined && where && !isOwn && JSON.stringify(before) !== JSON.stringify(value))
        this.heard.refuse(where, 'said otherwise later')
      draft.places[key] = place
    }
    Object.assign(draft, field)
  }

  add(item: Omit<Item, 'joins'>, joins = false): Item {
    const made = { ...item, joins: joins || this.atStation }
    this.open().items.push(made)
    return made
  }

  /** "Station 3": what follows is there. */
  goToStation(): void {
    this.atStation = false
    this.add({ exerciseId: '', empty: true })
    this.atStation = true
  }

  /** What follows is done by the wave that waits. */
  otherWave(): void {
    this.host = this.draft
    this.draft = emptyDraft()
    this.atStation = false
  }

  /** "Round 2" goes on under the same figures. */
  round(): void {
    const shared = this.takeShared()
    this.end()
    this.share(shared)
  }

  /** Figures that have no exercises yet are of all that follow; else those that were so before. */
  private takeShared(): Telling['shared'] {
    if (!this.draft || this.draft.items.length > 0) return this.shared
    const shared = { draft: this.draft, times: 0 }
    this.draft = undefined
    return shared
  }

  /** One more circuit under the same figures. */
  private share(shared: Telling['shared']): void {
    this.shared = shared
    if (!shared) return
    shared.times++
    this.draft = { ...shared.draft, items: [], places: { ...shared.draft.places } }
  }

  pause(pause: Omit<Pause, 'id' | 'type'>): void {
    this.end()
    this.pieces.pause(pause)
  }

  /** "Block A" begins a part; figures that stand before the first of several are of all. */
  block(head: Head, place: InText): void {
    const shared = this.takeShared()
    this.end()
    if (this.betweenBlocks && this.blocks.told > 0) this.pieces.pause({ kind: 'rest', seconds: this.betweenBlocks.seconds })
    this.blocks.told++
    this.part(head, place, true)
    this.share(shared)
  }

  /** A part begins; `alone`, whatever was said of one that has no piece yet. */
  part(head: Head, place: InText, alone = false): void {
    this.end()
    this.shared = undefined
    if (alone) this.pieces.close()
    this.pieces.begin(head, place)
  }

  /** Whether a line of nothing but words can only be an exercise: the figures are said, or exercises go before it. */
  takesItems(): boolean {
    const { draft } = this
    return (
      draft !== undefined &&
      (draft.items.length > 0 || draft.work !== undefined || draft.laps !== undefined || draft.stations !== undefined || isList(draft))
    )
  }

  wantsMore(): boolean {
    const { draft } = this
    return draft !== undefined && (draft.stations === undefined || placesOf(draft) < draft.stations)
  }

  /** All is told. */
  close(): void {
    this.end()
    const { said, told } = this.blocks
    if (this.betweenBlocks && told < 2) this.heard.refuse(this.betweenBlocks.place, 'there are no two blocks')
    if (said && said.count !== told) this.heard.refuse(said.place, `there ${told === 1 ? 'is' : 'are'} ${told || 'none'}`)
  }

  /** The circuit is told. */
  end(): void {
    const draft = this.host ? { ...this.host, meanwhile: this.draft ?? emptyDraft() } : this.draft
    this.draft = undefined
    this.host = undefined
    this.atStation = false
    if (draft) this.pieces.circuit(draft)
  }
}
