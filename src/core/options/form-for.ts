import { strainNames, type Exercise } from '../library/exercise'
import { formOf, formsOf, rungOrder, type Form } from '../library/form'
import type { Person } from '../library/person'
import type { Use } from '../plan/plan'

/** The form that a person does, and why where it is not what everyone does. */
export interface FormChoice {
  form: Form
  /** Why this differs from what everyone does; absent when it does not. */
  why?: string
  /** Nothing of the exercise spares what the person goes easy on. */
  unspared?: boolean
}

/**
 * Somebody of the class; `shows` is the version that they show to the others; `options`, what was set for them alone, by exercise;
 * `counted`, whose name nobody took.
 */
export type Doer = Person & {
  shows?: 'easier' | 'harder' | undefined
  options?: Readonly<Record<string, string>> | undefined
  counted?: true | undefined
}

const hardness = (form: Form) => (['jumps', 'floor', 'balance'] as const).filter((strain) => form.asks.includes(strain)).length

/**
 * The form a person should take: what everyone does, if it spares what the person goes easy on; else the mildest option that does.
 * Newcomers are given the nearest easier option of what is hard (jumps, floor and balance together); nobody is sent to a harder
 * one unasked. Without any that spares, the easiest, marked. What was set for the person alone stands before all of this.
 */
export function formFor(
  person: Pick<Doer, 'goEasy' | 'level' | 'shows' | 'options'>,
  use: Pick<Use, 'optionId'>,
  exercise: Exercise,
): FormChoice {
  const standard = formOf(exercise, use.optionId)
  const own = person.options?.[exercise.id]
  const set = own === undefined ? undefined : formsOf(exercise).find(({ optionId }) => optionId === own)
  // The coach has set it for this one person, who may know better than a rule.
  if (set) return { form: set, why: 'set for them', ...(set.asks.some((strain) => person.goEasy.includes(strain)) && { unspared: true }) }
  if (person.shows) return shownBy(person, standard, exercise) ?? formFor({ ...person, shows: undefined }, use, exercise)
  // Most people, most of the time.
  if (person.goEasy.length === 0 && person.level !== 'newcomer') return { form: standard }
  const strained = (form: Form) => form.asks.filter((strain) => person.goEasy.includes(strain))
  const asked = strained(standard)
  const newTo = person.level === 'newcomer' && hardness(standard) >= 2
  if (asked.length === 0 && !newTo) return { form: standard }
  const options = formsOf(exercise)
    .filter((form) => form.rung !== undefined)
    .sort((a, b) => rungOrder[a.rung!] - rungOrder[b.rung!])
  if (asked.length === 0) {
    const easier = options.find((form) => form.rung === 'easier' && strained(form).length === 0)
    return easier ? { form: easier, why: 'new' } : { form: standard }
  }
  const why = `easy on ${asked.map((strain) => strainNames[strain]).join(', ')}`
  const spares = options.find((form) => strained(form).length === 0)
  if (spares) return { form: spares, why }
  return {
    form: [standard, ...options].reduce((best, form) => (strained(form).length < strained(best).length ? form : best)),
    why,
    unspared: true,
  }
}

/** The version that somebody shows, where the exercise has it and it does not ask what they go easy on. */
function shownBy({ shows, goEasy }: Pick<Doer, 'goEasy' | 'shows'>, standard: Form, exercise: Exercise): FormChoice | undefined {
  const form = formsOf(exercise).find(({ rung }) => rung === shows)
  if (!form || form === standard || form.asks.some((strain) => goEasy.includes(strain))) return undefined
  return { form, why: `shows the ${shows} version` }
}
