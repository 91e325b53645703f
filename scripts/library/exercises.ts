import type { Exercise } from '../../src/core/library/exercise'
import { cardio } from './cardio'
import { core } from './core'
import { stockFigure } from './figures'
import { jacks } from './jacks'
import { lower } from './lower'
import { lunges } from './lunges'
import { mobility } from './mobility'
import { planks } from './planks'
import { presses } from './presses'
import { stretches } from './stretches'
import { upper } from './upper'

/** An exercise with its figure and those of its options. */
export function withFigures(exercise: Exercise): Exercise {
  const figure = (optionId?: string) => {
    const found = stockFigure(exercise.id, optionId)
    return found && { figure: found }
  }
  return {
    ...figure(),
    ...exercise,
    options: exercise.options.map((option) => ({ ...figure(option.id), ...option })),
  }
}

/** The exercises that a new hall begins with. A hall changes them and adds its own. */
export const libraryExercises = [
  ...lower,
  ...lunges,
  ...upper,
  ...presses,
  ...core,
  ...planks,
  ...cardio,
  ...jacks,
  ...mobility,
  ...stretches,
].map(withFigures)
