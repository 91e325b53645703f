import { placementProblem, shortOf, startPlaces } from '../../gear/start-places'
import { arrangedIn } from '../../grouping/arranged'
import { usableIn } from '../../hall/gear-kind'
import { isMixing } from '../../rotation/rule'
import type { Finding, Fix, Judged } from '../finding'

/** More groups than this take too long to be looked at while somebody types. */
const mostGroups = 12

/** More of a kind and size wanted at once than the hall has. */
export function gearShort(judged: Judged): Finding[] {
  const lines = judged.computed.gear.lines.filter((line) => line.short > 0)
  if (lines.length === 0) return []
  const fix = otherPlaces(judged)
  return lines.map((line) => ({
    id: `gearShort-${line.kindId}-${line.sizeId}`,
    severity: 'mend' as const,
    what: `${[line.kindName, line.sizeLabel].filter(Boolean).join(' ')}: ${line.most} wanted, ${line.owned} owned`,
    why: 'See Gear for the turns in which it is short.',
    ...(fix && { fix }),
  }))
}

/** Groups that begin elsewhere, where that alone makes less of the gear short; only for a class with one loop of plain stations. */
function otherPlaces({ document, computed, library }: Judged): Fix | undefined {
  const [only, ...more] = computed.rotations
  const { groups } = computed
  if (!only || more.length > 0 || isMixing(only.choice.rule) || only.choice.rule !== 'loop' || only.circuit.waves || groups.length > mostGroups) return undefined
  if (only.circuit.stations.some((station) => station.span === 2) || groups.length > only.circuit.stations.length) return undefined
  const problem = placementProblem(only.circuit, groups, library.exercises, usableIn(library.gear, document.roomId))
  const before = shortOf(problem, groups.map((_, group) => group))
  const { order, short } = startPlaces(problem)
  if (short >= before) return undefined
  return {
    label: short === 0 ? 'Start groups elsewhere: no clash in any turn' : `Start groups elsewhere: ${short} missing over a lap instead of ${before}`,
    apply: (now) => ({ ...now, arranged: arrangedIn(now, order.map((group) => groups[group]!)) }),
  }
}
