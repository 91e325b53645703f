import type { Exercise } from '../library/exercise'
import type { Use } from '../plan/plan'
import type { Borrower } from './need'

/**
 * Which of a use's choices each person takes, by the use's id: 0 is the exercise itself, 1 the first of its alternatives. Whoever
 * is not in it takes the exercise itself.
 */
export type Choices = ReadonlyMap<string, ReadonlyMap<Borrower, number>>

export const noChoices: Choices = new Map()

/** The use with one of its alternatives in its place: how many and how long stay as they are, the load is the alternative's own. */
export function alternativeOf(use: Use, choice: number): Use {
  const alternative = choice === 0 ? undefined : use.alternatives?.[choice - 1]
  if (!alternative) return use
  const { optionId: _, load: __, machine: ___, ...rest } = use
  return { ...rest, ...alternative }
}

/** What somebody does where a use has alternatives, after they were shared out. */
export const chosenUse = (use: Use, person: Borrower, choices: Choices): Use => alternativeOf(use, choices.get(use.id)?.get(person) ?? 0)

/** A use as a group does it: each of its choices that somebody takes, with those who do. */
export function usesTaken(use: Use, group: readonly Borrower[], choices: Choices): { use: Use; people: readonly Borrower[] }[] {
  const taken = choices.get(use.id)
  if (!taken) return [{ use, people: group }]
  const byChoice = new Map<number, Borrower[]>()
  for (const person of group) {
    const choice = taken.get(person) ?? 0
    byChoice.set(choice, [...(byChoice.get(choice) ?? []), person])
  }
  return [...byChoice].map(([choice, people]) => ({ use: alternativeOf(use, choice), people }))
}

/** Whether somebody works at a use in a lap (from 0), or rests through it. */
export const worksInLap = (use: Use, { level }: Borrower, lap: number): boolean => lap < (use.dose?.[level]?.laps ?? Infinity)

/** The exercise of each of a use's choices that the hall knows, the use's own first. */
export const choicesKnown = (use: Use, exercises: ReadonlyMap<string, Exercise>): { choice: number; use: Use; exercise: Exercise }[] =>
  [0, ...(use.alternatives ?? []).map((_, index) => index + 1)].flatMap((choice) => {
    const one = alternativeOf(use, choice)
    const exercise = exercises.get(one.exerciseId)
    return exercise ? [{ choice, use: one, exercise }] : []
  })
