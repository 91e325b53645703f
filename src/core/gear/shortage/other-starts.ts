import type { Fix, Judged } from '../../class/fix'
import { arrangedIn } from '../../grouping/arranged'
import { usableIn } from '../../library/gear-kind'
import { placementProblem, shortOf, startPlaces } from './start-places'

/** More groups than this take too long to be looked at while somebody types. */
const mostGroups = 12

/** Groups that begin elsewhere, where that alone makes less of the gear short; only for a class with one loop of plain stations. */
export function otherStarts({ document, computed, library }: Judged): Fix | undefined {
  const [only, ...more] = computed.rotations
  const { groups } = computed
  if (!only || more.length > 0 || only.choice.rule !== 'loop' || only.circuit.waves || groups.length > mostGroups) return undefined
  if (only.circuit.stations.some((station) => station.span === 2) || groups.length > only.circuit.stations.length) return undefined
  const problem = placementProblem(only.circuit, groups, library.exercises, usableIn(library.gear, document.roomId, document.bring))
  const before = shortOf(
    problem,
    groups.map((_, group) => group),
  )
  const { order, short } = startPlaces(problem)
  if (short >= before) return undefined
  return {
    label:
      short === 0
        ? 'Start groups elsewhere: no clash in any turn'
        : `Start groups elsewhere: ${short} missing over a lap instead of ${before}`,
    apply: (now) => ({
      ...now,
      arranged: arrangedIn(
        now,
        order.map((group) => groups[group]!),
      ),
    }),
  }
}
