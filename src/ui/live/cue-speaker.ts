import { upcomingCues, type TimedCue } from '@core/run/screens/upcoming-cues'
import { beep, hasVoice, say, tryOut, type Tone } from './beep'
import type { LiveClock } from './room-clock'
import type { RunFeed } from './run-feed'
import { kindOf, readSound, type SoundSettings } from './sound-settings'

/**
 * Low and short for the count, high and long for a change, steps for what is only told; what is to be said has a tick where no
 * voice is.
 */
const tones: Record<TimedCue['kind'], Tone[]> = {
  three: [{ hertz: 440, seconds: 0.12 }],
  two: [{ hertz: 440, seconds: 0.12 }],
  one: [{ hertz: 440, seconds: 0.12 }],
  change: [{ hertz: 784, seconds: 0.5 }],
  changeOver: [
    { hertz: 587, seconds: 0.14 },
    { hertz: 784, seconds: 0.2 },
  ],
  half: [
    { hertz: 587, seconds: 0.1 },
    { hertz: 587, seconds: 0.1 },
  ],
  lastTen: [{ hertz: 523, seconds: 0.2 }],
  next: [],
  lastLap: [
    { hertz: 659, seconds: 0.14 },
    { hertz: 784, seconds: 0.14 },
    { hertz: 988, seconds: 0.2 },
  ],
  tempo: [{ hertz: 330, seconds: 0.06 }],
  finish: [
    { hertz: 784, seconds: 0.25 },
    { hertz: 587, seconds: 0.25 },
    { hertz: 784, seconds: 0.7 },
  ],
}

/** What is heard of a class that is played fast. */
const structure = new Set<TimedCue['kind']>(['change', 'changeOver', 'lastLap', 'finish'])

const aheadMs = 6_000
const lookMs = 1_000

interface Scheduled {
  oscillators: OscillatorNode[]
  saying: ReturnType<typeof setTimeout> | undefined
  at: number
}

/**
 * Sounds the cues of a run. Tones are scheduled seconds ahead on the audio clock, so that each lands on its instant even when the
 * page is busy or in the background; whatever has been scheduled is taken back when an event changes the course. What is said goes
 * through the browser's own voices, where it has any: they cannot be scheduled, so that tones stay for what has to be exact.
 */
export class CueSpeaker {
  private audio: AudioContext | undefined
  private scheduled = new Map<string, Scheduled>()
  private timer: ReturnType<typeof setInterval> | undefined
  private unsubscribe = () => {}
  private wanted = false
  private settings: SoundSettings = readSound()

  constructor(
    private readonly feed: RunFeed,
    private readonly clock: LiveClock,
    /** From 0: at a station, what is said there; otherwise what the room hears. */
    private readonly station?: number,
  ) {}

  get on(): boolean {
    return this.audio?.state === 'running'
  }

  /** Must be called from a press: browsers give no sound without one. */
  async turnOn(): Promise<boolean> {
    this.audio ??= new AudioContext()
    this.wanted = true
    this.audio.onstatechange = () => (this.on && this.wanted ? this.reschedule() : this.cancel())
    // Some devices give a voice only after a first word in a press.
    if (hasVoice()) speechSynthesis.speak(new SpeechSynthesisUtterance(''))
    await this.audio.resume()
    clearInterval(this.timer)
    this.unsubscribe()
    this.timer = setInterval(() => this.look(), lookMs)
    this.unsubscribe = this.feed.subscribe(() => this.reschedule())
    this.reschedule()
    return this.on
  }

  turnOff(): void {
    this.wanted = false
    clearInterval(this.timer)
    this.unsubscribe()
    this.cancel()
    void this.audio?.suspend()
  }

  /** From the next cue on. */
  set(settings: SoundSettings): void {
    this.settings = settings
    if (this.on) this.reschedule()
  }

  private reschedule(): void {
    this.cancel()
    this.look()
  }

  private look(): void {
    // A call, or the device's own sleep, has taken the audio away: what is put onto a standing clock would come late.
    if (!this.on) return void this.audio?.resume()
    const now = this.clock.now()
    const { progress, snapshot } = this.feed.get()
    const { rate } = this.clock
    for (const [key, { at }] of this.scheduled) if (at < now - lookMs * rate) this.scheduled.delete(key)
    for (const cue of upcomingCues(progress, now, now + aheadMs * rate, { snapshot, station: this.station })) {
      // Played fast, more would only be noise.
      if (rate > 5 && !structure.has(cue.kind)) continue
      const key = `${cue.kind}-${Math.round(cue.at / 100)}`
      if (!this.scheduled.has(key) && this.settings.kinds[kindOf[cue.kind]].on) this.schedule(key, cue, now)
    }
  }

  private schedule(key: string, cue: TimedCue, now: number): void {
    const { volume } = this.settings.kinds[kindOf[cue.kind]]
    const says = this.settings.voice && cue.text !== undefined && hasVoice()
    // Who turned the tones off without a voice to take their place would hear nothing.
    const sounds = this.settings.tones || !says
    const inMs = (cue.at - now) / this.clock.rate
    const saying = says ? setTimeout(() => say(cue.text!, volume), inMs) : undefined
    this.scheduled.set(key, { oscillators: sounds ? beep(this.audio!, tones[cue.kind], inMs, volume) : [], saying, at: cue.at })
    performance.mark(`cue:${cue.kind}`, { detail: { at: cue.at, phase: cue.phase } })
  }

  /** A beep and a word of which screen this is; nothing while its sound is off. */
  check(word: string): void {
    if (this.on) tryOut(this.audio!, word)
  }

  private cancel(): void {
    for (const { oscillators, saying } of this.scheduled.values()) {
      for (const oscillator of oscillators) oscillator.disconnect()
      clearTimeout(saying)
    }
    this.scheduled.clear()
    if (hasVoice()) speechSynthesis.cancel()
  }
}
