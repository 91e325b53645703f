import type { Circuit, Intervals, Station, Stay, Task, Use } from '../plan'
import { turnsOf } from '../turns'
import { emptyStations, intervals, plainCircuit, type NewId } from './make'

/** A list that people go through at their own pace, five minutes long. */
const list: Task = { kind: 'task', goal: 'cap', capSeconds: 300, openerCount: 0, rungRestSeconds: 0 }

/** An item of a list says how much of it is done. */
const withFigures = (station: Station): Station => ({
  ...station,
  uses: station.uses.map((use) =>
    use.reps || use.seconds !== undefined ? use : { ...use, sides: 'none', reps: { count: 10, counted: 'total' } },
  ),
})

/** The circuit worked at everyone's own pace: what all did one after the other is one list then, each exercise an item. */
export function asLists(circuit: Circuit): Circuit {
  if (circuit.stay.kind === 'task') return circuit
  const bare = ({ stay: _, ...station }: Station) => withFigures(station)
  if (circuit.travel === 'rotate') return { ...circuit, stay: list, stations: circuit.stations.map(bare) }
  const { laps: _, turns: __, stations, ...rest } = circuit
  const uses = stations.flatMap((station) => station.uses)
  const transition = { seconds: 0, how: 'walk' } as const
  return { ...rest, laps: 1, lapRestSeconds: 0, transition, stay: list, stations: [bare({ ...stations[0]!, skipLaps: [], uses })] }
}

/** The circuit worked by the clock: of one list that all go through, each item is a station then. */
export function byTheClock(circuit: Circuit, newId: NewId): Circuit {
  if (circuit.stay.kind === 'intervals') return circuit
  const [only, ...others] = circuit.stations
  const apart =
    circuit.travel === 'together' && others.length === 0 && only!.uses.length > 1
      ? only!.uses.map((use, index) => ({ ...only!, id: index === 0 ? only!.id : newId(), uses: [use] }))
      : circuit.stations.map((station) => ({ ...station, uses: station.uses.slice(0, 1) }))
  return { ...circuit, stay: intervals([40]), stations: apart.map(({ stay: _, ...station }) => station) }
}

/** The room climbs a ladder together, a minute and a half a rung, with a breath between; or each at their own pace again. */
export function climbedTogether(circuit: Circuit, together: boolean): Circuit {
  if (circuit.stay.kind !== 'task') return circuit
  const { rungClock, capSeconds: _, ...stay } = circuit.stay
  if (!together) return rungClock ? { ...circuit, stay } : circuit
  const rungs = stay.rungs ?? [10, 8, 6, 4, 2]
  const rest = stay.rungRestSeconds || 15
  return {
    ...circuit,
    stay: { ...stay, goal: 'finish', openerCount: 0, rungs, rungRestSeconds: rest, rungClock: rungClock ?? { led: true, seconds: 90 } },
  }
}

/** People move round, or all do the same; a list in a rotation needs an end that the clock sets. */
export function withTravel(circuit: Circuit, travel: Circuit['travel']): Circuit {
  const { stay } = circuit
  if (travel === 'together' || stay.kind === 'intervals' || stay.capSeconds !== undefined) return { ...circuit, travel }
  const { rungClock: _, ...own } = stay
  return { ...circuit, travel, stay: { ...own, capSeconds: 300 } }
}

/** Counted in turns instead of laps, or in whole laps again. */
export function countedBy(circuit: Circuit, unit: 'laps' | 'turns'): Circuit {
  const { laps, turns, ...rest } = circuit
  if (unit === 'turns') return { ...rest, turns: turnsOf(circuit) }
  return { ...rest, laps: laps ?? Math.max(1, Math.ceil((turns ?? 1) / circuit.stations.length)) }
}

/** Half of the class works at the stations, the other half down a list of four meanwhile. */
export const withWaves = (circuit: Circuit, newId: NewId): Circuit => ({
  ...circuit,
  waves: { meanwhile: plainCircuit(newId, 'Meanwhile', emptyStations(newId, 4), intervals([40])) },
})

/** The circuit with one of its stations changed. */
export const withStation = (circuit: Circuit, id: string, change: (station: Station) => Station): Circuit => ({
  ...circuit,
  stations: circuit.stations.map((station) => (station.id === id ? change(station) : station)),
})

/**
 * The circuit with one exercise of a station changed. Sides that get an interval each get the rest between them that the exercises
 * have, where none is set.
 */
export function withUse(circuit: Circuit, stationId: string, useId: string, change: (use: Use) => Use): Circuit {
  const apart = (station: Station | undefined) => station?.uses.find(({ id }) => id === useId)?.sides === 'ownInterval'
  const stationOf = ({ stations }: Circuit) => stations.find(({ id }) => id === stationId)
  const changed = withStation(circuit, stationId, (station) => ({
    ...station,
    uses: station.uses.map((use) => (use.id === useId ? change(use) : use)),
  }))
  if (circuit.travel === 'rotate' || apart(stationOf(circuit)) || !apart(stationOf(changed))) return changed
  const rested = <Kept extends Stay>(stay: Kept): Kept =>
    stay.kind === 'intervals' && stay.gapSeconds === 0 ? { ...stay, gapSeconds: circuit.transition.seconds } : stay
  return stationOf(changed)?.stay
    ? withStation(changed, stationId, (station) => ({ ...station, ...(station.stay && { stay: rested(station.stay) }) }))
    : { ...changed, stay: rested(changed.stay) }
}

/** One exercise more at every station, as long as the last. */
export function withPosition(circuit: Circuit): Circuit {
  if (circuit.stay.kind !== 'intervals') return circuit
  const { workSeconds } = circuit.stay
  return { ...circuit, stay: { ...circuit.stay, workSeconds: [...workSeconds, workSeconds.at(-1)!] } }
}

/** Without the exercise at a position (from 0) of every station. */
export function withoutPosition(circuit: Circuit, position: number): Circuit {
  const isOther = (_: unknown, index: number) => index !== position
  const cut = (stay: Intervals): Intervals => ({ ...stay, workSeconds: stay.workSeconds.filter(isOther) })
  if (circuit.stay.kind !== 'intervals' || circuit.stay.workSeconds.length < 2) return circuit
  return {
    ...circuit,
    stay: cut(circuit.stay),
    stations: circuit.stations.map((station) => (station.stay ? station : { ...station, uses: station.uses.filter(isOther) })),
  }
}
