import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { shapes } from '../../../tests/fixtures/shapes'
import { Plan } from '../../core/plan/plan'
import type { Command, RunEvent } from '../../core/run/clock/events'
import type { RunSnapshot } from '../../core/run/room/snapshot'
import { compileTimeline } from '../../core/timeline/compile'
import { FakeSource } from '../../../tests/fixtures/fake-source'
import { RunFeed } from './run-feed'

const timeline = compileTimeline(Plan.parse(shapes[0]!.plan))
if (!timeline.ok) throw new Error('shape')
const snapshot = { timeline: timeline.value } as RunSnapshot

const event = (sequence: number, type: string): RunEvent => ({
  sequence,
  id: `e${sequence}`,
  at: sequence * 1000,
  who: 'Coach',
  command: { type } as Command,
})

const reload = vi.fn()

beforeEach(() => {
  FakeSource.opened = []
  reload.mockClear()
  vi.useFakeTimers()
  vi.stubGlobal('EventSource', FakeSource)
  vi.stubGlobal('location', { reload })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

/** As soon as it is so: a machine that crawls has a minute for it. */
const soon = (check: () => void) => vi.waitFor(check, { timeout: 60_000 })

const feedOf = (events: RunEvent[] = []) => new RunFeed(snapshot, events, '/events', 3)

describe('RunFeed', () => {
  it('begins with the events that came with the page, and asks for what comes after', () => {
    const feed = feedOf([event(1, 'start'), event(2, 'pause')])
    feed.run()
    expect(feed.get()).toMatchObject({ connected: false, progress: { sequence: 2, mode: 'paused' } })
    expect(FakeSource.opened[0]!.address).toBe('/events?after=2')
  })

  it('takes events from the stream and from answers to commands, each once and in order', () => {
    const feed = feedOf()
    feed.run()
    const seen = vi.fn()
    feed.subscribe(seen)
    FakeSource.opened[0]!.send('run', event(1, 'start'))
    feed.take([event(1, 'start'), event(3, 'resume'), event(2, 'pause')])
    FakeSource.opened[0]!.send('run', event(2, 'pause'))
    expect(feed.get().progress).toMatchObject({ sequence: 3, mode: 'running' })
    expect(seen).toHaveBeenCalledTimes(2)
  })

  it('does not jump over an event that it has not seen', () => {
    const feed = feedOf()
    feed.take([event(2, 'pause')])
    expect(feed.get().progress.sequence).toBe(0)
  })

  it('says when the line is lost, and connects anew after the last event when the browser has given up', () => {
    const feed = feedOf()
    feed.run()
    const [first] = FakeSource.opened
    first!.send('open')
    expect(feed.get().connected).toBe(true)
    first!.send('run', event(1, 'start'))
    first!.send('error')
    expect(feed.get().connected).toBe(false)
    vi.advanceTimersByTime(5000)
    expect(FakeSource.opened).toHaveLength(1)
    first!.close()
    first!.send('error')
    vi.advanceTimersByTime(1000)
    expect(FakeSource.opened.map((source) => source.address)).toEqual(['/events?after=0', '/events?after=1'])
  })

  it('loads the page again when the class was planned anew before the start; under way it takes the new people without a break', async () => {
    const later = { ...snapshot, name: 'With one more' }
    const fetched = vi.fn(() => Promise.resolve(Response.json({ version: 5, snapshot: later })))
    vi.stubGlobal('fetch', fetched)
    const feed = feedOf()
    feed.run()
    FakeSource.opened[0]!.send('snapshot', '3')
    expect(reload).not.toHaveBeenCalled()
    FakeSource.opened[0]!.send('snapshot', '4')
    expect(reload).toHaveBeenCalledTimes(1)
    feed.take([event(1, 'start')])
    FakeSource.opened[0]!.send('snapshot', '5')
    await soon(() => expect(feed.get()).toMatchObject({ version: 5, snapshot: { name: 'With one more' }, progress: { sequence: 1 } }))
    expect(fetched).toHaveBeenCalledWith('/snapshot')
    FakeSource.opened[0]!.send('snapshot', '5')
    expect([reload.mock.calls.length, fetched.mock.calls.length]).toEqual([1, 1])
  })

  it('loads the page again where the app was renewed and its snapshots are of another format', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(() => Promise.resolve(Response.json({ version: 5, format: 99, snapshot: {} }))),
    )
    const feed = feedOf([event(1, 'start')])
    feed.run()
    FakeSource.opened[0]!.send('snapshot', '5')
    await soon(() => expect(reload).toHaveBeenCalledTimes(1))
    expect(feed.get().version).toBe(3)
  })

  it('asks again for a snapshot that could not be had, with the next beat', async () => {
    const answers = [
      () => Promise.reject(new TypeError('no line')),
      () => Promise.resolve(new Response('', { status: 503 })),
      () => Promise.resolve(Response.json({ version: 5, snapshot: { ...snapshot, name: 'At last' } })),
    ]
    const fetched = vi.fn(() => answers.shift()!())
    vi.stubGlobal('fetch', fetched)
    const feed = feedOf([event(1, 'start')])
    feed.run()
    FakeSource.opened[0]!.send('snapshot', '5')
    for (let beat = 0; beat < 3; beat++) {
      await vi.advanceTimersByTimeAsync(5000)
      FakeSource.opened[0]!.send('beat', { sequence: 1, version: 5 })
    }
    await soon(() => expect(feed.get()).toMatchObject({ version: 5, snapshot: { name: 'At last' } }))
    expect(fetched).toHaveBeenCalledTimes(3)
  })

  it('stops for good when its screen is left', () => {
    const stop = feedOf().run()
    stop()
    expect(FakeSource.opened[0]!.readyState).toBe(FakeSource.CLOSED)
    vi.advanceTimersByTime(5000)
    expect(FakeSource.opened).toHaveLength(1)
  })
})
