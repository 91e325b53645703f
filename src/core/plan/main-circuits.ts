import { mainPiece } from './edit'
import type { Circuit, Plan } from './plan'
import { rotatingCircuits } from './turns'

/** The circuits that the class is about: those in which people rotate, else the longest. */
export function mainCircuits(plan: Plan): Circuit[] {
  const rotating = rotatingCircuits(plan)
  if (rotating.length > 0) return rotating
  const main = mainPiece(plan)
  return main.type === 'circuit' ? [main] : []
}
