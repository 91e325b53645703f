import { inSeconds, type Seconds } from '../base/units'
import type { RunSnapshot } from '../run/room/snapshot'
import { lengthOfPhases, type Stretch } from './actual'
import type { Attendance } from './did'

/** A way between stations that was judged too short, and how it went. */
export interface ShortWay {
  pieceId: string
  name: string
  needs: Seconds
  has: Seconds
  /** How often it was gone, and how often the clock had to wait for it. */
  times: number
  late: number
}

/** A station at which some took another option than everyone's. */
export interface OwnOption {
  pieceId: string
  station: number
  exercise: string
  people: number
  own: number
}

/** Less than this is a press that came a little late. */
const worthTelling: Seconds = 2

/** The circuits of which a transition was shorter than the slowest needs, and in how many of them the room took longer. */
export function shortWays({ circuits, timeline }: RunSnapshot, stretches: readonly Stretch[]): ShortWay[] {
  const lengths = [...lengthOfPhases(stretches)]
  return Object.entries(circuits).flatMap(([pieceId, { name, walkSeconds }]) => {
    const has = timeline.phases.find((phase) => phase.pieceId === pieceId && phase.kind === 'transition')?.seconds
    if (walkSeconds === undefined || has === undefined || walkSeconds <= has) return []
    const gone = lengths.filter(([phase]) => phase.pieceId === pieceId && phase.kind === 'transition')
    const late = gone.filter(([phase, length]) => inSeconds(length) >= phase.seconds + worthTelling).length
    return [{ pieceId, name, needs: Math.ceil(walkSeconds), has, times: gone.length, late }]
  })
}

/** Where some did another option than everyone's: how many of how many. Nobody is named. */
export function ownOptions(attendances: readonly Attendance[], snapshot: RunSnapshot): OwnOption[] {
  const places = new Map<string, OwnOption & { ids: Set<string>; ownIds: Set<string> }>()
  for (const { personId, did } of attendances)
    for (const { pieceId, station, exercise, own, done } of did) {
      if (done === 0) continue
      const key = `${pieceId}/${station}`
      const known = places.get(key) ?? { pieceId, station, exercise, people: 0, own: 0, ids: new Set<string>(), ownIds: new Set<string>() }
      known.ids.add(personId)
      if (own) known.ownIds.add(personId)
      places.set(key, known)
    }
  return [...places.values()].flatMap(({ ids, ownIds, pieceId, station }) =>
    ownIds.size === 0 ? [] : [{ pieceId, station, exercise: namesAt(snapshot, pieceId, station), people: ids.size, own: ownIds.size }],
  )
}

const namesAt = ({ circuits }: RunSnapshot, pieceId: string, station: number): string =>
  circuits[pieceId]?.stations[station - 1]?.exercises.map(({ name }) => name).join(', ') ?? ''
