import type { Outcome, Value } from './outcome'

/** A result, and for whom it counts together: what a pair did as one is counted once. */
export interface Shared {
  personId: string
  /** The same for all for whom it was put down at once. */
  entry: string
  outcome: Outcome
}

/**
 * What each team did together, in the order of the teams: times, rounds, reps and loads added up. Nothing for a team in which
 * somebody has no value or did not finish, or whose values are of several measures.
 */
export function teamTotals(teams: readonly (readonly string[])[], results: readonly Shared[]): (Value | undefined)[] {
  const byPerson = new Map(results.map((one) => [one.personId, one]))
  return teams.map((team) => {
    const counted = new Map(team.map((id) => [byPerson.get(id)?.entry, byPerson.get(id)?.outcome]))
    const [first, ...others] = [...counted.values()].map((outcome) => (outcome?.didNotFinish ? undefined : outcome?.value))
    return others.reduce((sum, value) => sum && value && added(sum, value), first)
  })
}

function added(a: Value, b: Value): Value | undefined {
  if (a.measure === 'time' && b.measure === 'time') return { ...a, tenths: a.tenths + b.tenths }
  if (a.measure === 'rounds' && b.measure === 'rounds') return { ...a, rounds: a.rounds + b.rounds, reps: a.reps + b.reps }
  if (a.measure === 'reps' && b.measure === 'reps') return { ...a, reps: a.reps + b.reps }
  if (a.measure === 'load' && b.measure === 'load') return { ...a, kilograms: a.kilograms + b.kilograms }
  return undefined
}
