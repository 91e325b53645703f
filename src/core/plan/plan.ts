import type { z } from 'zod'
import { checkPlan } from './check'
import { PlanFields } from './schema'

export * from './schema'

/** A reusable class shape. All lengths of time are whole seconds. */
export const Plan = PlanFields.superRefine(checkPlan)
export type Plan = z.infer<typeof Plan>
/** A plan as it may be written by hand, with defaults left out. */
export type PlanInput = z.input<typeof Plan>
