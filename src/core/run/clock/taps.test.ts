import { describe, expect, it } from 'vitest'
import { listed, pressed, type Press } from '../../../../tests/fixtures/demo-run'
import { foldEvents } from './apply'
import type { TapKind } from './events'
import { advance } from './progress'
import { listThatWas } from '../../records/standing'
import { stateAt } from './state'
import { canTap, tapsAfterEndMs, tapWhen, tapsWith, type TapCommand } from './taps'

const list = listed.timeline.phases.find((phase) => phase.selfPaced)!
const [one, two] = listed.people.map((person) => person.id) as [string, string]
const tap = (phase: number, elapsed: number, what: TapKind = 'finish', ...personIds: string[]): TapCommand => ({
  type: 'tap',
  personIds: personIds.length > 0 ? personIds : [one],
  what,
  when: { phase, elapsed },
})
const ran = (...presses: Press[]) =>
  foldEvents(listed.timeline, pressed([0, 'start'], [10, { type: 'goto', phase: list.index }], ...presses))

describe('a tap', () => {
  it('counts for when it was made, not for when it came', () => {
    expect(ran([70, tap(list.index, 42_000)]).taps).toMatchObject([{ phase: list.index, elapsed: 42_000, at: 70_000 }])
  })

  it('of a screen whose clock is ahead counts for no later than now', () => {
    expect(ran([70, tap(list.index, 90_000)]).taps).toMatchObject([{ elapsed: 60_000 }])
  })

  it('counts after its part is over, and while the room is stopped, but not before the part, nor in another kind of part', () => {
    const over = [20, 'skip'] as Press
    expect(ran(over, [30, tap(list.index, 300_000, 'round')]).taps).toMatchObject([{ phase: list.index, what: 'round' }])
    expect(ran([20, 'stop'], [30, tap(list.index, 9_000)]).taps).toHaveLength(1)
    expect(ran([20, { type: 'goto', phase: list.index - 1 }], [30, tap(list.index, 1_000)]).taps).toEqual([])
    expect(ran(over, [30, tap(list.index - 1, 1_000)]).taps).toEqual([])
    expect(ran(over, [30, tap(10_000, 1_000)]).taps).toEqual([])
  })

  it('counts for a quarter of an hour after the class, and can be taken away so long', () => {
    const done = ran([20, tap(list.index, 5_000)], [30, 'finish'])
    const [made] = done.taps
    const at = (later: number, command: TapCommand) => canTap(advance(done, done.endedAt! + later), command)
    expect(at(tapsAfterEndMs, tap(list.index, 5_000, 'round'))).toBe(true)
    expect(at(tapsAfterEndMs, { type: 'untap', tapId: made!.id })).toBe(true)
    expect(at(tapsAfterEndMs + 1, tap(list.index, 5_000, 'round'))).toBe(false)
    expect(at(1, { type: 'untap', tapId: 'another' })).toBe(false)
  })

  it('made now counts for where the list is, and once it is over for its end', () => {
    const on = ran()
    expect(tapWhen(on, list, 10_000 + 12_345.6)).toEqual({ phase: list.index, elapsed: 12_346 })
    expect(tapWhen(ran([20, 'skip']), list, 25_000)).toEqual({ phase: list.index, elapsed: list.seconds * 1000 })
  })

  it('means nothing before the start', () => {
    expect(canTap(foldEvents(listed.timeline, []), tap(list.index, 0))).toBe(false)
  })

  it('is seen while it is on its way, once, and so is what is taken away', () => {
    const progress = ran([20, tap(list.index, 5_000, 'round')])
    const [there] = progress.taps
    const onTheWay = [
      { id: there!.id, command: tap(list.index, 5_000, 'round') },
      { id: 'next', command: tap(list.index, 8_000, 'finish', two) },
      { id: 'away', command: { type: 'untap' as const, tapId: there!.id } },
    ]
    expect(tapsWith(progress, onTheWay.slice(0, 1))).toEqual(progress.taps)
    expect(tapsWith(progress, onTheWay)).toMatchObject([{ id: 'next', personIds: [two], elapsed: 8_000 }])
  })
})

it('the part whose taps are shown is the one that is on, or else the last that was', () => {
  const shown = (...presses: Press[]) => listThatWas(stateAt(ran(...presses), 60_000))?.index
  expect(shown()).toBe(list.index)
  expect(shown([20, 'skip'])).toBe(list.index)
  expect(shown([20, { type: 'goto', phase: 0 }])).toBeUndefined()
  expect(listThatWas(stateAt(foldEvents(listed.timeline, []), 0))).toBeUndefined()
})

it('a part that is only counted into takes no tap, and offers none', () => {
  const counted = foldEvents(
    listed.timeline,
    pressed([0, 'start'], [10, { type: 'goto', phase: list.index }], [10, 'stop'], [91, 'resume']),
  )
  const at = (second: number) => {
    const state = stateAt(counted, second * 1000)
    return [state.status, listThatWas(state)?.index, canTap(advance(counted, second * 1000), tap(list.index, 0))]
  }
  expect(at(95)).toEqual(['countIn', undefined, false])
  expect(at(102)).toEqual(['running', list.index, true])
})
