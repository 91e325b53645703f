import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf, type Press } from '../../../tests/fixtures/demo-run'
import { foldEvents } from '../run/clock/apply'
import { advance } from '../run/clock/progress'
import { coverageOf } from './coverage'
import { withRoomChange, type RoomChange } from '../run/room/room-change'
import type { RunSnapshot } from '../run/room/snapshot'
import { stateAt } from '../run/clock/state'

const lunch = snapshotOf('demo-lunch')
const stations = [1, 2, 3, 4, 5, 6, 7, 8]
const covered = (snapshot: RunSnapshot, second: number, ...presses: Press[]) => {
  const events = pressed([0, 'start'], ...presses)
  const state = stateAt(foldEvents(lunch.timeline, events), second * 1000)
  return coverageOf(snapshot, 'll-stations', state.phase, advance(foldEvents(lunch.timeline, events), second * 1000).worked)
}
const work = (turn: number) =>
  lunch.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === 'll-stations' && phase.turn === turn)!
const changed = (snapshot: RunSnapshot, change: RoomChange, phase: number) => {
  const result = withRoomChange(snapshot, change, phase)
  if (!result.ok) throw new Error(result.problems[0]!.message)
  return result.value.snapshot
}

describe('coverage', () => {
  it('nothing yet, all to come; at the end, everything done by everybody', () => {
    for (const coverage of covered(lunch, 12)) expect([coverage.done, coverage.toCome, coverage.missed]).toEqual([[], stations, []])
    for (const coverage of covered(lunch, 10 + lunch.timeline.total))
      expect([coverage.done, coverage.toCome, coverage.missed]).toEqual([stations, [], []])
  })

  it('a turn that was skipped is not done, and one that was gone back to is', () => {
    const { start, index } = work(0)
    const skipped = covered(lunch, 10 + start + 3, [10 + start + 1, 'skip'])
    expect(skipped.find((coverage) => coverage.personId === 'oren')!.done).toEqual([])
    // Two laps: the station comes again.
    expect(skipped.find((coverage) => coverage.personId === 'oren')!.toCome).toEqual(stations)
    const back = covered(lunch, 10 + start + 90, [10 + start + 1, 'skip'], [10 + start + 2, { type: 'goto', phase: index }])
    expect(back.find((coverage) => coverage.personId === 'oren')!.done).toContain(1)
  })

  it('paused time is not work', () => {
    const { start } = work(0)
    expect(covered(lunch, 10 + start + 600, [10 + start + 5, 'pause']).every((coverage) => coverage.done.length === 0)).toBe(true)
  })

  it('who trades places keeps what they have done; who comes late has not done what came before; one lap skipped is told as one side', () => {
    const now = work(2)
    const traded = changed(lunch, { type: 'tradePlaces', one: 'oren', other: 'tove' }, now.index)
    const at = covered(traded, 10 + now.start + 1)
    // Oren began at 1, Tove at 2; two turns are done.
    expect(at.find((coverage) => coverage.personId === 'oren')!.done).toEqual([1, 2])
    expect(at.find((coverage) => coverage.personId === 'tove')!.done).toEqual([2, 3])
    const late = changed(lunch, { type: 'arrives', id: 'late', name: 'Quill' }, now.index)
    expect(covered(late, 10 + now.start + 1).find((coverage) => coverage.personId === 'late')!.done).toEqual([])
  })

  it('never wrong after any sequence of pauses, skips and changes: done, to come and missed are all the stations of one’s way, each once', () => {
    const command = fc.constantFrom(
      'pause' as const,
      'resume' as const,
      'skip' as const,
      'back' as const,
      'repeat' as const,
      'hold' as const,
      'release' as const,
      'undo' as const,
    )
    const change = fc.constantFrom<RoomChange>(
      { type: 'tradePlaces', one: 'oren', other: 'tove' },
      { type: 'closes', pieceId: 'll-stations', station: 3 },
      { type: 'arrives', id: 'late', name: 'Quill' },
    )
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 120 }), command), { maxLength: 25 }),
        fc.option(change, { nil: undefined }),
        (steps, one) => {
          let second = 5
          const presses = steps.map(([wait, type]): Press => [(second += wait), type])
          const events = pressed([0, 'start'], ...presses)
          const state = stateAt(foldEvents(lunch.timeline, events), second * 1000)
          const snapshot = one ? changed(lunch, one, state.phase.index) : lunch
          const total = Object.values(advance(foldEvents(lunch.timeline, events), second * 1000).worked).reduce((sum, ms) => sum + ms, 0)
          expect(total).toBeLessThanOrEqual(second * 1000)
          for (const coverage of coverageOf(
            snapshot,
            'll-stations',
            state.phase,
            advance(foldEvents(lunch.timeline, events), second * 1000).worked,
          )) {
            const all = [...coverage.done, ...coverage.toCome, ...coverage.missed]
            expect(new Set(all).size).toBe(all.length)
            if (!one) expect(all.sort((a, b) => a - b)).toEqual(stations)
          }
        },
      ),
      { numRuns: 80 },
    )
  })
})
