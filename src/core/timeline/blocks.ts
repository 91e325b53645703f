import type { Seconds } from '../base/units'
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

/** The timeline in blocks, in order; their seconds add up to the total. `names` are the pieces' by id. */
export function blocksOf(timeline: Timeline, names: Readonly<Record<string, string>>): Block[] {
  const blocks: Block[] = []
  for (const phase of timeline.phases) {
    const last = blocks.at(-1)
    if (last && last.pieceId === phase.pieceId && last.repeat === phase.repeat) {
      last.phases.push(phase)
      last.seconds += phase.seconds
    } else {
      const { pieceId, repeat, optional, start, seconds } = phase
      blocks.push({ pieceId, repeat, optional, name: names[pieceId] ?? '', start, seconds, phases: [phase] })
    }
  }
  return blocks
}
