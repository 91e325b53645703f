import type { RotatingStation, Rule } from './rule'

/** The rule that suits a class, and why, in a sentence. */
export interface Recommendation {
  rule: Rule
  why: string
}

/** Teachable rules come first: one that must be told by card is only recommended where no sentence gives as much. */
export function recommendRule(stations: readonly RotatingStation[], people: number, groupSize: number, turns: number): Recommendation {
  const count = stations.length
  if (stations.some((station) => station.span === 2))
    return { rule: 'loop', why: 'A station takes two turns, and only the loop allows that.' }
  if (people === 0) return { rule: 'loop', why: 'Nobody is ticked yet; the loop is the rule that always works.' }
  if (groupSize < 2) return { rule: 'loop', why: 'People work alone, so there are no partners to change.' }
  if (groupSize > 2) return { rule: 'loop', why: 'Groups stay together, and each is at every station: the simplest to tell.' }
  if (count < 3) return { rule: 'loop', why: 'With so few stations there is nobody to change with.' }
  const pairs = Math.ceil(people / 2)
  if (pairs < count - 1)
    return { rule: 'loop', why: `${pairs} pairs at ${count} stations: changing partners would leave people alone at the empty ones.` }
  if (turns < count)
    return { rule: 'loop', why: `${turns} turns for ${count} stations: keep pairs together, and let each choose where to begin.` }
  if (count % 2 === 1)
    return { rule: 'twoFiles', why: 'An odd number of stations: one sentence gives everyone a new partner every turn, and every station.' }
  return {
    rule: 'twoFiles',
    why: 'One sentence gives a new partner every turn; with an even number of stations the second file takes one extra step at half-time.',
  }
}
