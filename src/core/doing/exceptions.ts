import type { HallLibrary } from '../class/compute'
import type { Choices } from '../gear/choices'
import { exercisesById } from '../library/by-id'
import type { Doer } from '../options/form-for'
import { usesAsDone, type UseAsDone } from '../plan/as-done'
import type { Plan } from '../plan/plan'
import { doingOf, type Doing, type Known } from './doing'

export const knownIn = (library: Pick<HallLibrary, 'exercises' | 'gear'>, choices?: Choices): Known => ({
  ...(choices && { choices }),
  exercises: exercisesById(library.exercises),
  kinds: new Map(library.gear.map((kind) => [kind.id, kind])),
})

/** Someone who does something else than everyone. */
export interface Exception extends Omit<UseAsDone, 'use'> {
  person: Doer
  /** What everyone does. */
  standard: string
  doing: Doing
}

/** All exceptions of a class, in the order of its stations, with what differs by lap: the little that a coach has to keep in mind. */
export function exceptionsIn(
  plan: Plan,
  people: readonly Doer[],
  library: Pick<HallLibrary, 'exercises' | 'gear'>,
  choices?: Choices,
): Exception[] {
  const known = knownIn(library, choices)
  return usesAsDone(plan).flatMap(({ use, ...where }) =>
    people.flatMap((person): Exception[] => {
      const doing = doingOf(use, person, known)
      return doing.why === undefined ? [] : [{ ...where, person, standard: doingOf(use, undefined, known).name, doing }]
    }),
  )
}
