import type { ComputedClass, HallLibrary } from '../class/compute'
import type { ClassDocument } from '../class/class-document'
import type { Room } from '../library/room'
import type { Seconds } from '../base/units'
import type { Fix } from '../class/fix'
import { transitionsOf } from './transitions'

export interface LaidReady {
  fix: Fix
  /** The longest transition before and after. */
  before: Seconds
  needed: Seconds
}

/**
 * Gear laid ready at every place of the circuit with the transition that is most too short; nothing while all are in time, or
 * where it does not help, as with gear too scarce to stand at every station.
 */
export function layReady(document: ClassDocument, computed: ComputedClass, library: HallLibrary, room: Room): LaidReady | undefined {
  const [worst] = transitionsOf(document, computed, library, room).transitions
  if (!worst || worst.needed <= worst.given) return undefined
  const { circuitId } = worst
  const fix: Fix = {
    label: 'Lay the gear ready at every place',
    apply: (on) => ({ ...on, laidReady: [...new Set([...(on.laidReady ?? []), circuitId])] }),
  }
  const [then] = transitionsOf(fix.apply(document), computed, library, room).transitions
  return then && then.needed < worst.needed ? { fix, before: worst.needed, needed: then.needed } : undefined
}
