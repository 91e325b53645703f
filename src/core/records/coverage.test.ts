import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { classDocument, demoLibrary, pressed, snapshotOf, type Press } from '../../../tests/fixtures/demo-run'
import { computeClass } from '../class/compute'
import type { Circuit } from '../plan/plan'
import { takeSnapshot } from '../run/room/take-snapshot'
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

  it('a station that was skipped in every lap is missed by whoever would have been there, and by nobody else', () => {
    const skips = [work(0), work(8)].map(({ start }, lap): Press => [10 + start + 1 - lap * (work(0).seconds - 1), 'skip'])
    const end = covered(lunch, 10 + lunch.timeline.total, ...skips)
    const oren = end.find(({ personId }) => personId === 'oren')!
    expect([oren.done, oren.toCome, oren.missed]).toEqual([stations.slice(1), [], [1]])
    for (const { missed } of end) expect(missed).toHaveLength(1)
    expect(new Set(end.map(({ missed }) => missed[0])).size).toBe(stations.length)
  })

  it('where a lap is a side, one lap alone is one side; both laps are both, and other stations are not told so', () => {
    const document = classDocument('demo-lunch')
    const circuit = document.plan.parts.flatMap(({ pieces }) => pieces).find((piece) => piece.id === 'll-stations') as Circuit
    for (const { uses } of circuit.stations) for (const use of uses) use.sides = 'none'
    circuit.stations[2]!.uses[0]!.sides = 'byLap'
    const taken = takeSnapshot(document, computeClass(document, demoLibrary), demoLibrary, undefined)
    if (!taken.ok) return expect.unreachable()
    const second = work(8).start
    for (const coverage of covered(taken.value, 10 + second)) expect([coverage.done, coverage.oneSide]).toEqual([stations, [3]])
    for (const coverage of covered(taken.value, 10 + lunch.timeline.total)) expect(coverage.oneSide).toEqual([])
    // In the second lap alone it is one side too.
    const { start } = work(0)
    const skipped = covered(
      taken.value,
      10 + lunch.timeline.total - 1,
      ...Array.from({ length: 15 }, (_, at): Press => [10 + start + 1 + at / 10, 'skip']),
    )
    for (const coverage of skipped) if (coverage.done.includes(3)) expect(coverage.oneSide).toEqual([3])
  })

  it('nobody goes round where all do it together, or where there is no such circuit', () => {
    const together = lunch.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId !== 'll-stations')!
    const { worked } = foldEvents(lunch.timeline, [])
    for (const pieceId of [together.pieceId, 'nowhere']) expect(coverageOf(lunch, pieceId, together, worked)).toEqual([])
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
