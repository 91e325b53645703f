import type { Exercise, Option, Stance } from './exercise'

/** An exercise as it is really done: itself, or one of its options with what the option leaves out taken from it. */
export interface Form extends Omit<Exercise, 'id' | 'options'> {
  exerciseId: string
  optionId?: string
  rung?: Option['rung']
}

/** The rungs of a ladder from the mildest: what is easier, what stands in its place, what is harder. */
export const rungOrder = { easier: 0, substitute: 1, harder: 2 } as const satisfies Record<Option['rung'], number>

const onTheFloor = new Set<Stance>(['kneeling', 'lying'])

/** Whether one has to get down to do it, and up again. */
export const isOnFloor = (form: Pick<Form, 'stance'>): boolean => onTheFloor.has(form.stance)

/**
 * The exercise with the option named; the exercise itself when there is none, or the hall no longer has it. An option of a floor
 * exercise that does not ask to get to the floor is done standing, and one of a jump that does not ask for jumps keeps a foot
 * down.
 */
export function formOf(exercise: Exercise, optionId?: string): Form {
  const all = formsOf(exercise)
  return (optionId !== undefined && all.find((form) => form.optionId === optionId)) || all[0]!
}

function formMade(exercise: Exercise, optionId?: string): Form {
  const { id, options, ...base } = exercise
  const option = options.find((option) => option.id === optionId)
  if (!option) return { ...base, exerciseId: id }
  const { id: _, ...own } = option
  return {
    ...base,
    ...own,
    exerciseId: id,
    optionId: option.id,
    // Hands flat on the floor is no help to somebody who stands: an option has form points of its own, or none.
    points: option.points ?? [],
    stance: option.stance ?? (isOnFloor(base) && !option.asks.includes('floor') ? 'standing' : base.stance),
    impact: option.impact ?? (base.impact === 'high' && !option.asks.includes('jumps') ? 'low' : base.impact),
    clearMetres: option.asks.includes('overhead') ? base.clearMetres : undefined,
  }
}

const forms = new WeakMap<Exercise, Form[]>()

/** The exercise itself and each of its options. Made once for each exercise: nobody changes one in place. */
export function formsOf(exercise: Exercise): Form[] {
  let found = forms.get(exercise)
  if (!found) forms.set(exercise, (found = [formMade(exercise), ...exercise.options.map((option) => formMade(exercise, option.id))]))
  return found
}
