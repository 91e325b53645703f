import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Command, RunEvent } from '../../core/run/clock/events'
import { FakeSource } from '../../../tests/fixtures/fake-source'
import { SharedStream, type StreamMessage } from './shared-stream'

const event = (sequence: number): RunEvent => ({
  sequence,
  id: `e${sequence}`,
  at: sequence,
  who: 'Coach',
  command: { type: 'hold' } as Command,
})
const listener = (address: string, after = 0) => {
  const heard: StreamMessage[] = []
  return { heard, listener: { address, after, take: (message: StreamMessage) => void heard.push(message) } }
}
const sequences = (heard: StreamMessage[]) => heard.flatMap((message) => (message.type === 'run' ? [message.event.sequence] : []))

beforeEach(() => {
  FakeSource.opened = []
  vi.useFakeTimers()
  vi.stubGlobal('EventSource', FakeSource)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('one stream for all screens of a run in a browser', () => {
  it('is opened once, and whoever comes later hears what it has not seen', () => {
    const stream = new SharedStream()
    const [controls, wall] = [listener('/controls'), listener('/wall', 1)]
    stream.join(controls.listener)
    FakeSource.opened[0]!.send('snapshot', 4)
    for (const sequence of [1, 2, 3]) FakeSource.opened[0]!.send('run', event(sequence))
    stream.join(wall.listener)
    FakeSource.opened[0]!.send('run', event(4))
    expect(FakeSource.opened).toHaveLength(1)
    expect(sequences(controls.heard)).toEqual([1, 2, 3, 4])
    expect(sequences(wall.heard)).toEqual([2, 3, 4])
    expect(wall.heard).toContainEqual({ type: 'snapshot', version: 4 })
  })

  it('goes back for a screen that has seen less, and on by another’s address when the first one goes or is refused', () => {
    const stream = new SharedStream()
    const [first, second] = [listener('/first', 5), listener('/second', 2)]
    const leave = stream.join(first.listener)
    stream.join(second.listener)
    expect(FakeSource.opened.map((source) => source.address)).toEqual(['/first?after=5', '/first?after=2'])
    FakeSource.opened[1]!.send('run', event(3))
    leave()
    expect(FakeSource.opened[2]!.address).toBe('/second?after=3')
    const third = listener('/third', 3)
    stream.join(third.listener)
    FakeSource.opened[2]!.close()
    FakeSource.opened[2]!.send('error')
    expect(third.heard.at(-1)).toEqual({ type: 'lost' })
    vi.advanceTimersByTime(1000)
    expect(FakeSource.opened.at(-1)!.address).toBe('/third?after=3')
  })

  it('is opened anew when nothing has been heard for long, and goes on after what has been heard', () => {
    const stream = new SharedStream()
    const wall = listener('/wall')
    stream.join(wall.listener)
    FakeSource.opened[0]!.send('open')
    FakeSource.opened[0]!.send('run', event(1))
    for (let beat = 0; beat < 10; beat++) {
      vi.advanceTimersByTime(5000)
      FakeSource.opened[0]!.send('beat', 1)
    }
    expect(FakeSource.opened).toHaveLength(1)
    vi.advanceTimersByTime(12_000)
    expect(wall.heard.at(-1)).toEqual({ type: 'lost' })
    expect(FakeSource.opened[0]!.readyState).toBe(FakeSource.CLOSED)
    expect(FakeSource.opened[1]!.address).toBe('/wall?after=1')
    // Nor does one that never opens hold it up.
    vi.advanceTimersByTime(12_000)
    expect(FakeSource.opened).toHaveLength(3)
  })

  it('is closed when nobody listens', () => {
    const stream = new SharedStream()
    stream.join(listener('/one').listener)()
    expect(FakeSource.opened[0]!.readyState).toBe(FakeSource.CLOSED)
    vi.advanceTimersByTime(60_000)
    expect(FakeSource.opened).toHaveLength(1)
  })

  it('that is behind at two beats asks anew for what it has missed; a snapshot that did not come is told of again', () => {
    const { heard, listener: one } = listener('/one/events')
    const leave = new SharedStream().join(one)
    const [source] = FakeSource.opened
    source!.send('open')
    source!.send('snapshot', '3')
    source!.send('run', event(1))
    source!.send('beat', { sequence: 1, version: 3 })
    // The next may be on its way.
    source!.send('beat', { sequence: 2, version: 4 })
    expect([FakeSource.opened.length, heard.at(-1)]).toEqual([1, { type: 'snapshot', version: 4 }])
    source!.send('beat', { sequence: 2, version: 4 })
    expect(FakeSource.opened.map(({ address }) => address)).toEqual(['/one/events?after=0', '/one/events?after=1'])
    leave()
  })

  it('that the server sends away connects anew soon, to whoever answers then', () => {
    const { listener: one } = listener('/one/events')
    const leave = new SharedStream().join(one)
    FakeSource.opened[0]!.send('run', event(1))
    FakeSource.opened[0]!.send('rejoin', '1')
    vi.advanceTimersByTime(400)
    expect(FakeSource.opened.map(({ address }) => address)).toEqual(['/one/events?after=0', '/one/events?after=1'])
    leave()
  })

  it('whose link was taken back, or whose class is over, is told so and asks no more', async () => {
    vi.stubGlobal('fetch', async () => ({ status: 410 }))
    const { heard, listener: one } = listener('/one/events')
    new SharedStream().join(one)
    FakeSource.opened[0]!.close()
    FakeSource.opened[0]!.send('error')
    await vi.advanceTimersByTimeAsync(1100)
    expect(heard.at(-1)).toEqual({ type: 'over' })
    const asked = FakeSource.opened.length
    await vi.advanceTimersByTimeAsync(60_000)
    expect(FakeSource.opened.length).toBe(asked)
  })
})
