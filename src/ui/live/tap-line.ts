import pRetry from 'p-retry'
import { v4 as uuid } from 'uuid'
import type { CommandRequest } from '@core/run/clock/events'
import type { TapCommand } from '@core/run/clock/taps'
import type { RunFeed } from './run-feed'
import { coach, isLost, type Taken } from './taken'

export type TapRequest = CommandRequest & { command: TapCommand }

export interface TapState {
  /** Taps on their way, in order. */
  waiting: readonly TapRequest[]
  /** Whether they wait for the line to come back. */
  lost: boolean
  trouble?: string | undefined
}

/** Where taps wait that the server does not have yet, so that they outlive the page. */
export interface TapStore {
  read: () => TapRequest[]
  keep: (request: TapRequest) => void
  drop: (request: TapRequest) => void
}

const firstWaitMs = 250
const longestWaitMs = 4000

/**
 * Sends what was tapped in a part at one's own pace, one after the other. Unlike other commands a tap says when it was made and
 * suits any state of the class, so that none is dropped and each is tried until the server has it.
 */
export class TapLine {
  private state: TapState = { waiting: [], lost: false }

  constructor(
    private readonly feed: Pick<RunFeed, 'get' | 'take'>,
    private readonly post: (request: TapRequest) => Promise<Taken>,
    private readonly tell: (state: TapState) => void,
    private readonly store: TapStore,
  ) {}

  /** Goes on with what waited when the page was left. */
  async resume(): Promise<void> {
    const known = new Set(this.state.waiting.map(({ id }) => id))
    await this.enqueue(this.store.read().filter(({ id }) => !known.has(id)))
  }

  async add(command: TapCommand): Promise<void> {
    const request = { id: uuid(), expectedSequence: this.feed.get().progress.sequence, who: coach, command }
    this.store.keep(request)
    await this.enqueue([request])
  }

  private async enqueue(requests: readonly TapRequest[]): Promise<void> {
    const idle = this.state.waiting.length === 0
    this.set({ waiting: [...this.state.waiting, ...requests] })
    if (!idle) return
    while (this.state.waiting[0]) await this.send(this.state.waiting[0])
  }

  private async send(request: TapRequest): Promise<void> {
    try {
      const { event, missed } = await pRetry(() => this.post(request), {
        retries: Infinity,
        minTimeout: firstWaitMs,
        maxTimeout: longestWaitMs,
        shouldRetry: ({ error }) => isLost(error),
        onFailedAttempt: ({ error }) => {
          if (isLost(error)) this.set({ lost: true })
        },
      })
      this.feed.take([...missed, event])
      this.done(request)
    } catch (error) {
      this.done(request, error instanceof Error ? error.message : 'That did not work.')
    }
  }

  private done(request: TapRequest, trouble?: string): void {
    this.store.drop(request)
    this.set({ waiting: this.state.waiting.filter((known) => known !== request), lost: false, trouble })
  }

  private set(change: Partial<TapState>): void {
    this.state = { ...this.state, ...change }
    this.tell(this.state)
  }
}
