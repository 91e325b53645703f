import { limits } from '../base/limits'
import { plainPart } from '../plan/edit/make'
import type { Part, Pause, Piece } from '../plan/plan'
import { circuitOf } from './circuit-of'
import { withDiffering } from './differing'
import { timesOf, type Draft } from './draft'
import type { InText } from './heard'
import type { Makings } from './makings'
import { roundsInCap } from './rounds-in-cap'

export type Head = Partial<Pick<Part, 'name' | 'role' | 'optional' | 'repeat' | 'restBetweenSeconds'>>

/** The parts of a plan as they come to be, one piece after the other. */
export class Pieces {
  readonly parts: Part[] = []
  private pieces: Piece[] = []
  private head: Head = {}
  /** Where that is said. */
  private readonly places = new Map<keyof Head, InText>()
  private said: Pick<Draft, 'differs' | 'differsBy'> = {}

  constructor(private readonly makings: Makings) {}

  pause(pause: Omit<Pause, 'id' | 'type'>): void {
    this.pieces.push({ id: this.makings.newId(), type: 'pause', ...pause })
  }

  /** A list that is gone through several times is a part of its own. */
  circuit(said: Draft): void {
    const draft = roundsInCap(said, this.makings)
    const circuit = circuitOf(draft, this.makings)
    const times = timesOf(draft)
    if (times === 1) return void this.pieces.push(circuit)
    const head = { repeat: times, restBetweenSeconds: draft.between ?? 0 }
    if (this.pieces.length > 0) {
      // What is said of the part goes on to hold for the next of its pieces.
      const { name: _, ...rest } = this.head
      this.close()
      this.head = rest
    }
    this.begin(head)
    this.pieces.push(circuit)
    this.close()
  }

  /** A part begins, or one that has no piece yet is told more of; `place` is where that is said. */
  begin(head: Head, place?: InText): void {
    if (this.pieces.length > 0) this.close()
    for (const key of Object.keys(head) as (keyof Head)[]) {
      const before = this.places.get(key)
      if (before) this.makings.refuse(before, 'said otherwise later')
      if (place) this.places.set(key, place)
      else this.places.delete(key)
    }
    this.head = { ...this.head, ...head }
  }

  /** What differs from one time through the part to the next. */
  differ(said: Pick<Draft, 'differs' | 'differsBy'>): void {
    this.said = {
      differs: [...(this.said.differs ?? []), ...(said.differs ?? [])],
      differsBy: [...(this.said.differsBy ?? []), ...(said.differsBy ?? [])],
    }
  }

  close(): void {
    const { refuse, newId } = this.makings
    if (this.pieces.length > 0) {
      const part = plainPart(newId, this.pieces, this.head)
      this.parts.push(withDiffering(part, part.pieces, this.said, this.makings))
    } else {
      const lost = [...(this.said.differs ?? []), ...(this.said.differsBy ?? [])].map(({ place }) => place)
      for (const place of new Set([...this.places.values(), ...lost])) refuse(place, 'nothing is done there')
    }
    this.pieces = []
    this.head = {}
    this.places.clear()
    this.said = {}
  }

  /** A plan can have no more. */
  get isFull(): boolean {
    return this.pieces.length >= limits.pieces || this.parts.length >= limits.parts
  }
}
