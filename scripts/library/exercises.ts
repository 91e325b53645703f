import { cardio } from './cardio'
import { core } from './core'
import { lower } from './lower'
import { mobility } from './mobility'
import { upper } from './upper'

/** The exercises that a new hall begins with. A hall changes them and adds its own. */
export const libraryExercises = [...lower, ...upper, ...core, ...cardio, ...mobility]
