import type { Outcome, Value } from './outcome'

/** A result, and for whom it counts together: what a pair did as one is counted once. */
export interface Shared {
  personId: string
  /** The same for all for whom it was put down at once. */
  entry: string
  outcome: Outcome
}

/**
 * What each team did together, in the order of the teams: times, rounds, reps and loads added up. Nothing for a team of which
 * nobody has a value, in which somebody did not finish, or whose values are of several measures.
 */
export const teamTotals = (teams: readonly (readonly string[])[], results: readonly Shared[]): (Value | undefined)[] =>
  teams
    .map((team) => {
      const counted = new Map(results.filter(({ personId }) => team.includes(personId)).map((one) => [one.entry, one.outcome]))
      return [...counted.values()].reduce<{ sum?: Value | undefined; broken: boolean }>(
        ({ sum, broken }, { value, didNotFinish }) => {
          const next = value && !didNotFinish ? (sum ? added(sum, value) : value) : undefined
          return { sum: next ?? sum, broken: broken || next === undefined }
        },
        { broken: false },
      )
    })
    .map(({ sum, broken }) => (broken ? undefined : sum))

function added(a: Value, b: Value): Value | undefined {
  if (a.measure === 'time' && b.measure === 'time') return { ...a, tenths: a.tenths + b.tenths }
  if (a.measure === 'rounds' && b.measure === 'rounds') return { ...a, rounds: a.rounds + b.rounds, reps: a.reps + b.reps }
  if (a.measure === 'reps' && b.measure === 'reps') return { ...a, reps: a.reps + b.reps }
  if (a.measure === 'load' && b.measure === 'load') return { ...a, kilograms: a.kilograms + b.kilograms }
  return undefined
}
