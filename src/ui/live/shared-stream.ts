import type { RunEvent } from '@core/run/clock/events'

/** What a stream tells a screen: the line is there or lost, something has happened, or there is another snapshot. */
export type StreamMessage =
  | { type: 'open' }
  | { type: 'lost' }
  | { type: 'run'; event: RunEvent }
  | { type: 'snapshot'; version: number }
  | { type: 'over' }

/** A screen that listens: where its stream is, the last number it has seen, and how it is told. */
export interface StreamListener {
  address: string
  after: number
  take: (message: StreamMessage) => void
}

/** What a page asks of the worker that all pages of the browser share: to hear of a run, or no longer to. */
export type StreamRequest = { type: 'join'; key: string; address: string; after: number } | { type: 'leave' }

const againMs = 1000

/** Soon, and not all screens at the same instant. */
const rejoinMs = 100 + Math.floor(Math.random() * 200)

/** What the server tells every five seconds: the number of the run's last event and the version of its snapshot, where it knows them. */
interface Beat {
  sequence?: number
  version?: number
}

/** A line in the air can die without a word. The server is heard every five seconds. */
const silentMs = 12_000

/**
 * One line to the server for all screens of a run that a browser has open. Each listener is told what it has not seen; when the
 * line by one listener's address is refused, as when its link was taken back, another's is tried.
 */
export class SharedStream {
  private listeners: StreamListener[] = []
  private source: EventSource | undefined
  private used: StreamListener | undefined
  private again: ReturnType<typeof setTimeout> | undefined
  private silence: ReturnType<typeof setTimeout> | undefined
  private events: RunEvent[] = []
  /** The number from which on `events` are all there are. */
  private base = 0
  private version: number | undefined
  private open = false
  private wasBehind = false

  /** Listens until the returned function is called. */
  join(listener: StreamListener): () => void {
    this.listeners.push(listener)
    if (this.listeners.length === 1 || listener.after < this.base) this.begin(listener.after)
    else this.tellWhatIsKnown(listener)
    return () => this.leave(listener)
  }

  private tellWhatIsKnown(listener: StreamListener): void {
    if (this.open) listener.take({ type: 'open' })
    if (this.version !== undefined) listener.take({ type: 'snapshot', version: this.version })
    for (const event of this.events) if (event.sequence > listener.after) listener.take({ type: 'run', event })
  }

  private leave(listener: StreamListener): void {
    this.listeners = this.listeners.filter((known) => known !== listener)
    if (this.listeners.length === 0) this.end()
    else if (this.used === listener) this.connect()
  }

  private begin(after: number): void {
    this.base = after
    this.events = []
    this.connect()
  }

  private end(): void {
    clearTimeout(this.again)
    clearTimeout(this.silence)
    this.source?.close()
    this.source = undefined
    this.used = undefined
    this.open = false
    this.wasBehind = false
  }

  private connect(): void {
    this.end()
    const [first] = this.listeners
    if (!first) return
    this.used = first
    const source = new EventSource(`${first.address}?after=${this.events.at(-1)?.sequence ?? this.base}`)
    this.source = source
    this.listenOn()
    source.addEventListener('open', () => {
      this.listenOn()
      this.open = true
      this.tell({ type: 'open' })
    })
    source.addEventListener('beat', (message) => {
      this.listenOn()
      this.catchUp(JSON.parse(message.data as string) as Beat)
    })
    // The server ends, or is put in the place of another: whoever answers now has all there is.
    source.addEventListener('rejoin', () => {
      source.close()
      this.again = setTimeout(() => this.connect(), rejoinMs)
    })
    source.addEventListener('run', (message) => {
      const event = JSON.parse(message.data as string) as RunEvent
      if (event.sequence > (this.events.at(-1)?.sequence ?? this.base)) this.events.push(event)
      this.tell({ type: 'run', event })
    })
    source.addEventListener('snapshot', (message) => {
      this.version = Number(message.data)
      this.tell({ type: 'snapshot', version: this.version })
    })
    source.addEventListener('error', () => {
      this.open = false
      this.tell({ type: 'lost' })
      // Where the browser has given up (the server answered with an error), ask again ourselves.
      if (source.readyState === EventSource.CLOSED) this.again = setTimeout(() => this.askTheNext(), againMs)
    })
  }

  /** What was told and did not come is asked for: events by connecting anew, a snapshot by telling of it again. */
  private catchUp({ sequence, version }: Beat): void {
    const behind = sequence !== undefined && sequence > (this.events.at(-1)?.sequence ?? this.base)
    // It may be on its way: only what is missing at the next beat too is lost.
    if (behind && this.wasBehind) return this.connect()
    this.wasBehind = behind
    if (version === undefined) return
    this.version = version
    this.tell({ type: 'snapshot', version })
  }

  private listenOn(): void {
    clearTimeout(this.silence)
    this.silence = setTimeout(() => {
      this.tell({ type: 'lost' })
      this.askTheNext()
    }, silentMs)
  }

  /** Whether a listener's link has been taken back, or its class is long over: it stops asking. */
  private async lookWhetherOver(listener: StreamListener): Promise<void> {
    const answer = await fetch(listener.address.replace(/events$/, 'snapshot')).catch(() => undefined)
    if (answer?.status !== 410 && answer?.status !== 404) return
    this.leave(listener)
    listener.take({ type: 'over' })
  }

  /** By the address of the listener after the one whose line was refused, or is dead. */
  private askTheNext(): void {
    if (this.used) void this.lookWhetherOver(this.used)
    this.listeners = [...this.listeners.slice(1), ...this.listeners.slice(0, 1)]
    this.connect()
  }

  private tell(message: StreamMessage): void {
    for (const listener of this.listeners) listener.take(message)
  }
}
