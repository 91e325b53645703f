import { expose } from 'comlink'
import { nanoid } from 'nanoid'
import type { ClassDocument } from '../core/class/class-document'
import { computeClass, type HallLibrary } from '../core/class/compute'
import { sizeKey } from '../core/gear/need'
import { gearFixes } from '../core/gear/shortage/fixes'
import { largestClass, type LargestClass } from '../core/gear/shortage/largest-class'
import type { Room } from '../core/library/room'

/** A class whose gear is short. */
export interface ShortClass {
  document: ClassDocument
  library: HallLibrary
  room: Room | undefined
}

/** A change that makes less of a size short, and the class as it would be. */
export interface FoundFix {
  /** Of the size that is short. */
  key: string
  label: string
  short: number
  then: ClassDocument
}

/** Beside the page: every change is computed through, and with mixed groups that takes seconds. To cancel, the worker is ended. */
const worker = {
  fixes({ document, library, room }: ShortClass, tell: (found: FoundFix) => void): void {
    const judged = { document, library, room, computed: computeClass(document, library), newId: () => nanoid(10) }
    for (const line of judged.computed.gear.lines.filter((line) => line.short > 0))
      for (const { label, short, apply } of gearFixes(judged, line))
        tell({ key: sizeKey(line.kindId, line.sizeId), label, short, then: apply(document) })
  },
  largest: ({ document, library }: ShortClass): LargestClass => largestClass(document, library, computeClass(document, library).people),
}
export type ShortageWorker = typeof worker

expose(worker)
