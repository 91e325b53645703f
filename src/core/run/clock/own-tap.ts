import { failure, problem, success, type Result } from '../../base/result'
import type { OwnTap } from './events'
import type { Tap } from './progress'
import type { TapCommand } from './taps'

/** A tap on somebody's own card as a command: it counts for nobody else, and takes away only what is theirs alone. */
export function ownTap(taps: readonly Tap[], { command }: Pick<OwnTap, 'command'>, personId: string): Result<TapCommand> {
  if (command.type === 'tap') return success({ ...command, personIds: [personId] })
  const tapped = taps.find(({ id }) => id === command.tapId)
  if (tapped && tapped.personIds.some((id) => id !== personId))
    return failure(problem('notYours', 'That was tapped for others too: ask your coach to take it away.', 'tapId'))
  return success(command)
}
