import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { RoomClock } from './room-clock'

/** A simulated screen: its clock, and a server `ahead` of it that answers after `delay` each way. */
function screen(ahead: number) {
  let now = 1000
  const state = { delay: 5, away: false, slept: 0 }
  vi.stubGlobal('fetch', async () => {
    if (state.away) throw new TypeError('no line')
    now += state.delay
    const server = now + ahead + state.slept
    now += state.delay
    return { ok: true, json: async () => ({ now: server }) }
  })
  const pass = async (ms: number) => {
    now += ms
    await vi.advanceTimersByTimeAsync(ms)
  }
  return { state, pass, local: () => now }
}

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('RoomClock', () => {
  it('is right from the first answer on, within half a round trip', async () => {
    const { pass, local } = screen(50_000)
    const clock = new RoomClock(45_000, local)
    const stop = clock.run()
    await pass(0)
    expect(Math.abs(clock.now() - (local() + 50_000))).toBeLessThanOrEqual(5)
    stop()
  })

  it('does not believe a slow answer over a quick one', async () => {
    const { state, pass, local } = screen(50_000)
    const clock = new RoomClock(50_900, local)
    const stop = clock.run()
    await pass(0)
    state.delay = 150
    for (let ask = 0; ask < 5; ask++) await pass(400)
    expect(Math.abs(clock.now() - (local() + 50_000))).toBeLessThanOrEqual(6)
    stop()
  })

  it('goes on by itself while the server is away, and never runs back', async () => {
    const { state, pass, local } = screen(50_000)
    const clock = new RoomClock(50_900, local)
    const stop = clock.run()
    await pass(0)
    state.away = true
    let last = clock.now()
    for (let step = 0; step < 50; step++) {
      await pass(1000)
      const now = clock.now()
      expect(now).toBeGreaterThan(last)
      last = now
    }
    expect(Math.abs(last - (local() + 50_000))).toBeLessThanOrEqual(6)
    stop()
  })

  it('is right again as soon as its device wakes, whose own clock stood while it slept', async () => {
    const page = Object.assign(new EventTarget(), { visibilityState: 'visible' })
    vi.stubGlobal('document', page)
    const { state, pass, local } = screen(50_000)
    const clock = new RoomClock(50_000, local)
    const stop = clock.run()
    for (let ask = 0; ask < 30; ask++) await pass(1000)
    state.slept = 600_000
    // The line is slower than it was before.
    state.delay = 60
    page.dispatchEvent(new Event('visibilitychange'))
    await pass(0)
    expect(Math.abs(clock.now() - (local() + 650_000))).toBeLessThanOrEqual(60)
    stop()
  })

  it('asks no more once it is stopped', async () => {
    const { pass, local } = screen(0)
    const stop = new RoomClock(1000, local).run()
    await pass(0)
    stop()
    const asked = vi.fn()
    vi.stubGlobal('fetch', asked)
    await pass(60_000)
    expect(asked).not.toHaveBeenCalled()
  })
})
