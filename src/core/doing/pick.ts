import type { HallLibrary } from '../class/compute'
import { sizeFor } from '../gear/need'
import { exercisesById } from '../library/by-id'
import type { Exercise } from '../library/exercise'
import { formOf, type Form } from '../library/form'
import type { Person } from '../library/person'
import type { Circuit, Dose, Plan, Use } from '../plan/plan'
import type { z } from 'zod'
import { formFor, type FormChoice } from '../options/form-for'

/** What one person does at one use: the option, its load and dose, and why where it is not what everyone does. */
export interface Pick extends FormChoice {
  /** Sizes by kind of gear. */
  loads: { kindId: string; kindName: string; sizeLabel: string }[]
  dose?: z.infer<typeof Dose> | undefined
}

/** The form, sizes and dose a person should take. */
export function pickFor(person: Person, use: Use, exercise: Exercise, gear: HallLibrary['gear']): Pick {
  const choice = formFor(person, use, exercise)
  return { ...choice, loads: loadsOf(person, choice.form, use, gear), dose: use.dose?.[person.level] }
}

function loadsOf(person: Person, form: Form, use: Use, gear: HallLibrary['gear']): Pick['loads'] {
  return form.gear.flatMap((need) => {
    const kind = gear.find((each) => each.id === need.kindId)
    if (!kind || need.per !== 'person' || kind.sizes.length < 2) return []
    const size = kind.sizes.find((each) => each.id === sizeFor(person, need, use, kind))
    return size ? [{ kindId: kind.id, kindName: kind.name, sizeLabel: size.label }] : []
  })
}

/** Someone who does something else than everyone at a station. */
export interface Exception {
  person: Person
  circuit: Circuit
  /** From 1. */
  station: number
  /** From 0, within the stay. */
  position: number
  standard: string
  pick: Pick
}

/** What an exception comes to, for a screen that has a line for it: `Sit to a high chair (easy on knee)`. */
export const exceptionWords = ({ form, loads, why, unspared }: Pick): string =>
  unspared ? `${form.name}: nothing of it is ${why}` : `${[form.name, ...loads.map((load) => load.sizeLabel)].join(', ')} (${why})`

/** All exceptions of a class, in the order of its stations: the little that a coach has to keep in mind. */
export function exceptionsIn(plan: Plan, people: readonly Person[], library: HallLibrary): Exception[] {
  const byId = exercisesById(library.exercises)
  const circuits = plan.parts.flatMap((part) => part.pieces.filter((piece): piece is Circuit => piece.type === 'circuit'))
  return circuits.flatMap((circuit) =>
    circuit.stations.flatMap((station, index) =>
      station.uses.flatMap((use, position) => {
        const exercise = byId.get(use.exerciseId)
        if (!exercise) return []
        return people.flatMap((person): Exception[] => {
          const pick = pickFor(person, use, exercise, library.gear)
          return pick.why ? [{ person, circuit, station: index + 1, position, standard: formOf(exercise, use.optionId).name, pick }] : []
        })
      }),
    ),
  )
}
