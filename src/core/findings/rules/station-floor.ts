import { andList } from '../../base/and-list'
import { layOut } from '../../floor/auto-lay'
import { stationFloors } from '../../floor/footprints'
import { floorTroubles, type FloorTrouble } from '../../floor/troubles'
import { commonPractice, type Finding } from './finding'
import { type Judged } from '../../class/fix'

const blockedBy = {
  exit: 'in an exit',
  keepFree: 'on a strip kept free',
  door: 'in a door',
  pillar: 'in a pillar',
  wall: 'in a wall',
} as const

const kindOf = (trouble: FloorTrouble): string => (trouble.kind === 'blocked' ? `blocked-${trouble.by}` : trouble.kind)

/** One sentence for all that have the same trouble. */
function words(alike: readonly FloorTrouble[]): string {
  const one = alike.length === 1
  const numbers = andList(alike.map((trouble) => String(trouble.station + 1)))
  const stations = one ? `Station ${numbers}` : `Stations ${numbers}`
  const first = alike[0]!
  switch (first.kind) {
    case 'outside':
      return `${stations} ${one ? 'reaches' : 'reach'} outside the room`
    case 'overlap': {
      const pairs = alike.flatMap((trouble) => (trouble.kind === 'overlap' ? [`${trouble.station + 1} and ${trouble.other + 1}`] : []))
      return one ? `Stations ${pairs[0]} stand on each other` : `Stations stand on each other: ${pairs.join(', ')}`
    }
    case 'blocked':
      return `${stations} ${one ? 'stands' : 'stand'} ${blockedBy[first.by]}`
    case 'cutOff':
      return `${stations} cannot be reached from the others`
    case 'noExit':
      return `${stations} ${one ? 'has' : 'have'} no way to an exit`
  }
}

/** Stations that stand where they cannot, or must not. */
export function stationFloor({ document, computed, library, room }: Judged): Finding[] {
  if (!room || !document.spots?.length) return []
  const floors = stationFloors(document, computed, library)
  const byKind = new Map<string, FloorTrouble[]>()
  for (const trouble of floorTroubles(room, floors, document.spots)) {
    const kind = kindOf(trouble)
    byKind.set(kind, [...(byKind.get(kind) ?? []), trouble])
  }
  return [...byKind].map(([kind, alike]): Finding => {
    const safety = kind === 'noExit' || kind === 'blocked-exit'
    return {
      id: `stationFloor-${kind}`,
      severity: safety ? 'mend' : 'weigh',
      what: words(alike),
      why: safety
        ? 'Ways to the exits stay free the whole class. Your local fire rules come first.'
        : 'People bump into each other, or cannot get there.',
      source: commonPractice,
      // Worked out when it is pressed: it takes too long for every letter that is typed.
      fix: { label: 'Lay the stations out anew', apply: (now) => ({ ...now, spots: layOut(room, floors).spots }) },
    }
  })
}
