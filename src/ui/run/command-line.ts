// The browser's own exists only on secure pages; a hall's tablet may come by plain HTTP.
import { v4 as uuid } from 'uuid'
import type { Command, CommandRequest, RunEvent } from '@core/run/events'
import { ApiError } from '../kit/api'
import type { RunFeed } from '../live/run-feed'

export interface Taken {
  event: RunEvent
  /** What had happened before it and was not known when it was pressed. */
  missed: RunEvent[]
}

export interface LineState {
  busy: boolean
  trouble?: string | undefined
}

/** Who sends them: one name for all who hold the controls. */
export const coach = 'Coach'

const tries = 5
const firstWaitMs = 250

const wait = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms))

/**
 * Sends commands one after the other, each with an id of its own and the sequence number that this screen has seen. When the line is lost
 * the same command is sent again under the same id, so that it counts once.
 */
export class CommandLine {
  private next: Command | undefined
  private sending = false
  private lost = false

  constructor(
    private readonly feed: Pick<RunFeed, 'get' | 'take'>,
    private readonly post: (request: CommandRequest) => Promise<Taken>,
    private readonly tell: (state: LineState) => void,
  ) {}

  /**
   * A press that comes before the last one is answered waits for it; a third, or one on a lost line, does nothing: late it would surprise the room.
   * A stop always waits its turn, before any other.
   */
  async send(command: Command): Promise<void> {
    const stops = command.type === 'stop'
    if (!stops && (this.next || this.lost)) return
    this.next = command
    if (this.sending) return
    this.sending = true
    for (let now = this.take(); now; now = this.take()) await this.sendNow(now)
    this.sending = false
  }

  private take(): Command | undefined {
    const { next } = this
    this.next = undefined
    return next
  }

  private async sendNow(command: Command): Promise<void> {
    this.tell({ busy: true })
    this.tell({ busy: false, trouble: await this.troubleWith(command) })
  }

  private async troubleWith(command: Command): Promise<string | undefined> {
    const request: CommandRequest = { id: uuid(), expectedSequence: this.feed.get().progress.sequence, who: coach, command }
    try {
      for (let attempt = 1; ; attempt++) {
        try {
          const { event, missed } = await this.post(request)
          this.feed.take([...missed, event])
          return undefined
        } catch (error) {
          if (!isLost(error) || attempt === tries || this.gaveWay(command)) throw error
          this.lost = true
          this.tell({ busy: true, trouble: 'No answer yet: trying again …' })
          await wait(firstWaitMs * 2 ** (attempt - 1))
        }
      }
    } catch (error) {
      if (isLost(error)) return this.gaveWay(command) ? undefined : 'The server does not answer: say it aloud. This screen goes on by itself; press again when the line is back.'
      if (!(error instanceof ApiError)) return 'That did not work.'
      if (Array.isArray(error.body.events)) this.feed.take(error.body.events as RunEvent[])
      return error.message
    } finally {
      this.lost = false
    }
  }

  /** A stop does not wait until another command has been tried often enough. */
  private gaveWay(command: Command): boolean {
    return command.type !== 'stop' && this.next?.type === 'stop'
  }
}

export const isLost = (error: unknown) => error instanceof ApiError && (error.status === 0 || error.status === 503)
