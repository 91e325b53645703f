import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { snapshotOf } from '../../../tests/fixtures/demo-run'
import { shapes } from '../../../tests/fixtures/shapes'
import { Plan } from '../../core/plan/plan'
import type { Command, RunEvent } from '../../core/run/clock/events'
import { foldEvents } from '../../core/run/clock/apply'
import { compileTimeline } from '../../core/timeline/compile'
import { CueSpeaker } from './cue-speaker'
import type { LiveClock } from './room-clock'
import type { FeedState, RunFeed } from './run-feed'

const timeline = compileTimeline(Plan.parse(shapes[0]!.plan))
if (!timeline.ok) throw new Error('shape')
const phases = timeline.value

interface Beep {
  hertz: number
  start: number
  connected: boolean
}

/** A stand-in for the browser's audio: what would be heard, and when on its own clock. */
let beeps: Beep[] = []
let audioNow = 0

class FakeAudio {
  static made: FakeAudio[] = []
  state = 'suspended'
  onstatechange = () => {}
  resumable = true
  constructor() {
    FakeAudio.made.push(this)
  }
  outputLatency = 0.02
  destination = {}
  get currentTime() {
    return audioNow
  }
  async resume() {
    if (this.resumable) this.become('running')
  }
  async suspend() {
    this.become('suspended')
  }
  become(state: string) {
    if (this.state === state) return
    this.state = state
    this.onstatechange()
  }
}

class FakeOscillator {
  private beep: Beep
  constructor(_: unknown, { frequency }: { frequency: number }) {
    this.beep = { hertz: frequency, start: -1, connected: true }
    beeps.push(this.beep)
  }
  connect(next: unknown) {
    return next
  }
  disconnect() {
    this.beep.connected = false
  }
  start(at: number) {
    this.beep.start = at
  }
  stop() {}
}

class FakeGain {
  gain = { setValueAtTime() {}, linearRampToValueAtTime() {} }
  connect(next: unknown) {
    return next
  }
}

/** The run's feed and the room's clock, both moved by hand. */
function room(snapshot = { circuits: {}, timeline: phases } as FeedState['snapshot']) {
  const listeners = new Set<() => void>()
  const events: RunEvent[] = []
  let now = 0
  let state: FeedState = { snapshot, version: 1, progress: foldEvents(snapshot.timeline, []), events, connected: true }
  const feed = {
    get: () => state,
    subscribe: (listener: () => void) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
  } as unknown as RunFeed
  const press = (type: string) => {
    events.push({ sequence: events.length + 1, id: String(events.length), at: now, who: 'Coach', command: { type } as Command })
    state = { ...state, progress: foldEvents(snapshot.timeline, events) }
    listeners.forEach((listener) => listener())
  }
  const pass = (ms: number) => {
    now += ms
    audioNow += ms / 1000
    vi.advanceTimersByTime(ms)
  }
  return { feed, clock: { rate: 1, now: () => now } as LiveClock, press, pass }
}

const audible = () => beeps.filter((beep) => beep.connected).map(({ hertz, start }) => [hertz, Math.round((start + 0.02) * 1000) / 1000])

beforeEach(() => {
  beeps = []
  audioNow = 0
  vi.useFakeTimers()
  vi.stubGlobal('AudioContext', FakeAudio)
  vi.stubGlobal('OscillatorNode', FakeOscillator)
  vi.stubGlobal('GainNode', FakeGain)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('CueSpeaker', () => {
  it('schedules the count and the change ahead, so that they are heard on their instants', async () => {
    const { feed, clock, press, pass } = room()
    const speaker = new CueSpeaker(feed, clock)
    expect(await speaker.turnOn()).toBe(true)
    press('start')
    for (let second = 0; second < 26; second++) pass(1000)
    expect(audible().slice(0, 8)).toEqual([
      [440, 7],
      [440, 8],
      [440, 9],
      [784, 10],
      [440, 22],
      [440, 23],
      [440, 24],
      [784, 25],
    ])
  })

  it('takes back what it has scheduled when the coach pauses, and schedules anew when the class goes on', async () => {
    const { feed, clock, press, pass } = room()
    const speaker = new CueSpeaker(feed, clock)
    await speaker.turnOn()
    press('start')
    pass(5000)
    expect(audible().length).toBeGreaterThan(0)
    press('pause')
    expect(audible()).toEqual([])
    pass(20_000)
    press('resume')
    expect(audible()).toEqual([
      [440, 27],
      [440, 28],
      [440, 29],
      [784, 30],
    ])
  })

  it('takes everything back while a call has the audio, and goes on by itself afterwards', async () => {
    const { feed, clock, press, pass } = room()
    const speaker = new CueSpeaker(feed, clock)
    await speaker.turnOn()
    press('start')
    pass(5000)
    const audio = FakeAudio.made.at(-1)!
    audio.resumable = false
    audio.become('interrupted')
    expect(audible()).toEqual([])
    pass(3000)
    expect(audible()).toEqual([])
    audio.resumable = true
    pass(1000)
    expect(audible().at(-1)).toEqual([784, 10])
    expect(speaker.on).toBe(true)
  })

  it('at a station counts its own exercise, which the room’s speaker does not', async () => {
    const counts = async (station?: number) => {
      beeps = []
      const lunch = snapshotOf('demo-lunch')
      lunch.circuits['ll-stations']!.stations[1]!.exercises[0]!.tempo = { figures: [2, 0, 1, 0], from: 'top' }
      const { feed, clock, press, pass } = room(lunch)
      await new CueSpeaker(feed, clock, station).turnOn()
      press('start')
      const work = lunch.timeline.phases.find((phase) => phase.pieceId === 'll-stations')!
      for (let second = 0; second < work.start + 14; second++) pass(1000)
      return audible()
        .filter(([hertz]) => hertz === 330)
        .map(([, at]) => at! - audioNow + 4)
    }
    expect((await counts(1)).slice(0, 4).map(Math.round)).toEqual([0, 1, 2, 3])
    expect(await counts(0)).toEqual([])
    expect(await counts()).toEqual([])
  })

  it('is silent when it is turned off', async () => {
    const { feed, clock, press, pass } = room()
    const speaker = new CueSpeaker(feed, clock)
    await speaker.turnOn()
    press('start')
    pass(5000)
    speaker.turnOff()
    pass(10_000)
    press('skip')
    expect(audible()).toEqual([])
    expect(speaker.on).toBe(false)
  })
})
