import { chosenUse, type Choices } from '../gear/choices'
import { sizeFor } from '../gear/need'
import type { Exercise, Strain } from '../library/exercise'
import { formOf, type Form } from '../library/form'
import type { GearKind } from '../library/gear-kind'
import { formFor, type Doer } from '../options/form-for'
import type { Dose, Use } from '../plan/plan'
import type { z } from 'zod'

type Who = Pick<Doer, 'goEasy' | 'level' | 'loads' | 'shows'>

/** The hall's exercises and gear, by id. */
export interface Known {
  exercises: ReadonlyMap<string, Exercise>
  kinds: ReadonlyMap<string, GearKind>
  /** Who takes which, where an exercise has alternatives. */
  choices?: Choices
}

/**
 * What is done at a place of the class: the one answer that cards, walls, stations, controls and the list of exceptions read. The
 * gear count takes the same two steps (`formFor`, `sizeFor`), and a property test holds it against the cards. Every field of `use`
 * that levels, limits or sizes change is changed in it.
 */
export interface Doing {
  use: Use
  /** `undefined` where the hall does not know the exercise. */
  form: Form | undefined
  name: string
  /** Sizes by kind of gear, of what each person takes for themselves. */
  loads: { kindName: string; sizeLabel: string }[]
  /** Seconds of its interval that are worked; the rest of it is rested. Absent where all of it is. */
  workedSeconds?: number
  rounds?: number
  restSeconds?: number
  /** Laps that are worked; the later ones are rested through. */
  laps?: number
  /** Why this differs from what everyone does. */
  why?: string
  /** Nothing of the exercise spares all that the person goes easy on. */
  unspared?: readonly Strain[]
}

/**
 * What `doer` does of a use as it stands at a repeat and lap (see `plan/as-done`); nobody in particular, where there is none: what
 * everyone does. Seconds of a dose shorten an item of a list, and of an interval the time worked (`isItem`).
 *
 * Somebody easy on knees at the goblet squats of the demo → `Sit to a high chair`, why: `easy on knee`.
 */
export function doingOf(planned: Use, doer: Who | undefined, { exercises, kinds, choices }: Known, isItem = false): Doing {
  const use = doer && choices ? chosenUse(planned, doer, choices) : planned
  const exercise = exercises.get(use.exerciseId)
  if (!exercise) return { use, form: undefined, name: use.exerciseId, loads: [] }
  if (!doer) {
    const form = formOf(exercise, use.optionId)
    return { use, form, name: form.name, loads: [] }
  }
  const { form, why, unspared } = formFor(doer, use, exercise)
  const dose = use.dose?.[doer.level]
  return {
    use: dosed(use, dose, isItem),
    form,
    name: form.name,
    loads: loadsOf(doer, form, use, kinds),
    ...(dose?.seconds !== undefined && !isItem && { workedSeconds: dose.seconds }),
    ...(dose?.rounds !== undefined && { rounds: dose.rounds }),
    ...(dose?.restSeconds !== undefined && { restSeconds: dose.restSeconds }),
    ...(dose?.laps !== undefined && { laps: dose.laps }),
    ...(use !== planned && why === undefined && { why: 'no more of the gear' }),
    ...(why !== undefined && { why }),
    ...(unspared && { unspared: form.asks.filter((strain) => doer.goEasy.includes(strain)) }),
  }
}

function dosed(use: Use, dose: z.infer<typeof Dose> | undefined, isItem: boolean): Use {
  if (!dose) return use
  return {
    ...use,
    ...(dose.reps !== undefined && { reps: { count: dose.reps, counted: use.reps?.counted ?? ('total' as const) } }),
    ...(dose.seconds !== undefined && isItem && { seconds: dose.seconds }),
  }
}

function loadsOf(doer: Who, form: Form, use: Use, kinds: Known['kinds']): Doing['loads'] {
  return form.gear.flatMap((need) => {
    const kind = kinds.get(need.kindId)
    if (!kind || need.per !== 'person' || kind.sizes.length < 2) return []
    const size = kind.sizes.find(({ id }) => id === sizeFor(doer, need, use, kind))
    return size ? [{ kindName: kind.name, sizeLabel: size.label }] : []
  })
}
