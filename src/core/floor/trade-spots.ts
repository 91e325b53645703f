import type { ComputedClass, HallLibrary } from '../class/compute'
import { exchanged } from '../base/exchanged'
import type { Fix } from '../class/fix'
import type { ClassDocument } from '../class/class-document'
import type { Room } from '../library/room'
import type { Seconds } from '../base/units'
import { transitionsOf } from './transitions'

export interface SpotTrade {
  fix: Fix
  /** The longest transition before and after. */
  before: Seconds
  needed: Seconds
}

/** More stations than this take too long to be tried pair by pair. */
const mostStations = 20

/** The trade of two stations' spots that makes the longest transition shortest; nothing while all are in time, or where no trade helps. */
export function bestSpotTrade(document: ClassDocument, computed: ComputedClass, library: HallLibrary, room: Room): SpotTrade | undefined {
  const spots = document.spots ?? []
  const longest = (layout: ClassDocument['spots']) =>
    transitionsOf(document, computed, library, room, layout).transitions.reduce(
      (most, transition) => Math.max(most, transition.needed - transition.given),
      -Infinity,
    )
  const worst = transitionsOf(document, computed, library, room).transitions[0]
  if (!worst || worst.needed <= worst.given || spots.length > mostStations) return undefined
  let best = { over: longest(spots), one: -1, other: -1 }
  for (let one = 0; one < spots.length; one++) {
    for (let other = one + 1; other < spots.length; other++) {
      const over = longest(exchanged(spots, one, other))
      if (over < best.over) best = { over, one, other }
    }
  }
  if (best.one < 0) return undefined
  const { one, other } = best
  return {
    before: worst.needed,
    needed: worst.given + best.over,
    fix: {
      label: `Trade the places of stations ${one + 1} and ${other + 1}`,
      apply: (now) => ({ ...now, spots: exchanged(now.spots ?? [], one, other) }),
    },
  }
}
