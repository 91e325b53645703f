import type { Plan } from '../plan/plan'
import type { Seconds } from '../units'
import { pieceName } from '../summary/names'
import type { Phase, Timeline } from './phase'

/** Consecutive phases of one piece: what a person would name when asked "what comes when". */
export interface Block {
  pieceId: string
  repeat: number
  optional: boolean
  name: string
  start: Seconds
  seconds: Seconds
  phases: Phase[]
}

/** The timeline in blocks, in order; their seconds add up to the total. */
export function blocksOf(plan: Plan, timeline: Timeline): Block[] {
  const pieces = new Map(plan.parts.flatMap((part) => part.pieces.map((piece) => [piece.id, piece] as const)))
  const blocks: Block[] = []
  for (const phase of timeline.phases) {
    const last = blocks.at(-1)
    if (last && last.pieceId === phase.pieceId && last.repeat === phase.repeat) {
      last.phases.push(phase)
      last.seconds += phase.seconds
    } else {
      const { pieceId, repeat, optional, start, seconds } = phase
      blocks.push({ pieceId, repeat, optional, name: pieceName(pieces.get(pieceId)!), start, seconds, phases: [phase] })
    }
  }
  return blocks
}
