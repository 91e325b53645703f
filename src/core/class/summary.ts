import { slotPhrase } from '../summary/sentence/class-sentences'
import type { ClassDocument } from './class-document'
import type { Seconds } from '../base/units'
import { computeClass, type HallLibrary } from './compute'

/** What a list shows of a class. */
export interface ClassSummary {
  roomId: string
  people: number
  /** Absent where the class has no timeline. */
  totalSeconds?: Seconds
  slotSeconds: Seconds
  /** What is left of the slot, or over, in words. */
  spare: string
  sentence: string
  /** Sizes of gear of which there are not enough. */
  short: number
  problem?: string
}

/** A class without a readable document has nothing to show but that. */
export function classSummary(document: ClassDocument | undefined, library: HallLibrary): ClassSummary {
  if (!document)
    return {
      roomId: '',
      people: 0,
      slotSeconds: 0,
      spare: '',
      sentence: '',
      short: 0,
      problem: 'This class cannot be read. It is kept as it is: save it as a file below.',
    }
  const { timeline, people, sentences, gear, problems } = computeClass(document, library)
  const { slotSeconds } = document.plan
  return {
    roomId: document.roomId,
    people: people.length,
    ...(timeline.ok && { totalSeconds: timeline.value.total }),
    slotSeconds,
    spare: timeline.ok ? slotPhrase(slotSeconds - timeline.value.total, slotSeconds) : '',
    sentence: sentences?.[0] ?? '',
    short: gear.lines.filter((line) => line.short > 0).length,
    ...(problems[0] && { problem: problems[0].message }),
  }
}
