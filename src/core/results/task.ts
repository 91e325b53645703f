import { formatSeconds, type Seconds } from '../base/units'
import type { Measure } from './outcome'

/** What was to be done, as it was read out to everyone: two results of the same task can be compared. */
export interface Task {
  measure: Measure
  /** At which it ends at the latest, or does end. */
  capSeconds?: Seconds
  /** Items with their counts, options and loads, in order; `9-6-3 of each:` before those that it leads. */
  lines: string[]
}

/** What makes a task the one it is, as a text: the same for the same task, another for any other. */
export const fingerprintText = ({ measure, capSeconds, lines }: Task): string => JSON.stringify([measure, capSeconds ?? null, lines])

/** `['9-6-3 of each:', 'goblet squat', 'push-up']` → `'9-6-3 of each: goblet squat, push-up'` */
export const taskWords = (lines: readonly string[]): string => lines.join(', ').replaceAll(':, ', ': ')

/** A task as somebody did it. */
export interface TaskDone {
  task: Task
  /** What they did otherwise than everyone, line by line; empty, nothing. */
  option: string
  standard: string
  scaled: boolean
}

/** One thing in which two differ, in words of either. */
interface Difference {
  now: string
  then: string
}

/**
 * What of `then` was otherwise than `now`, so that the two cannot be compared; empty when they can.
 *
 * `['cap 10:00 then, cap 12:00 now']`
 */
export const whatDiffers = (now: TaskDone, then: TaskDone): string[] =>
  differences(now, then).map((one) => [one.then && `${one.then} then`, one.now && `${one.now} now`].filter(Boolean).join(', '))

/** What somebody did otherwise than the others at the same time: `did push-up, knees`. Empty where nothing differs. */
export const didOtherwise = (others: TaskDone, one: TaskDone): string[] =>
  differences(others, one).map(({ then, now }) => then || `without ${now}`)

const capWords = ({ capSeconds }: Task) => (capSeconds === undefined ? 'no cap' : `cap ${formatSeconds(capSeconds)}`)
const optionWords = ({ option }: TaskDone) => (option === '' ? 'as everyone' : `did ${option}`)
const standardWords = ({ standard }: TaskDone) => standard || 'no standard said'
const scaledWords = ({ scaled }: TaskDone) => (scaled ? 'scaled' : 'not scaled')

function differences(now: TaskDone, then: TaskDone): Difference[] {
  const pairs: Difference[] = [
    { now: now.task.measure, then: then.task.measure },
    { now: capWords(now.task), then: capWords(then.task) },
    { now: optionWords(now), then: optionWords(then) },
    { now: standardWords(now), then: standardWords(then) },
    { now: scaledWords(now), then: scaledWords(then) },
  ]
  return [...linesDiffering(now.task.lines, then.task.lines), ...pairs.filter((pair) => pair.now !== pair.then)]
}

function linesDiffering(now: readonly string[], then: readonly string[]): Difference[] {
  const gone = taskWords(then.filter((line) => !now.includes(line)))
  const come = taskWords(now.filter((line) => !then.includes(line)))
  if (gone === '' && come === '') return now.join('\n') === then.join('\n') ? [] : [{ then: 'another order', now: '' }]
  return [{ then: gone, now: come }]
}
