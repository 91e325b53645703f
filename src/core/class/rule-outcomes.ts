import { groupCount } from '../grouping/groups'
import { tidyPlan } from '../plan/edit/tidy'
import { everyCircuit } from '../plan/every-circuit'
import type { Circuit } from '../plan/plan'
import { lossOf, outcomeOf, type RuleOutcome } from '../rotation/outcome'
import { recommended, type Recommendation } from '../rotation/recommend'
import { defaultChoice, quickRules, type Rule } from '../rotation/rule'
import type { ClassDocument } from './class-document'
import { rotationOf, type ComputedClass } from './compute'
import { withPiece } from './fix'

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
 * The class with as many stations as there are pairs, in two files, where that gives everyone every station, a new partner every
 * turn, and leaves nobody alone. Nothing where there are no stations too many, where somebody is over, or few would be left.
 */
export function fewerStations(
  document: ClassDocument,
  computed: Pick<ComputedClass, 'groups' | 'people'>,
  circuit: Circuit,
): { count: number; document: ClassDocument } | undefined {
  const pairs = Math.floor(computed.people.length / 2)
  const isUneven = groupCount(document.groupSize) !== 2 || computed.people.length % 2 === 1
  if (isUneven || pairs >= circuit.stations.length || pairs < 3) return undefined
  const smaller = withPiece(document, circuit, { stations: circuit.stations.slice(0, pairs) })
  const plan = tidyPlan(smaller.plan)
  const now = everyCircuit(plan).find(({ id }) => id === circuit.id)!
  const made: ClassDocument = { ...smaller, plan, rotations: { ...document.rotations, [circuit.id]: { rule: 'twoFiles' } } }
  const [files] = ruleOutcomes(made, computed, now, ['twoFiles'])
  return files && files.problem === undefined && lossOf(files) === 0 ? { count: pairs, document: made } : undefined
}
