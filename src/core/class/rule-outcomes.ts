import { groupCount } from '../grouping/groups'
import type { Circuit } from '../plan/plan'
import { outcomeOf, type RuleOutcome } from '../rotation/outcome'
import { recommended, type Recommendation } from '../rotation/recommend'
import { defaultChoice, quickRules, type Rule } from '../rotation/rule'
import type { ClassDocument } from './class-document'
import { rotationOf, type ComputedClass } from './compute'

/** What each rule would give this class in a circuit, by the very table that it would have. */
export const ruleOutcomes = (
  document: ClassDocument,
  computed: Pick<ComputedClass, 'groups'>,
  circuit: Circuit,
  rules: readonly Rule[] = quickRules,
): RuleOutcome[] =>
  rules.map((rule) => {
    const chosen = document.rotations?.[circuit.id]
    const choice = chosen?.rule === rule ? chosen : defaultChoice(rule, circuit.stations.length)
    const { rotation, units } = rotationOf(document, circuit, computed.groups, choice)
    return outcomeOf(
      rule,
      rotation,
      units.map((unit) => unit.length),
      circuit.stations.length,
    )
  })

export const ruleRecommended = (
  document: ClassDocument,
  computed: Pick<ComputedClass, 'people'>,
  circuit: Circuit,
  outcomes: readonly RuleOutcome[],
): Recommendation =>
  recommended(outcomes, { stations: circuit.stations, people: computed.people.length, size: groupCount(document.groupSize) })

/**
 * A new partner every turn for everyone, with fewer stations: as many as there are pairs. Nothing where that is so already, where
 * it is not whole then either, or where few stations would be left.
 */
export function fewerStations(
  document: ClassDocument,
  computed: Pick<ComputedClass, 'groups' | 'people'>,
  circuit: Circuit,
): number | undefined {
  const pairs = Math.floor(computed.people.length / 2)
  if (groupCount(document.groupSize) !== 2 || computed.people.length % 2 === 1 || pairs >= circuit.stations.length || pairs < 3)
    return undefined
  const { turns: _, ...rest } = circuit
  const smaller: Circuit = { ...rest, laps: rest.laps ?? 1, stations: circuit.stations.slice(0, pairs) }
  const [files] = ruleOutcomes(document, computed, smaller, ['twoFiles'])
  return files && files.problem === undefined && files.alone + files.missed + files.waiting === 0 ? pairs : undefined
}
