import { describe, expect, it } from 'vitest'
import { snapshotOf } from '../../../../tests/fixtures/demo-run'
import type { RotationChoice } from '../../rotation/rule'
import { wayTo } from './move-words'
import { withRoomChange, type RoomChange } from '../room/room-change'
import type { RunSnapshot } from '../room/snapshot'

const circuitId = 'll-stations'
const lunchBy = (choice: RotationChoice) => snapshotOf('demo-lunch', (document) => (document.rotations = { [circuitId]: choice }))
const workOf = (snapshot: RunSnapshot, turn: number) =>
  snapshot.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === circuitId && phase.turn === turn)!
const way = (snapshot: RunSnapshot, turn: number) => wayTo(snapshot, snapshot.circuits[circuitId]!, workOf(snapshot, turn))
const after = (snapshot: RunSnapshot, change: RoomChange, turn: number): RunSnapshot => {
  const changed = withRoomChange(snapshot, change, workOf(snapshot, turn).index)
  if (!changed.ok) throw new Error(changed.problems[0]!.message)
  return changed.value.snapshot
}

describe('the way to the next stations', () => {
  it('is told as the rule moves the room: each rule its own words', () => {
    expect(way(lunchBy({ rule: 'loop' }), 1)).toEqual({ headline: 'On to the next station', detail: '8 goes round to 1.' })
    expect(way(lunchBy({ rule: 'loopByK', step: 3 }), 1)).toEqual({ headline: '3 stations on', detail: 'After 8 comes 1.' })
    expect(way(lunchBy({ rule: 'loopByK', step: 7 }), 1)).toEqual({ headline: 'Back to the station before', detail: '1 goes round to 8.' })
    expect(way(lunchBy({ rule: 'twoFiles' }), 1)).toEqual({
      headline: 'First partner: one up. Second: one down.',
      detail: 'Up from 8 is 1. Down from 1 is 8.',
    })
    expect(way(lunchBy({ rule: 'hostAndTraveller' }), 1)).toEqual({
      headline: 'First partner: stay. Second: one up.',
      detail: 'Up from 8 is 1.',
    })
    expect(way(lunchBy({ rule: 'fullMix' }), 1)).toEqual({
      headline: 'Find your name',
      detail: 'Everyone has a station of their own next: look below, or at your card.',
    })
  })

  it('has the extra step that one file takes at half-time, and only there', () => {
    const files = lunchBy({ rule: 'twoFiles' })
    expect(way(files, 3).headline).toBe('First partner: one up. Second: one down.')
    expect(way(files, 4).headline).toBe('First partner: one up. Second: 2 down.')
    expect(way(files, 5).headline).toBe('First partner: one up. Second: one down.')
  })

  it('into the first turn everyone finds their station', () => {
    expect(way(lunchBy({ rule: 'loop' }), 0)).toEqual({ headline: 'Find your station', detail: '' })
  })

  it('names the few who go elsewhere, as when a station is closed or two have traded places', () => {
    const loop = lunchBy({ rule: 'loop' })
    const closed = after(loop, { type: 'closes', pieceId: circuitId, station: 3 }, 0)
    const { turns } = closed.circuits[circuitId]!
    const told = way(closed, 1)
    expect(told.headline).toBe('On to the next station')
    // Whoever stood before the closed one goes where the rotation now has them.
    const displaced = turns![0]![2]![0]!
    const names = closed.groups[displaced]!.map((id) => closed.people.find((person) => person.id === id)!.name).join(' and ')
    expect(told.detail).toContain(
      `${names} ${turns![1]![2]!.includes(displaced) ? 'stay at' : 'to'} station ${turns![1]!.findIndex((here) => here.includes(displaced)) + 1}.`,
    )
    const traded = after(lunchBy({ rule: 'twoFiles' }), { type: 'tradePlaces', one: loop.groups[0]![0]!, other: loop.groups[4]![0]! }, 0)
    expect(way(traded, 2).headline).toBe('First partner: one up. Second: one down.')
  })

  it('is what the table says for everyone it does not name, whatever the rule and the turn', () => {
    for (const choice of [{ rule: 'loop' }, { rule: 'loopByK', step: 5 }] as const) {
      const snapshot = lunchBy(choice)
      const { turns } = snapshot.circuits[circuitId]!
      const step = choice.rule === 'loop' ? 1 : 5
      for (let turn = 1; turn < 8; turn++) {
        expect(way(snapshot, turn)).toEqual(way(snapshot, 1))
        turns![turn - 1]!.forEach((units, station) => expect(turns![turn]![(station + step) % 8]).toEqual(units))
      }
    }
  })
})
