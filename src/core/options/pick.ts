import type { ComputedClass, HallLibrary } from '../class/compute'
import { sizeFor } from '../gear/need'
import { exercisesById } from '../hall/by-id'
import { strainNames, type Exercise } from '../hall/exercise'
import { formOf, formsOf, type Form } from '../hall/form'
import type { Person } from '../hall/person'
import type { Circuit, Dose, Plan, Use } from '../plan/plan'
import type { z } from 'zod'

/** What one person does at one use: the option, its load and dose, and why where it is not what everyone does. */
export interface Pick {
  form: Form
  /** Sizes by kind of gear. */
  loads: { kindId: string; kindName: string; sizeLabel: string }[]
  dose?: z.infer<typeof Dose> | undefined
  /** Why this differs from what everyone does; absent when it does not. */
  why?: string
  /** Nothing of the exercise spares what the person goes easy on. */
  unspared?: boolean
}

const rungOrder = { easier: 0, substitute: 1, harder: 2 } as const

/**
 * The form a person should take: what everyone does, if it spares what the person goes easy on; else the mildest option that does. Newcomers are given the nearest
 * easier option of what is hard (jumps, floor and balance together); nobody is sent to a harder one unasked. Without any that spares, the easiest, marked.
 */
export function pickFor(person: Person, use: Use, exercise: Exercise, gear: HallLibrary['gear']): Pick {
  const standard = formOf(exercise, use.optionId)
  const strained = (form: Form) => form.asks.filter((strain) => person.goEasy.includes(strain))
  const options = formsOf(exercise).filter((form) => form.rung !== undefined).sort((a, b) => rungOrder[a.rung!] - rungOrder[b.rung!])
  const hard = (form: Form) => (['jumps', 'floor', 'balance'] as const).filter((strain) => form.asks.includes(strain)).length
  const asked = strained(standard)
  const because = `easy on ${asked.map((strain) => strainNames[strain]).join(', ')}`
  const dressed = (form: Form, more: Partial<Pick> = {}): Pick => ({ form, loads: loadsOf(person, form, use, gear), dose: use.dose?.[person.level], ...more })
  if (asked.length > 0) {
    const spares = options.find((form) => strained(form).length === 0)
    if (spares) return dressed(spares, { why: because })
    const least = [standard, ...options].reduce((best, form) => (strained(form).length < strained(best).length ? form : best))
    return dressed(least, { why: because, unspared: true })
  }
  if (person.level === 'newcomer' && hard(standard) >= 2) {
    const easier = options.find((form) => form.rung === 'easier' && strained(form).length === 0)
    if (easier) return dressed(easier, { why: 'new' })
  }
  return dressed(standard)
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
export function exceptionsIn(plan: Plan, people: ComputedClass['people'], library: HallLibrary): Exception[] {
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
