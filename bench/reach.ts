import { namesReach, picture, stationAreas, type StationArea } from '../src/core/wall/wall-reach'
import { readingDistance } from '../src/core/wall/reading-distance'
import type { WayTile } from '../src/core/wall/wall-grid'
import { demoPeople } from '../scripts/demo/people'

/** As names were set before they were given all the room there is: 1.6 % of the width, whatever the class. */
const before = readingDistance(0.016 * 0.668 * 1.2)

const stationsOf = (count: number, each: number): WayTile[] =>
  Array.from({ length: count }, (_, station) => ({
    exercise: '',
    people: Array.from({ length: each }, (_, index) => demoPeople[(station * each + index) % demoPeople.length]!.name),
  }))

/** From how far the smallest name of a class reads, on the way and at work. */
export function benchReach(): void {
  console.log(
    `Names on the wall: metres from which the least of them reads (22 arc minutes) on a picture 1.2 m wide at ${picture.width} × ${picture.height}; before, ${before.toFixed(1)} in all`,
  )
  console.log(`  stations       ${[4, 6, 8, 10, 12, 16, 20].map((count) => String(count).padStart(6)).join('')}`)
  for (const [what, each] of [
    ['solo', 1],
    ['pairs', 2],
    ['trios', 3],
  ] as const)
    for (const area of Object.keys(stationAreas) as StationArea[])
      console.log(
        `  ${what} ${area.padEnd(9)}`.padEnd(17) +
          [4, 6, 8, 10, 12, 16, 20].map((count) => namesReach(stationsOf(count, each), area, 1.2)!.toFixed(1).padStart(6)).join(''),
      )
}
