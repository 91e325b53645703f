import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { listed, pressed } from '../../../tests/fixtures/demo-run'
import type { Command, CommandRequest } from '../../core/run/clock/events'
import { tapsWith } from '../../core/run/clock/taps'
import { ApiError } from '../kit/api'
import { RunFeed } from '../live/run-feed'
import type { Taken } from './taken'
import { TapLine, type TapState } from './tap-line'
import { tapStore } from './tap-store'

const list = listed.timeline.phases.find((phase) => phase.selfPaced)!
const lost = new ApiError(0, [{ code: 'away', message: 'away', field: '' }])

/** What a browser keeps, without a browser: its keys are its own properties. */
const storageOf = (kept: Record<string, string>) =>
  Object.assign(
    Object.create({ setItem: (key: string, text: string) => void (kept[key] = text), removeItem: (key: string) => void delete kept[key] }),
    kept,
  ) as Storage

/** A line that takes or loses whatever is sent, as it is told. */
function line(kept: Record<string, string> = {}) {
  const feed = new RunFeed(listed, pressed([0, 'start'], [10, { type: 'goto', phase: list.index }]), '/events', 1)
  const asked: CommandRequest[] = []
  let answer: 'taken' | Error = 'taken'
  let state: TapState = { waiting: [], lost: false }
  const post = async (request: CommandRequest): Promise<Taken> => {
    asked.push(request)
    if (answer !== 'taken') throw answer
    return {
      event: { sequence: feed.get().progress.sequence + 1, id: request.id, at: 60_000, who: 'Coach', command: request.command as Command },
      missed: [],
    }
  }
  const taps = new TapLine(
    feed,
    post,
    (now) => (state = now),
    tapStore('run', () => storageOf(kept)),
  )
  const tap = (personId: string, elapsed: number) =>
    void taps.add({ type: 'tap', personIds: [personId], what: 'finish', when: { phase: list.index, elapsed } })
  const seen = () => tapsWith(feed.get().progress, state.waiting).map(({ personIds, elapsed }) => `${personIds[0]} ${elapsed}`)
  return {
    taps,
    tap,
    asked,
    seen,
    state: () => state,
    answers: (how: 'taken' | Error) => (answer = how),
    kept: () => feed.get().progress.taps.length,
  }
}

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

it('many taps at once all count, in order, and are seen before they are answered', async () => {
  const { tap, seen, kept } = line()
  const people = ['a', 'b', 'c', 'd']
  people.forEach((id, index) => tap(id, 1000 + index))
  const all = people.map((id, index) => `${id} ${1000 + index}`)
  expect(seen()).toEqual(all)
  await vi.advanceTimersByTimeAsync(0)
  expect(kept()).toBe(4)
  expect(seen()).toEqual(all)
})

it('on a lost line they wait, are tried again under the same id until they arrive, and keep their time', async () => {
  const { tap, answers, seen, state, kept, asked } = line()
  answers(lost)
  tap('a', 1000)
  await vi.advanceTimersByTimeAsync(60_000)
  tap('b', 2000)
  expect(state()).toMatchObject({ lost: true, waiting: [{}, {}] })
  expect(seen()).toEqual(['a 1000', 'b 2000'])
  const first = asked[0]!.id
  expect(asked.every(({ id }) => id === first)).toBe(true)
  answers('taken')
  await vi.advanceTimersByTimeAsync(4000)
  expect(state()).toMatchObject({ lost: false, waiting: [] })
  expect(kept()).toBe(2)
  expect(seen()).toEqual(['a 1000', 'b 2000'])
})

it('a tap made on a lost line can be taken away before it arrives', async () => {
  const { taps, tap, answers, seen, state, kept } = line()
  answers(lost)
  tap('a', 1000)
  void taps.add({ type: 'untap', tapId: state().waiting[0]!.id })
  expect(seen()).toEqual([])
  answers('taken')
  await vi.advanceTimersByTimeAsync(1000)
  expect(kept()).toBe(0)
})

it('one that is refused is told, and the next goes on', async () => {
  const { tap, answers, state, kept } = line()
  answers(new ApiError(409, [{ code: 'notNow', message: 'That does not count.', field: '' }]))
  tap('a', 1000)
  await vi.advanceTimersByTimeAsync(0)
  expect(state()).toMatchObject({ waiting: [], trouble: 'That does not count.' })
  answers('taken')
  tap('b', 2000)
  await vi.advanceTimersByTimeAsync(0)
  expect(state().trouble).toBeUndefined()
  expect(kept()).toBe(1)
})

it('what waits when the page is left is sent by the next page of the same run, once and in order', async () => {
  const device = {}
  const left = line(device)
  left.answers(lost)
  left.tap('a', 1000)
  await vi.advanceTimersByTimeAsync(10)
  left.tap('b', 2000)
  const next = line(device)
  await next.taps.resume()
  expect(next.seen()).toEqual(['a 1000', 'b 2000'])
  expect(next.asked[0]!.id).toBe(left.asked[0]!.id)
  expect(device).toEqual({})
  await next.taps.resume()
  expect(next.kept()).toBe(2)
})
