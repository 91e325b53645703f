import type { Figure } from '../../../src/core/figure/figure'
import { cardio } from './cardio'
import { floor } from './floor'
import { lower } from './lower'
import { mobility } from './mobility'
import { upper } from './upper'
import type { FigureSet } from './set'

const all: FigureSet = { ...lower, ...upper, ...floor, ...cardio, ...mobility }

/** The figure of an exercise, or of one of its options where it has one of its own. */
export const stockFigure = (exerciseId: string, optionId?: string): Figure | undefined => {
  const set = all[exerciseId]
  return optionId === undefined ? set?.self : set?.[optionId.slice(exerciseId.length + 1)]
}
/** Every exercise that has figures, and the options with their own. */
export const stockFigures = all
