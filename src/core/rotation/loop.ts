import type { Station } from '../plan/plan'
import { failure, problem, success, type Result } from '../base/result'
import type { Guarantee, Rotation } from './rotation'
import { tableOf } from './table'

type LoopStation = Pick<Station, 'span' | 'rest' | 'capacity'>

const plural = (count: number, one: string, many = `${one}s`) => `${count} ${count === 1 ? one : many}`

/**
 * The loop: every group moves one place on each turn, so that as many turns as places take each group everywhere once. A station
 * of span 2 has two places, held by up to two groups. With fewer groups than places the last ones start empty; with more, several
 * share each place, if every station says how many people it holds.
 *
 * `groupSizes` are people per group. Fails with `tooManyGroups` when not every group can have a place, and `overCapacity` when
 * more people would come to a station than it holds.
 */
export function loopRotation(stations: readonly LoopStation[], groupSizes: readonly number[], turns: number): Result<Rotation> {
  const places = stations.flatMap((station, index) => Array<number>(station.span).fill(index))
  const groups = groupSizes.length
  const refused = noRoom(stations, groupSizes, places.length)
  if (refused) return refused
  const paths = groupSizes.map((_, group) => Array.from({ length: turns }, (_, turn) => places[(group + turn) % places.length]!))
  return success({
    turns: tableOf(paths, stations.length, turns),
    paths,
    mixes: false,
    guarantees: guaranteesOf(stations, places, groups, turns),
    say: sentence(stations),
  })
}

/** Why the groups have no room at the stations, in `places` of one turn each; nothing where they have. */
export function noRoom(stations: readonly LoopStation[], groupSizes: readonly number[], places: number): Result<never> | undefined {
  const groups = groupSizes.length
  const shared = Math.ceil(groups / places)
  if (shared > 1 && stations.some((station) => station.capacity === undefined)) {
    const perPlace = Math.ceil(groupSizes.reduce((sum, size) => sum + size, 0) / places)
    const hint = `Groups of ${perPlace} would fit; or add ${plural(groups - places, 'station')}, or say under Details how many people each station holds.`
    return failure(
      problem('tooManyGroups', `${plural(groups, 'group')} for ${plural(places, 'place')}: not everyone has a station. ${hint}`, 'groups'),
    )
  }
  const most = Math.max(0, ...groupSizes) * Math.max(1, shared)
  const tight = stations.findIndex((station) => station.capacity !== undefined && station.capacity < most * station.span)
  if (tight < 0 || groups === 0) return undefined
  const { capacity, span } = stations[tight]!
  return failure(
    problem(
      'overCapacity',
      `Station ${tight + 1} holds ${capacity}, and ${most * span} may be there at once. Make the groups smaller or the station larger.`,
      `stations[${tight}].capacity`,
    ),
  )
}

/** How many groups share a place, and how many places nobody holds, in every turn. */
export function sharingWords(groups: number, places: number, one = 'place'): Guarantee[] {
  if (groups === 0 || groups === places) return []
  const empty = places - groups
  if (empty > 0) return [{ met: true, text: `${plural(empty, `${one} stands`, `${one}s stand`)} empty in every turn.` }]
  const fewest = Math.floor(groups / places)
  const more = groups % places
  return [
    {
      met: true,
      text:
        more === 0
          ? `${fewest} groups share every ${one}.`
          : `${fewest === 1 ? `Two groups share ${more === 1 ? 'one' : more} of the ${one}s` : `${fewest} or ${fewest + 1} groups share every ${one}`} in every turn.`,
    },
  ]
}

function sentence(stations: readonly LoopStation[]): string {
  if (stations.length === 1) return 'Stay at the station.'
  const double = stations.flatMap((station, index) => (station.span === 2 ? [index + 1] : []))
  const stay = double.length > 0 ? ` Stay two turns at ${double.length === 1 ? 'station' : 'stations'} ${double.join(' and ')}.` : ''
  return `Stay with your group and move on to the next station; ${stations.length} goes round to 1.${stay}`
}

function guaranteesOf(stations: readonly LoopStation[], places: readonly number[], groups: number, turns: number): Guarantee[] {
  if (groups === 0) return []
  const result: Guarantee[] = [{ met: true, text: 'Groups stay together all the way round.' }]
  // A span-2 station has been done once both of its places have been passed; a group may start between the two.
  const split = stations.some((station) => station.span === 2)
  const whole = Math.floor(turns / places.length)
  if (whole >= 1) {
    const times = whole === 1 ? 'once' : whole === 2 ? 'twice' : `${whole} times`
    const more = turns % places.length
    result.push({
      met: true,
      text: `Every group is at every station ${split ? 'for its full time ' : ''}${times}${more ? `, and at ${more} of them once more` : ''}.`,
    })
  } else {
    const missed = places.length - turns
    result.push({
      met: false,
      text: `${plural(turns, 'turn')} for ${plural(places.length, 'place')}: each group misses ${missed === 1 ? 'one' : missed}.`,
    })
  }
  return [...result, ...sharingWords(groups, places.length)]
}
