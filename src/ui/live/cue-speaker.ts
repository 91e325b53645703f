import { upcomingCues, type TimedCue } from '@core/run/upcoming-cues'
import type { RoomClock } from './room-clock'
import type { RunFeed } from './run-feed'

interface Tone {
  hertz: number
  seconds: number
}

/** Low and short for the count, high and long for a change, two steps for a change over. */
const tones: Record<TimedCue['kind'], Tone[]> = {
  three: [{ hertz: 440, seconds: 0.12 }],
  two: [{ hertz: 440, seconds: 0.12 }],
  one: [{ hertz: 440, seconds: 0.12 }],
  change: [{ hertz: 784, seconds: 0.5 }],
  changeOver: [{ hertz: 587, seconds: 0.14 }, { hertz: 784, seconds: 0.2 }],
  finish: [{ hertz: 784, seconds: 0.25 }, { hertz: 587, seconds: 0.25 }, { hertz: 784, seconds: 0.7 }],
}

const aheadMs = 6_000
const lookMs = 1_000
const loudness = 0.35

interface Scheduled {
  oscillators: OscillatorNode[]
  at: number
}

/**
 * Sounds the cues of a run. They are scheduled seconds ahead on the audio clock, so that each lands on its instant even
 * when the page is busy or in the background; whatever has been scheduled is taken back when an event changes the course.
 */
export class CueSpeaker {
  private audio: AudioContext | undefined
  private scheduled = new Map<string, Scheduled>()
  private timer: ReturnType<typeof setInterval> | undefined
  private unsubscribe = () => {}

  constructor(
    private readonly feed: RunFeed,
    private readonly clock: RoomClock,
  ) {}

  get on(): boolean {
    return this.audio?.state === 'running'
  }

  /** Must be called from a press: browsers give no sound without one. */
  async turnOn(): Promise<boolean> {
    this.audio ??= new AudioContext()
    await this.audio.resume()
    clearInterval(this.timer)
    this.unsubscribe()
    this.timer = setInterval(() => this.look(), lookMs)
    this.unsubscribe = this.feed.subscribe(() => this.reschedule())
    this.reschedule()
    return this.on
  }

  turnOff(): void {
    clearInterval(this.timer)
    this.unsubscribe()
    this.cancel()
    void this.audio?.suspend()
  }

  private reschedule(): void {
    this.cancel()
    this.look()
  }

  private look(): void {
    const now = this.clock.now()
    for (const [key, { at }] of this.scheduled) if (at < now - lookMs) this.scheduled.delete(key)
    for (const cue of upcomingCues(this.feed.get().progress, now, now + aheadMs)) {
      const key = `${cue.kind}-${Math.round(cue.at / 100)}`
      if (!this.scheduled.has(key)) this.schedule(key, cue, now)
    }
  }

  private schedule(key: string, cue: TimedCue, now: number): void {
    const { audio } = this
    if (!audio) return
    // What can be heard is behind what is computed by the output's latency.
    let start = audio.currentTime + (cue.at - now) / 1000 - (audio.outputLatency || 0)
    const oscillators = tones[cue.kind].map(({ hertz, seconds }) => {
      const oscillator = new OscillatorNode(audio, { type: 'triangle', frequency: hertz })
      const gain = new GainNode(audio, { gain: 0 })
      const begin = Math.max(start, audio.currentTime)
      gain.gain.setValueAtTime(0, begin)
      gain.gain.linearRampToValueAtTime(loudness, begin + 0.008)
      gain.gain.setValueAtTime(loudness, begin + seconds - 0.03)
      gain.gain.linearRampToValueAtTime(0, begin + seconds)
      oscillator.connect(gain).connect(audio.destination)
      oscillator.start(begin)
      oscillator.stop(begin + seconds)
      start += seconds + 0.04
      return oscillator
    })
    performance.mark(`cue:${cue.kind}`, { detail: { at: cue.at, phase: cue.phase } })
    this.scheduled.set(key, { oscillators, at: cue.at })
  }

  private cancel(): void {
    for (const { oscillators } of this.scheduled.values()) for (const oscillator of oscillators) oscillator.disconnect()
    this.scheduled.clear()
  }
}
