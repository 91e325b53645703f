import { usesAsDone, type UseAsDone } from '../plan/as-done'
import { everyCircuit, withLists } from '../plan/every-circuit'
import { mainCircuits } from '../plan/main-circuits'
import type { Circuit, Plan, Use } from '../plan/plan'

/** What is explained of one circuit. */
export interface Explained {
  circuit: Circuit
  /** A warm-up or cool-down: nothing is said before, the coach shows it as it is done. */
  asDone: boolean
  /** What is done here and is explained here. */
  uses: UseAsDone[]
  /** What is done here and is explained elsewhere, or at an earlier station. */
  again: UseAsDone[]
}

/** What makes two uses one thing to explain. */
export const explainedAs = ({ exerciseId, optionId }: Pick<Use, 'exerciseId' | 'optionId'>): string => `${exerciseId}/${optionId ?? ''}`

/**
 * What is explained of each circuit of a class, in the order of the class. Each exercise is explained once: with the main part where
 * that has it, else where it comes first. The walk-through, its length, and the ways to give it all read this.
 */
export function explainedIn(plan: Plan): Explained[] {
  const all = everyCircuit(plan)
  const main = withLists(mainCircuits(plan))
  const isMain = ({ id }: Circuit) => main.some((circuit) => circuit.id === id)
  const done = usesAsDone(plan)
  const seen = new Set<string>()
  const explain = (circuit: Circuit): Explained => {
    const [uses, again]: [UseAsDone[], UseAsDone[]] = [[], []]
    // A lap that differs in figures alone is another line of one exercise, not the exercise again.
    const told = new Set<string>()
    for (const known of done.filter((known) => known.circuit.id === circuit.id)) {
      const thing = explainedAs(known.use)
      if (told.has(`${known.use.id}/${thing}`)) continue
      told.add(`${known.use.id}/${thing}`)
      ;(seen.has(thing) ? again : uses).push(known)
      seen.add(thing)
    }
    return { circuit, asDone: !isMain(circuit), uses, again }
  }
  const found = new Map(
    [...all.filter(isMain), ...all.filter((circuit) => !isMain(circuit))].map((circuit) => [circuit.id, explain(circuit)]),
  )
  return all.map(({ id }) => found.get(id)!)
}

/** Exercises to explain before a circuit, with those that a wave does meanwhile. */
export function exercisesIn(plan: Plan, circuit: Circuit): number {
  const ids = withLists([circuit]).map(({ id }) => id)
  return explainedIn(plan).reduce((sum, known) => sum + (ids.includes(known.circuit.id) ? known.uses.length : 0), 0)
}

/** Exercises to explain before all main circuits. */
export const exercisesToExplain = (plan: Plan): number =>
  explainedIn(plan).reduce((sum, { asDone, uses }) => sum + (asDone ? 0 : uses.length), 0)
