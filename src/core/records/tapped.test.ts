import { describe, expect, it } from 'vitest'
import { listed, pressed, snapshotOf, type Press } from '../../../tests/fixtures/demo-run'
import { asItHappened } from './actual'
import { attendancesOf } from './did'
import { placesOf } from './result-places'
import { runRecord } from './run-record'
import { tappedResults } from './tapped'
import { boardOf } from './standing'
import { stateAt } from '../run/clock/state'

const list = listed.timeline.phases.find((phase) => phase.selfPaced)!
const [one, two, three] = listed.people.map((person) => person.id) as [string, string, string]
const tap = (second: number, what: 'start' | 'round' | 'finish', ...personIds: string[]): Press => [
  second,
  { type: 'tap', personIds, what },
]
const ran = (...presses: Press[]) => {
  const { end } = asItHappened(listed.timeline, pressed([0, 'start'], [10, { type: 'goto', phase: list.index }], ...presses))
  return tappedResults(listed, placesOf(listed, end.timeline), end)
}

describe('what was tapped', () => {
  it('is a result of each who was tapped, to the tenth, from their own beginning; a tap taken away is none', () => {
    const results = ran(
      [20.02, { type: 'tap', personIds: [three], what: 'start' }],
      tap(40, 'round', one),
      tap(41, 'round', two),
      [42, { type: 'untap', tapId: 'e4' }],
      [80.27, { type: 'tap', personIds: [three], what: 'finish' }],
      tap(100, 'round', one),
      [400, 'finish'],
    )
    expect(results.map(({ personId, outcome, measure }) => [personId, measure, outcome])).toEqual([
      [three, 'rounds', { value: { measure: 'time', tenths: 603 }, lateTenths: 100 }],
      [one, 'rounds', { value: { measure: 'rounds', rounds: 2, reps: 0 } }],
    ])
    expect(results[1]).toMatchObject({ splits: [300, 600], name: listed.pieceNames[list.pieceId] })
  })

  it('of lists that are called the same is told apart', () => {
    const { timeline, circuits, pieceNames } = listed
    const other = { ...list, pieceId: 'other', index: timeline.phases.length }
    const twice = {
      ...listed,
      circuits: { ...circuits, other: circuits[list.pieceId]! },
      pieceNames: { ...pieceNames, other: pieceNames[list.pieceId]! },
    }
    const { all } = placesOf(twice, { ...timeline, phases: [...timeline.phases, other] })
    const name = pieceNames[list.pieceId]!
    expect(all.map((place) => place.name).filter((known) => known.startsWith(name))).toEqual([`${name} 1`, `${name} 2`])
  })

  it('for two at once is one entry', () => {
    const [a, b] = ran(tap(70, 'finish', one, two), [400, 'finish'])
    expect([a!.entry, b!.entry]).toEqual(['e2', 'e2'])
  })

  it('of a list for time that is over without a finish is not finished', () => {
    const bricks = snapshotOf('demo-bricks')
    const ladder = bricks.timeline.phases.findLast((phase) => phase.selfPaced)!
    const [who] = bricks.people
    const { end } = asItHappened(
      bricks.timeline,
      pressed([0, 'start'], [10, { type: 'goto', phase: ladder.index }], tap(40, 'round', who!.id), [90, 'skip'], [200, 'finish']),
    )
    expect(tappedResults(bricks, placesOf(bricks, end.timeline), end)).toMatchObject([
      { measure: 'time', outcome: { didNotFinish: true, value: { rounds: 1 } } },
    ])
  })

  it('is on the board of all but who wants to be on none', () => {
    const { end } = asItHappened(
      listed.timeline,
      pressed([0, 'start'], [10, { type: 'goto', phase: list.index }], tap(40, 'round', one, two)),
      50_000,
    )
    const off = { ...listed, people: listed.people.map((person) => (person.id === one ? { ...person, offBoards: true as const } : person)) }
    const board = boardOf(off, end, stateAt(end, 50_000))
    expect(board.map(({ personId }) => personId)).not.toContain(one)
    expect(board).toHaveLength(listed.people.length - 1)
  })
})

describe('where results can be put down', () => {
  const places = placesOf(listed, listed.timeline)
  const key = places.ofList(list)!

  it('is every list by what it is measured by, every exercise of intervals, and the whole class', () => {
    expect(places.all[0]).toEqual(key)
    expect(places.all.at(-1)).toEqual({ place: '', measure: 'effort', name: 'The whole class' })
    expect(places.all.some(({ measure }) => measure === 'load')).toBe(true)
    const keys = places.all.map(({ place, measure }) => `${place} ${measure}`)
    expect(new Set(keys).size).toBe(keys.length)
  })

  it('says the task as it was read out, and what somebody does otherwise', () => {
    const told = listed.people.map(({ id }) => places.taskAt(key, id)!)
    expect(told[0]!.task).toMatchObject({ measure: 'rounds', capSeconds: 300 })
    expect(told[0]!.task.lines.length).toBeGreaterThan(1)
    expect(new Set(told.map(({ task }) => JSON.stringify(task))).size).toBe(1)
    expect(told.some(({ option }) => option !== '')).toBe(true)
    expect(places.taskAt({ place: 'no/0/0', measure: 'load' }, one)).toBeUndefined()
  })
})

describe('who did what', () => {
  const lunch = snapshotOf('demo-lunch')
  const did = (...presses: Press[]) => {
    const actual = asItHappened(lunch.timeline, pressed([0, 'start'], ...presses))
    return { actual, all: attendancesOf(lunch, actual.end.timeline, actual.end.worked) }
  }

  it('is everything at every station after a whole class, with their own options, and partners', () => {
    const { all, actual } = did()
    for (const { did: done, partners } of all) {
      const stations = done.filter(({ pieceId }) => pieceId === 'll-stations')
      expect(new Set(stations.map(({ station }) => station)).size).toBe(8)
      expect(stations.every(({ done: turns, missed }) => turns > 0 && missed === 0)).toBe(true)
      expect(partners).toHaveLength(1)
    }
    const ilse = all.find(({ personId }) => personId === 'ilse')!
    expect(ilse.did.some(({ own }) => own)).toBe(true)
    const { ownOptions, people, actualSeconds } = runRecord(lunch, actual, all)
    expect([people, actualSeconds]).toEqual([lunch.people.length, lunch.timeline.total])
    for (const { own, people: of } of ownOptions) expect(own).toBeLessThanOrEqual(of)
    expect(JSON.stringify(ownOptions)).not.toContain('ilse')
  })

  it('misses what was not worked', () => {
    const { all } = did([10 + lunch.timeline.total - 1200, 'finish'])
    expect(all.some(({ did: done }) => done.some(({ missed }) => missed > 0))).toBe(true)
  })

  it('a way that was judged short came true when the room took longer', () => {
    const circuit = lunch.circuits['ll-stations']!
    const slow = { ...lunch, circuits: { ...lunch.circuits, 'll-stations': { ...circuit, walkSeconds: 22 } } }
    const way = lunch.timeline.phases.find(({ pieceId, kind }) => pieceId === 'll-stations' && kind === 'transition')!
    const { actual, all } = did([10 + way.start + 2, 'hold'], [10 + way.start + way.seconds + 6, 'release'])
    const [short] = runRecord(slow, actual, all).shortWays
    expect(short).toMatchObject({ needs: 22, has: way.seconds, late: 1 })
    expect(short!.times).toBeGreaterThan(5)
    expect(runRecord({ ...slow, circuits: { 'll-stations': { ...circuit, walkSeconds: 3 } } }, actual, all).shortWays).toEqual([])
  })
})
