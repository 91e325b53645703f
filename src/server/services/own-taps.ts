import type { OwnTap } from '../../core/run/clock/events'
import { ownTap } from '../../core/run/clock/own-tap'
import type { InHall } from '../db/in-hall'
import { refuse, Refused } from '../refused'
import { takeCommand } from './commands'
import { lockedRun, progressOf } from './runs'

/** Takes what somebody taps of themselves on their card; refused where the coach does not have it so, or they have left. */
export async function tapOnCard(hall: InHall, runId: string, tap: OwnTap, personId: string): ReturnType<typeof takeCommand> {
  const run = await lockedRun(hall, runId)
  const person = run.snapshot.people.find(({ id }) => id === personId)
  if (!run.snapshot.ownTaps || !person) throw refuse('stale', 'notYours', 'In this class the coach puts down what people have done.')
  const command = ownTap((await progressOf(hall, run)).taps, tap, personId)
  if (!command.ok) throw new Refused('stale', command.problems)
  return takeCommand(hall, run, { ...tap, who: person.name, command: command.value })
}
