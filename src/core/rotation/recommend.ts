import { lossOf, type RuleOutcome } from './outcome'
import { isMixing, type RotatingStation, type Rule } from './rule'

/** The rule that suits a class, and why, in a sentence. */
export interface Recommendation {
  rule: Rule
  why: string
  /** Whether nobody loses anything by it. */
  isWhole: boolean
}

/** Told in a sentence, the simplest first; the others need wall and card. */
const teachable: readonly Rule[] = ['loop', 'loopByK', 'twoFiles', 'hostAndTraveller']

/** What a recommendation looks at. */
export interface Suited {
  stations: readonly RotatingStation[]
  people: number
  /** People wanted in a group. */
  size: number
}

/**
 * The rule under which nobody, or the fewest, are alone, wait or miss a station, by each rule's own table. Of those that cost the
 * same, for pairs the one with the most partners that a sentence can tell; groups that stay together keep the loop.
 */
export function recommended(outcomes: readonly RuleOutcome[], { stations, people, size }: Suited): Recommendation {
  const loop = outcomes.find(({ rule }) => rule === 'loop')
  const simple = (why: string): Recommendation => ({ rule: 'loop', why, isWhole: loop !== undefined && isWhole(loop, size < 2) })
  if (stations.some((station) => station.span === 2)) return simple('A station takes two turns, and only the loop allows that.')
  if (people === 0) return simple('Nobody is ticked yet; the loop is the rule that always works.')
  if (size < 2) return simple('People work alone, so there are no partners to change.')
  if (size > 2) return simple('Groups stay together: the simplest to tell.')
  const had = outcomes.filter(({ problem }) => problem === undefined)
  const best = had.reduce<RuleOutcome | undefined>((found, outcome) => (found && compare(found, outcome) <= 0 ? found : outcome), undefined)
  if (!best) return simple(loop?.problem ?? 'No rule can be had with these numbers.')
  return { rule: best.rule, why: whyOf(best, had), isWhole: isWhole(best) }
}

const isWhole = (outcome: RuleOutcome, worksAlone = false) => outcome.problem === undefined && lossOf(outcome, worksAlone) === 0

/** Below zero where the first suits better. */
function compare(one: RuleOutcome, other: RuleOutcome): number {
  const rank = ({ rule }: RuleOutcome) => (teachable.includes(rule) ? 0 : 1)
  return (
    lossOf(one) - lossOf(other) ||
    rank(one) - rank(other) ||
    other.partners[0] - one.partners[0] ||
    teachable.indexOf(one.rule) - teachable.indexOf(other.rule)
  )
}

function whyOf(best: RuleOutcome, all: readonly RuleOutcome[]): string {
  const [least, most] = best.partners
  if (isMixing(best.rule)) {
    const gives = `${least === most ? least : `${least} to ${most}`} different partners each`
    return isWhole(best) ? `Everyone comes to every station, with ${gives}, and nobody is alone.` : `${gives}; every other rule costs more.`
  }
  const change = all.find(({ rule }) => rule === 'twoFiles')
  const stays = 'Partners stay together.'
  if (!change || lossOf(change) <= lossOf(best)) return stays
  const costs = [
    ...(change.alone > 0 ? [`somebody would be alone in ${change.alone} turns`] : []),
    ...(change.missed > 0 ? [`${change.missed} visits would be missed`] : []),
    ...(change.waiting > 0 ? [`somebody would wait in ${change.waiting} turns`] : []),
  ]
  return `${stays} With a new partner every turn ${costs.join(' and ')}.`
}
