import { z } from 'zod'
import { Exercise } from '../../library/exercise'
import { limits } from '../../base/limits'
import { wholeNumber } from '../../base/fields'
import { presentFormat } from '../../base/stored'
import { Plan } from '../plan'
import { planFormats } from '../formats'

const presentVersion = presentFormat({ forward: planFormats })

/** A plan as a file that another hall can read: the plan, and the exercises it uses. */
export const PlanFile = z.strictObject({
  format: z.literal('vicinor-plan', { error: 'must be "vicinor-plan"' }),
  version: wholeNumber(1, presentVersion),
  plan: Plan,
  exercises: z
    .array(Exercise)
    .max(limits.stations * limits.uses)
    .default([]),
})
export type PlanFile = z.infer<typeof PlanFile>

/** Ids of the exercises that the plan uses, in the order of first use. Variations count too. */
export function exercisesUsed(plan: Plan): string[] {
  const ids = new Set<string>()
  for (const part of plan.parts) {
    for (const piece of part.pieces) {
      if (piece.type === 'pause') continue
      const circuits = piece.waves ? [piece, piece.waves.meanwhile] : [piece]
      for (const circuit of circuits) {
        for (const station of circuit.stations)
          for (const use of station.uses) for (const { exerciseId } of [use, ...(use.alternatives ?? [])]) ids.add(exerciseId)
        for (const variation of circuit.vary) if (variation.field === 'exerciseId') ids.add(variation.value)
      }
    }
    for (const variation of part.vary) if (variation.field === 'exerciseId') ids.add(variation.value)
  }
  return [...ids]
}

/** The file for `plan`, with those of the hall's `exercises` that it uses. */
export function planFile(plan: Plan, exercises: readonly Exercise[]): PlanFile {
  const used = new Set(exercisesUsed(plan))
  return { format: 'vicinor-plan', version: presentVersion, plan, exercises: exercises.filter((exercise) => used.has(exercise.id)) }
}
