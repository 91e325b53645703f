import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf } from '../../../../tests/fixtures/demo-run'
import { foldEvents } from '../clock/apply'
import { withRoomChange } from '../room/room-change'
import { homeView } from './home-view'
import { roomView } from './room-view'
import { stationsIn, stationView } from './station-view'
import { stateAt } from '../clock/state'

const lunch = snapshotOf('demo-lunch')
const at = (second: number) => stateAt(foldEvents(lunch.timeline, pressed([0, 'start'])), (10 + second) * 1000)
const work = (turn: number) =>
  lunch.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === 'll-stations' && phase.turn === turn)!

describe('the screen of a station', () => {
  it('says at every instant who the wall says is there, and where they go is where the wall shows them next', () => {
    for (let turn = 0; turn < 15; turn++) {
      const [now, next] = [at(work(turn).start + 1), at(work(turn + 1).start + 1)]
      for (const number of stationsIn(lunch)) {
        const view = stationView(lunch, now, number)
        expect(view.people).toEqual(roomView(lunch, now).tiles[number - 1]!.people)
        expect(view.nextPeople).toEqual(stationView(lunch, next, number).people)
        if (view.people.length > 0) expect(stationView(lunch, next, view.nextStation!).people).toEqual(view.people)
      }
    }
  })

  it('on the way, who is coming; while all do the same, what that is, and nobody of one’s own', () => {
    expect(stationView(lunch, at(work(0).start + 45), 2)).toMatchObject({
      coming: true,
      people: ['Oren', 'Maribel'],
      exercise: { name: 'Band row' },
    })
    const shared = stationView(lunch, at(lunch.timeline.total - 5), 2)
    expect(shared).toMatchObject({ people: [], nextPeople: [], exercise: { name: roomView(lunch, at(lunch.timeline.total - 5)).headline } })
    expect(stationView(lunch, at(lunch.timeline.total + 5), 2).word).toBe('Done')
  })

  it('tells what those bring along who come next: of the one size of which there are too few to stand at all stations', () => {
    // Kettlebells of 12 kg: four are wanted at stations 1 and 7 together, the hall has two.
    const brought = Array.from({ length: 7 }, (_, turn) =>
      stationsIn(lunch).flatMap((number) => {
        const { nextBrings, nextPeople } = stationView(lunch, at(work(turn).start + 1), number)
        return nextBrings ? [{ number, nextBrings, people: nextPeople.length }] : []
      }),
    ).flat()
    expect(new Set(brought.map(({ number }) => number))).toEqual(new Set([1, 7]))
    expect(new Set(brought.flatMap(({ nextBrings }) => nextBrings))).toEqual(new Set(['1 × Kettlebell 12 kg', '2 × Kettlebell 12 kg']))
    expect(brought.every(({ nextBrings, people }) => nextBrings.length === 1 && people === 2)).toBe(true)
    // Of groups that are others than planned nothing is said.
    const [one, other] = [lunch.groups[0]![0]!, lunch.groups[1]![0]!]
    const trade = withRoomChange(lunch, { type: 'tradePlaces', one, other }, -1)
    if (!trade.ok) throw new Error(trade.problems[0]!.message)
    const now = at(work(0).start + 1)
    for (const number of stationsIn(lunch)) expect(stationView(trade.value.snapshot, now, number).nextBrings).toBeUndefined()
  })

  it('tells its own side, and when it changes', () => {
    const { start } = work(1)
    expect([start - 3, start + 5, start + 20].map((second) => stationView(lunch, at(second), 8).side)).toEqual([
      'change sides at the half',
      'first side, change in 15',
      'second side',
    ])
    expect(stationView(lunch, at(start + 5), 1).side).toBeUndefined()
    expect([start - 3, start + 5].map((second) => stationView(lunch, at(second), 1).ahead)).toEqual([true, false])
  })

  it('closed, shows nothing to do', () => {
    const circuit = { ...lunch.circuits['ll-stations']!, closed: [1] }
    const closed = stationView({ ...lunch, circuits: { ...lunch.circuits, 'll-stations': circuit } }, at(work(0).start + 1), 2)
    expect(closed.closed).toBe(true)
    expect(closed.exercise).toBeUndefined()
  })

  it('there are as many as people come to; none where all do the same', () => {
    expect(stationsIn(lunch)).toEqual([1, 2, 3, 4, 5, 6, 7, 8])
    expect(stationsIn(snapshotOf('demo-sixties'))).toEqual([])
  })
})

describe('those who follow from home', () => {
  it('go through the stations in their order, one each turn, and are told what is next', () => {
    const names = lunch.circuits['ll-stations']!.stations.map((station) => station.exercises[0]!.name)
    for (let turn = 0; turn < 8; turn++) {
      expect(homeView(lunch, at(work(turn).start + 1))).toMatchObject({
        coming: false,
        exercise: { name: names[turn] },
        next: names[(turn + 1) % 8],
      })
    }
    expect(homeView(lunch, at(work(0).start + 45))).toMatchObject({ coming: true, exercise: { name: names[1] } })
  })

  it('do what everyone does where all do the same, and nothing when it is over', () => {
    expect(homeView(lunch, at(lunch.timeline.total - 5))).toBeUndefined()
    expect(homeView(lunch, at(lunch.timeline.total + 5))).toBeUndefined()
  })
})
