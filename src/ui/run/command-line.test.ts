import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { pressed, snapshotOf } from '../../../tests/fixtures/demo-run'
import type { Command, CommandRequest } from '../../core/run/clock/events'
import { ApiError } from '../kit/api'
import { RunFeed } from '../live/run-feed'
import type { Taken } from '../live/taken'
import { CommandLine } from './command-line'

const snapshot = snapshotOf('demo-short')
const lost = new ApiError(0, [{ code: 'away', message: 'away', field: '' }])

/** A line whose answers are given by hand, one for each request. */
function line() {
  const feed = new RunFeed(snapshot, pressed([0, 'start']), '/events', 1)
  const asked: CommandRequest[] = []
  const answers: ((how: 'taken' | Error) => Promise<void>)[] = []
  const told: (string | undefined)[] = []
  const post = (request: CommandRequest) =>
    new Promise<Taken>((resolve, reject) => {
      asked.push(request)
      answers.push(async (how) => {
        if (how === 'taken')
          resolve({
            event: {
              sequence: feed.get().progress.sequence + 1,
              id: request.id,
              at: 20_000,
              who: 'Coach',
              command: request.command as Command,
            },
            missed: [],
          })
        else reject(how)
        await vi.advanceTimersByTimeAsync(0)
      })
    })
  const commands = new CommandLine(
    feed,
    post,
    (trouble) => told.push(trouble),
    () => Date.now(),
  )
  const press = (type: 'skip' | 'pause' | 'hold' | 'stop') => void commands.send({ type })
  return {
    feed,
    asked,
    told,
    press,
    answer: (how: 'taken' | Error) => answers.shift()!(how),
    types: () => asked.map(({ command }) => command.type),
  }
}

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

describe('what the controls send', () => {
  it('one after the other, each on what the one before has made of the class', async () => {
    const { asked, press, answer, types, feed } = line()
    press('skip')
    press('pause')
    expect(types()).toEqual(['skip'])
    await answer('taken')
    expect(types()).toEqual(['skip', 'pause'])
    expect(asked.map(({ expectedSequence }) => expectedSequence)).toEqual([1, 2])
    await answer('taken')
    expect(feed.get().progress).toMatchObject({ sequence: 3, mode: 'paused' })
  })

  it('presses quicker than the line take their turn; one that asks for what the last one does is sent once', async () => {
    const { press, answer, types, feed } = line()
    for (const type of ['skip', 'skip', 'skip', 'pause', 'pause'] as const) press(type)
    for (let left = 4; left > 0; left--) await answer('taken')
    expect(types()).toEqual(['skip', 'skip', 'skip', 'pause'])
    expect(feed.get().progress).toMatchObject({ sequence: 5, mode: 'paused' })
    press('pause')
    expect(types()).toHaveLength(5)
  })

  it('a stop takes the place of whatever waits', async () => {
    const { press, answer, types } = line()
    press('skip')
    press('pause')
    press('hold')
    press('stop')
    await answer('taken')
    await answer('taken')
    expect(types()).toEqual(['skip', 'stop'])
  })

  it('a press whose turn comes too late is left out and told: the room has moved on', async () => {
    const { press, answer, types, told } = line()
    press('skip')
    press('hold')
    await vi.advanceTimersByTimeAsync(2000)
    await answer('taken')
    expect(types()).toEqual(['skip'])
    expect(told.at(-1)).toMatch(/^The line was slow, so your last press was left out/)
  })

  it.each([lost, new ApiError(500, [])])(
    'on a lost line, or one that says nothing of it, the same is sent again under the same id; other presses meanwhile do nothing',
    async (nothing) => {
      const { asked, press, answer, told, types } = line()
      press('skip')
      await answer(nothing)
      expect(told.at(-1)).toBe('No answer yet: trying again …')
      press('pause')
      await vi.advanceTimersByTimeAsync(250)
      await answer('taken')
      expect(types()).toEqual(['skip', 'skip'])
      expect(new Set(asked.map(({ id }) => id)).size).toBe(1)
      expect(told.at(-1)).toBeUndefined()
    },
  )

  it('a stop does not wait until another command has been tried often enough, and is tried itself', async () => {
    const { press, answer, told, types } = line()
    press('skip')
    await answer(lost)
    press('stop')
    await vi.advanceTimersByTimeAsync(250)
    await answer(lost)
    expect(types()).toEqual(['skip', 'skip', 'stop'])
    for (let attempt = 0; attempt < 5; attempt++) {
      await answer(lost)
      await vi.advanceTimersByTimeAsync(5000)
    }
    expect(told.at(-1)).toMatch(/^The server does not answer: say it aloud/)
    press('pause')
    expect(types().at(-1)).toBe('pause')
  })

  it('what is refused is told, and what was missed is taken', async () => {
    const { press, answer, told, feed } = line()
    press('skip')
    await answer(
      new ApiError(409, [{ code: 'stale', message: 'Somebody else was quicker.', field: '' }], {
        events: [{ sequence: 2, id: 'x', at: 15_000, who: 'Coach', command: { type: 'pause' } }],
      }),
    )
    expect(told.at(-1)).toBe('Somebody else was quicker.')
    expect(feed.get().progress.mode).toBe('paused')
  })

  it('what was pressed after one that is refused is not sent: it was meant for another state', async () => {
    const { press, answer, types } = line()
    press('skip')
    press('hold')
    await answer(new ApiError(409, [{ code: 'stale', message: 'Somebody else was quicker.', field: '' }]))
    expect(types()).toEqual(['skip'])
  })
})
