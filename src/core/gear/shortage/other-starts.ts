import type { ClassDocument } from '../../class/class-document'
import { computeClass } from '../../class/compute'
import type { Fix, Judged } from '../../class/fix'
import { arrangedIn } from '../../grouping/arranged'
import { usableIn } from '../../library/gear-kind'
import { missingIn } from '../count'
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
  const apply = (now: ClassDocument): ClassDocument => ({
    ...now,
    arranged: arrangedIn(
      now,
      order.map((group) => groups[group]!),
    ),
  })
  // The problem knows one loop by itself: what is promised is read off the whole class.
  const missing = missingIn(computeClass(apply(document), library).gear)
  if (missing >= missingIn(computed.gear)) return undefined
  return {
    label:
      missing === 0
        ? 'Start groups elsewhere: no clash in any turn'
        : `Start groups elsewhere: ${missing} missing over all turns instead of ${missingIn(computed.gear)}`,
    apply,
  }
}
