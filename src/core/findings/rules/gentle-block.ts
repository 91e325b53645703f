import type { HallLibrary } from '../../class/compute'
import type { Circuit, PartRole, Plan } from '../../plan/plan'
import { saidRole } from '../../plan/roles'
import { exerciseOf } from './finding'

/** The most that an easy block asks, in MET: brisk walking. */
const easyMet = 5

/**
 * Whether a circuit is called what it should be, or is easy and no finisher; where nothing is known of its exercises, whether all do
 * the same.
 */
export function isGentle(plan: Plan, circuit: Circuit, role: PartRole, library: HallLibrary): boolean {
  const said = saidRole(plan, circuit)
  if (said === role) return true
  if (said === 'finisher') return false
  const mets = circuit.stations.flatMap((station) =>
    station.uses.flatMap((_, position) => exerciseOf(library, station, position)?.met ?? []),
  )
  return mets.length > 0 ? mets.every((met) => met.high <= easyMet) : circuit.travel === 'together'
}
