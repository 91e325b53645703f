import { cardio } from './cardio'
import { core } from './core'
import { jacks } from './jacks'
import { lower } from './lower'
import { lunges } from './lunges'
import { mobility } from './mobility'
import { planks } from './planks'
import { presses } from './presses'
import { stretches } from './stretches'
import { upper } from './upper'

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
]
