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

/** A task as somebody did it. */
export interface TaskDone {
  task: Task
  /** What they did otherwise than everyone, line by line; empty, nothing. */
  option: string
  standard: string
  scaled: boolean
}

const capWords = ({ capSeconds }: Task) => (capSeconds === undefined ? 'no cap' : `cap ${formatSeconds(capSeconds)}`)

/**
 * What of `then` was otherwise than `now`, so that the two cannot be compared; empty when they can.
 *
 * `['cap 10:00 then, 12:00 now']`
 */
export function whatDiffers(now: TaskDone, then: TaskDone): string[] {
  const [a, b] = [now.task, then.task]
  return [
    ...(a.measure === b.measure ? [] : ['another measure']),
    ...(a.capSeconds === b.capSeconds ? [] : [`${capWords(b)} then, ${capWords(a)} now`]),
    ...linesDiffering(a.lines, b.lines),
    ...(now.option === then.option
      ? []
      : [`${then.option ? `did ${then.option}` : 'as everyone'} then, ${now.option || 'as everyone'} now`]),
    ...(now.standard === then.standard ? [] : [`${then.standard || 'no standard said'} then, ${now.standard || 'no standard said'} now`]),
    ...(now.scaled === then.scaled ? [] : [then.scaled ? 'scaled then' : 'scaled now']),
  ]
}

function linesDiffering(now: readonly string[], then: readonly string[]): string[] {
  const gone = then.filter((line) => !now.includes(line))
  const come = now.filter((line) => !then.includes(line))
  if (gone.length === 0 && come.length === 0) return now.join('\n') === then.join('\n') ? [] : ['another order']
  return [[gone.length > 0 && `${gone.join(', ')} then`, come.length > 0 && `${come.join(', ')} now`].filter(Boolean).join('; ')]
}
