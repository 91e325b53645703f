import { limits } from '../base/limits'
import { plainPart, type NewId } from '../plan/edit/make'
import type { Starter } from '../plan/edit/use'
import type { Part, Pause, Piece } from '../plan/plan'
import { circuitOf, differing, timesOf, type Draft } from './draft'

type Head = Partial<Pick<Part, 'name' | 'role' | 'optional' | 'repeat' | 'restBetweenSeconds'>>

/** The parts of a plan as they come to be, one piece after the other. */
export class Pieces {
  readonly parts: Part[] = []
  private pieces: Piece[] = []
  private head: Head = {}
  private said: Pick<Draft, 'differs' | 'differsBy'> = {}

  constructor(
    private readonly exercises: readonly Starter[],
    private readonly newId: NewId,
  ) {}

  pause(pause: Omit<Pause, 'id' | 'type'>): void {
    this.add({ id: this.newId(), type: 'pause', ...pause })
  }

  /** A list that is gone through several times is a part of its own. */
  circuit(draft: Draft): void {
    const circuit = circuitOf(draft, this.exercises, this.newId)
    const times = timesOf(draft)
    if (times === 1) return this.add(circuit)
    const { head } = this
    if (this.pieces.length > 0) this.close()
    this.begin({ ...head, repeat: times, restBetweenSeconds: draft.between ?? 0 })
    this.add(circuit)
    this.close()
  }

  /** A part begins; one that has no piece yet is told more of. */
  begin(head: Head): void {
    if (this.pieces.length > 0) this.close()
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
    if (this.pieces.length > 0) this.parts.push(plainPart(this.newId, this.pieces, { ...this.head, ...differing(this.pieces, this.said) }))
    this.pieces = []
    this.head = {}
    this.said = {}
  }

  /** A plan can have no more. */
  get isFull(): boolean {
    return this.pieces.length >= limits.pieces || this.parts.length >= limits.parts
  }

  private add(piece: Piece): void {
    this.pieces.push(piece)
  }
}
