// The browser's own exists only on secure pages; a hall's tablet may come by plain HTTP.
import pRetry from 'p-retry'
import { v4 as uuid } from 'uuid'
import type { AskedCommand, CommandRequest, RunEvent } from '@core/run/clock/events'
import { ApiError } from '../kit/api'
import type { RunFeed } from '../live/run-feed'
import { coach, isLost, type Taken } from '../live/taken'

const tries = 5
const firstWaitMs = 250

/** A press whose turn comes later than this would surprise the room. */
const staleMs = 1500

/** Pressed twice they ask for nothing more; a second skip does. */
const once = new Set<AskedCommand['type']>([
  'start',
  'check',
  'pause',
  'resume',
  'hold',
  'release',
  'stop',
  'finish',
  'amend',
  'undo',
  'takeOver',
])

interface Press {
  command: AskedCommand
  at: number
}

/**
 * Sends commands one after the other, each with an id of its own and the sequence number that this screen has seen. When the line
 * is lost the same command is sent again under the same id, so that it counts once.
 */
export class CommandLine {
  private waiting: Press[] = []
  private sending: AskedCommand | undefined
  private lost = false

  constructor(
    private readonly feed: Pick<RunFeed, 'get' | 'take'>,
    private readonly post: (request: CommandRequest) => Promise<Taken>,
    /** What went wrong with the last press; nothing while one is on its way, and when it was taken. */
    private readonly tell: (trouble: string | undefined) => void,
    private readonly now: () => number = () => performance.now(),
    /** The id of the device that it stands on. */
    private readonly device?: string,
  ) {}

  /**
   * Presses that come before the last one is answered take their turn. One on a lost line, or whose turn comes too late, does
   * nothing: it would surprise the room. A stop goes before all others, and ends them.
   */
  async send(command: AskedCommand): Promise<void> {
    const press = { command, at: this.now() }
    if (command.type === 'stop') this.waiting = [press]
    else if (this.lost || this.asksForNothingMore(command)) return
    else this.waiting.push(press)
    if (this.sending) return
    for (let next = this.waiting.shift(); next; next = this.waiting.shift()) await this.sendNow(next)
    this.sending = undefined
  }

  private asksForNothingMore({ type }: AskedCommand): boolean {
    const last = this.waiting.at(-1)?.command ?? this.sending
    return last?.type === type && once.has(type)
  }

  private async sendNow({ command, at }: Press): Promise<void> {
    this.sending = command
    if (command.type !== 'stop' && this.now() - at > staleMs)
      return this.tell('The line was slow, so your last press was left out. Look at the clock, and press again if you still want to.')
    this.tell(undefined)
    const trouble = await this.troubleWith(command)
    // What was pressed after it was meant for what it would have made of the class.
    if (trouble !== undefined) this.waiting = this.waiting.filter((press) => press.command.type === 'stop')
    this.tell(trouble)
  }

  private async troubleWith(command: AskedCommand): Promise<string | undefined> {
    const request: CommandRequest = {
      id: uuid(),
      expectedSequence: this.feed.get().progress.sequence,
      who: coach,
      ...(this.device !== undefined && { device: this.device }),
      command,
    }
    const mayHelp = (error: Error) => isLost(error) && !this.gaveWay(command)
    try {
      const { event, missed } = await pRetry(() => this.post(request), {
        retries: tries - 1,
        minTimeout: firstWaitMs,
        shouldRetry: ({ error }) => mayHelp(error),
        onFailedAttempt: ({ error, retriesLeft }) => {
          if (retriesLeft === 0 || !mayHelp(error)) return
          this.lost = true
          this.tell('No answer yet: trying again …')
        },
      })
      this.feed.take([...missed, event])
      return undefined
    } catch (error) {
      if (isLost(error))
        return this.gaveWay(command)
          ? undefined
          : 'The server does not answer: say it aloud. This screen goes on by itself; press again when the line is back.'
      if (!(error instanceof ApiError)) return 'That did not work.'
      if (Array.isArray(error.body.events)) this.feed.take(error.body.events as RunEvent[])
      return error.message
    } finally {
      this.lost = false
    }
  }

  /** A stop does not wait until another command has been tried often enough. */
  private gaveWay(command: AskedCommand): boolean {
    return command.type !== 'stop' && this.waiting[0]?.command.type === 'stop'
  }
}
