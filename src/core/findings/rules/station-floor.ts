import { layOut } from '../../floor/auto-lay'
import { stationFloors } from '../../floor/footprints'
import { floorTroubles, type FloorTrouble } from '../../floor/troubles'
import { commonPractice, type Finding } from './finding'
import { type Judged } from '../../class/fix'

const words = (trouble: FloorTrouble): string => {
  const station = `Station ${trouble.station + 1}`
  switch (trouble.kind) {
    case 'outside':
      return `${station} reaches outside the room`
    case 'overlap':
      return `Stations ${trouble.station + 1} and ${trouble.other + 1} stand on each other`
    case 'blocked':
      return {
        exit: `${station} stands in an exit`,
        keepFree: `${station} stands on a strip kept free`,
        door: `${station} stands in a door`,
        pillar: `${station} stands in a pillar`,
        wall: `${station} stands in a wall`,
      }[trouble.by]
    case 'cutOff':
      return `${station} cannot be reached from the others`
    case 'noExit':
      return `${station} has no way to an exit`
  }
}

/** Stations that stand where they cannot, or must not. */
export function stationFloor({ document, computed, library, room }: Judged): Finding[] {
  if (!room || !document.spots?.length) return []
  const floors = stationFloors(document, computed, library)
  const found = floorTroubles(room, floors, document.spots)
  if (found.length === 0) return []
  return found.map((trouble, index): Finding => {
    const safety = trouble.kind === 'noExit' || (trouble.kind === 'blocked' && trouble.by === 'exit')
    return {
      id: `stationFloor-${trouble.kind}-${trouble.station}-${index}`,
      severity: safety ? 'mend' : 'weigh',
      what: words(trouble),
      why: safety
        ? 'Ways to the exits stay free the whole class. Your local fire rules come first.'
        : 'People bump into each other, or cannot get there.',
      source: commonPractice,
      // Worked out when it is pressed: it takes too long for every letter that is typed.
      fix: { label: 'Lay the stations out anew', apply: (now) => ({ ...now, spots: layOut(room, floors).spots }) },
    }
  })
}
