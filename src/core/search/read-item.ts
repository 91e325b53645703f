import { sortBy } from 'es-toolkit'
import type { Exercise } from '../library/exercise'
import { formsOf } from '../library/form'
import { midSentence } from '../base/mid-sentence'
import { newUse, withExercise } from '../plan/edit/use'
import type { NewId } from '../plan/edit/make'
import type { Task, Use } from '../plan/plan'
import { readItemLine, showItemLine } from '../plan/words/item-line'
import type { ExerciseSearch } from './exercises'

/** What a line of a list names: an exercise, in one of its forms, and what is left as a note. */
interface Named {
  exercise: Exercise
  optionId?: string
  note?: string
  /** Whether the name is one of the exercise's own, not only like it. */
  sure: boolean
}

/** A name as it is compared: small letters, a singular for a plural, no hyphens. */
const bare = (name: string) =>
  name
    .toLowerCase()
    .replace(/[-–\s]+/g, ' ')
    .replace(/(\w{3,}?)(?:es|s)\b/g, '$1')
    .trim()

/** The exercise with one of whose names the words begin, up to a comma or the end; else the one that is found by them. */
function named(words: string, exercises: readonly Exercise[], search: ExerciseSearch): Named | undefined {
  const parts = words.split(', ')
  for (let take = parts.length; take > 0; take--) {
    const name = bare(parts.slice(0, take).join(', '))
    const rest = parts.slice(take)
    for (const exercise of exercises) {
      const option = bare(exercise.name) === name ? undefined : formsOf(exercise).find((form) => form.optionId && bare(form.name) === name)
      const own = option === undefined && [exercise.name, ...(exercise.aliases ?? [])].some((known) => bare(known) === name)
      if (!own && !option) continue
      const said = option?.optionId ? { optionId: option.optionId, rest } : optionSaid(exercise, rest)
      return {
        exercise,
        ...(said.optionId && { optionId: said.optionId }),
        ...(said.rest.length > 0 && { note: said.rest.join(', ') }),
        sure: true,
      }
    }
  }
  const [best] = search(parts[0]!)
  return best && { exercise: best, ...(parts.length > 1 && { note: parts.slice(1).join(', ') }), sure: false }
}

/** The option of the exercise that the first of what is said after its name is the name of. */
function optionSaid(exercise: Exercise, rest: readonly string[]): { optionId?: string; rest: readonly string[] } {
  const first = rest[0]
  const option = first === undefined ? undefined : formsOf(exercise).find((form) => form.optionId && bare(form.name) === bare(first))
  return option?.optionId ? { optionId: option.optionId, rest: rest.slice(1) } : { rest }
}

export interface ReadItem {
  use: Use
  exercise: Exercise
  sure: boolean
}

/**
 * A line of a list as an item of it; what a line cannot say (effort, machine, doses) stays as `before` has it. Where no exercise
 * is like what is named, the words of it.
 */
export function readItem(
  text: string,
  before: Use | undefined,
  library: { exercises: readonly Exercise[]; search: ExerciseSearch },
  newId: NewId,
  rungs = false,
): ReadItem | { missed: string } | undefined {
  const line = readItemLine(text)
  if (!line) return undefined
  // Two exercises may have forms of one name: the one that stands here is meant.
  const found = named(line.words, sortBy(library.exercises, [({ id }) => id !== before?.exerciseId]), library.search)
  if (!found) return { missed: line.words }
  const { exercise, optionId, note, sure } = found
  const stay: Pick<Task, 'kind'> = { kind: 'task' }
  const kept = !before ? newUse(exercise, stay, newId) : before.exerciseId === exercise.id ? before : withExercise(before, exercise, stay)
  const { reps: _, seconds: __, load: ___, tempo: ____, note: _____, optionId: ______, ...rest } = kept
  const { seconds, load, tempo } = line
  // On a ladder the rungs say how many.
  const onRungs = rungs && seconds === undefined ? { count: before?.reps?.count ?? 10, counted: line.counted ?? 'total' } : undefined
  const reps = line.reps ?? onRungs
  const use: Use = {
    ...rest,
    ...(optionId && { optionId }),
    ...(seconds !== undefined && { seconds }),
    ...(reps && { reps }),
    ...(tempo && { tempo }),
    ...(load && { load }),
    ...(note && { note }),
  }
  return { use, exercise, sure }
}

/** An item of a list as a line that reads back as the same; on a ladder, whose rungs say how many, without a figure. */
export function itemLine(use: Use, exercise: Exercise | undefined, rungs = false): string {
  const form = exercise && formsOf(exercise).find(({ optionId }) => optionId === use.optionId)
  return showItemLine(use, midSentence(form?.name ?? exercise?.name ?? use.exerciseId), rungs)
}
