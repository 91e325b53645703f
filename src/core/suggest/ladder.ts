import { exercisesById } from '../library/by-id'
import type { HallLibrary } from '../class/compute'
import type { Exercise, Option, Strain } from '../library/exercise'
import { strainNames } from '../library/exercise'
import { formOf, rungOrder, type Form } from '../library/form'
import { everyCircuit, withLists } from '../plan/every-circuit'
import { usesChanged } from '../plan/pieces-changed'
import { mainCircuits } from '../plan/main-circuits'
import type { Circuit, Plan, Use } from '../plan/plan'
import { stationName } from '../summary/names'
import { isMain } from './main-part'

/** Which way to go along the ladders: harder, easier, or easier on something. */
export type Direction = 'harder' | 'easier' | Strain

/** One change of a station's exercise, to be shown before it is made. */
export interface OptionSwap {
  useId: string
  where: string
  from: Form
  to: Form
  exerciseId: string
  optionId?: string | undefined
}

/** The exercise and its options from easiest to hardest; substitutes are on no rung. */
function ladderOf(exercise: Exercise): (Option | undefined)[] {
  const easier = exercise.options.filter((option) => option.rung === 'easier')
  const harder = exercise.options.filter((option) => option.rung === 'harder')
  // The easier options are listed from near to far.
  return [...easier.reverse(), undefined, ...harder]
}

/** The next rung up or down; `undefined` at the ladder's end, or from a substitute. */
function nextRung(exercise: Exercise, optionId: string | undefined, by: 1 | -1): Option | 'itself' | undefined {
  const ladder = ladderOf(exercise)
  const at = ladder.findIndex((option) => option?.id === optionId)
  if (at < 0 || at + by < 0 || at + by >= ladder.length) return undefined
  return ladder[at + by] ?? 'itself'
}

/** The mildest change that spares a strain: an option of the exercise, else another exercise of the same region. */
function sparing(
  exercise: Exercise,
  strain: Strain,
  others: readonly Exercise[],
): { exercise: Exercise; option?: Option | undefined } | undefined {
  const option = exercise.options.filter((option) => !option.asks.includes(strain)).sort((a, b) => rungOrder[a.rung] - rungOrder[b.rung])[0]
  if (option) return { exercise, option }
  const other = others.find(
    (other) => other.regions[0] === exercise.regions[0] && !other.asks.includes(strain) && isMain(other) && other.gear.length === 0,
  )
  return other && { exercise: other }
}

/** Every change that makes the class harder, easier, or gentler on something, station by station. */
export function swapsFor(plan: Plan, library: Pick<HallLibrary, 'exercises'>, direction: Direction): OptionSwap[] {
  const byId = exercisesById(library.exercises)
  const used = new Set<string>()
  const swaps: OptionSwap[] = []
  const visit = (circuit: Circuit) =>
    circuit.stations.forEach((station, index) =>
      station.uses.forEach((use) => {
        const exercise = byId.get(use.exerciseId)
        if (!exercise) return
        const target = targetOf(
          exercise,
          use,
          direction,
          library.exercises.filter((exercise) => !used.has(exercise.id)),
        )
        if (!target) return
        const where = stationName(circuit, index)
        swaps.push({
          useId: use.id,
          where,
          from: formOf(exercise, use.optionId),
          to: formOf(target.exercise, target.option?.id),
          exerciseId: target.exercise.id,
          optionId: target.option?.id,
        })
        used.add(target.exercise.id)
      }),
    )
  // Harder and easier are for the main part; what hurts a knee hurts it in the warm-up too.
  const circuits = direction === 'harder' || direction === 'easier' ? withLists(mainCircuits(plan)) : everyCircuit(plan)
  circuits.forEach(visit)
  return swaps
}

function targetOf(
  exercise: Exercise,
  use: Use,
  direction: Direction,
  others: readonly Exercise[],
): { exercise: Exercise; option?: Option | undefined } | undefined {
  if (direction !== 'harder' && direction !== 'easier')
    return formOf(exercise, use.optionId).asks.includes(direction) ? sparing(exercise, direction, others) : undefined
  // What warms up or stretches stays as it is.
  if (!isMain(exercise)) return undefined
  const next = nextRung(exercise, use.optionId, direction === 'harder' ? 1 : -1)
  return next && { exercise, option: next === 'itself' ? undefined : next }
}

/** The plan with the swaps made. */
export function withSwaps(plan: Plan, swaps: readonly OptionSwap[]): Plan {
  const byUse = new Map(swaps.map((swap) => [swap.useId, swap]))
  const swapped = (use: Use): Use => {
    const swap = byUse.get(use.id)
    return swap ? { ...use, exerciseId: swap.exerciseId, optionId: swap.optionId } : use
  }
  return usesChanged(plan, swapped)
}

export const directionWords = (direction: Direction): string =>
  direction === 'harder' || direction === 'easier' ? direction : `gentler: ${strainNames[direction]}`
