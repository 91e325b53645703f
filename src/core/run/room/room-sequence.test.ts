import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { snapshotOf } from '../../../../tests/fixtures/demo-run'
import type { Circuit } from '../../plan/plan'
import { withRoomChange, type RoomChange } from './room-change'
import type { RunSnapshot } from './snapshot'
import { stationIn } from './station-in'

const pieceId = 'll-stations'

/** The demo's lunch class; its stations gone through twice over, or by half of the class at a time. */
const shapes: RunSnapshot[] = [
  snapshotOf('demo-lunch'),
  snapshotOf('demo-lunch', ({ plan }) => {
    const part = plan.parts.find(({ pieces }) => pieces.some(({ id }) => id === pieceId))!
    part.repeat = 2
  }),
  snapshotOf('demo-lunch', (document) => {
    const part = document.plan.parts.find(({ pieces }) => pieces.some(({ id }) => id === pieceId))!
    const stations = part.pieces.find(({ id }) => id === pieceId) as Circuit
    stations.laps = 1
    stations.stations = stations.stations.slice(0, 4)
    const { waves: _, ...list } = structuredClone(stations)
    stations.waves = {
      meanwhile: {
        ...list,
        id: 'beside',
        travel: 'together',
        transition: { seconds: 0, how: 'walk' },
        lapRestSeconds: 0,
        stay: { kind: 'intervals', workSeconds: [20], gapSeconds: 0, sets: 1, setRestSeconds: 0 },
        stations: list.stations.map((station, index) => ({
          ...station,
          id: `b${index}`,
          uses: station.uses.map((use) => ({ ...use, id: `bu${index}` })),
        })),
        vary: [],
      },
    }
  }),
]

const works = ({ timeline }: RunSnapshot) => timeline.phases.filter((phase) => phase.kind === 'work' && phase.pieceId === pieceId)

/** Everybody's station at every work, `undefined` where they have none. */
const everywhere = (snapshot: RunSnapshot, until: number, ids: readonly string[]) =>
  works(snapshot)
    .filter(({ index }) => index < until)
    .map((phase) => ids.map((id) => stationIn(snapshot, pieceId, phase, id)))

const step = fc.oneof(
  fc.nat(20).map((who) => ({ what: 'leaves' as const, who })),
  fc.nat(20).map((station) => ({ what: 'close' as const, station })),
  fc.nat(20).map((station) => ({ what: 'open' as const, station })),
  fc.tuple(fc.nat(20), fc.nat(20)).map(([one, other]) => ({ what: 'trade' as const, one, other })),
  fc.constant({ what: 'arrives' as const }),
)

describe('any changes of a room, in any order', () => {
  it('nobody is sent to a closed station, nobody who has left is anywhere, and the past stays as it was', () => {
    let made = 0
    fc.assert(
      fc.property(fc.constantFrom(...shapes), fc.array(fc.tuple(step, fc.nat(9)), { minLength: 1, maxLength: 7 }), (shape, steps) => {
        let snapshot = shape
        let at = 0
        let late = 0
        for (const [{ what, ...which }, later] of steps) {
          const all = works(snapshot)
          at = Math.min(all.length - 1, at + later)
          const { index } = all[at]!
          const person = (nth: number) => snapshot.people[nth % snapshot.people.length]!.id
          const station = 'station' in which ? which.station % snapshot.circuits[pieceId]!.stations.length : 0
          const change: RoomChange =
            what === 'leaves'
              ? { type: 'leaves', personId: person((which as { who: number }).who) }
              : what === 'trade'
                ? { type: 'tradePlaces', one: person((which as { one: number }).one), other: person((which as { other: number }).other) }
                : what === 'arrives'
                  ? { type: 'arrives', id: `late${late}`, name: `Quill ${late++}` }
                  : { type: what === 'close' ? 'closes' : 'opens', pieceId, station }
          const result = withRoomChange(snapshot, change, index)
          if (!result.ok) continue
          made++
          const before = snapshot
          snapshot = result.value.snapshot
          const ids = before.people.map(({ id }) => id).filter((id) => snapshot.people.some((known) => known.id === id))
          expect(everywhere(snapshot, index, ids)).toEqual(everywhere(before, index, ids))
          const { closed = [], units } = snapshot.circuits[pieceId]!
          for (const phase of works(snapshot).filter((work) => work.index > index)) {
            const stations = snapshot.people.map(({ id }) => stationIn(snapshot, pieceId, phase, id))
            expect(stations.filter((here) => here !== undefined && closed.includes(here))).toEqual([])
          }
          const left = (snapshot.left ?? []).map(({ id }) => id)
          expect((units ?? snapshot.groups).flat().filter((id) => left.includes(id))).toEqual([])
        }
        // Once all is open again, everyone who was never touched goes where it was planned, and who waits goes on waiting.
        const { index } = works(snapshot)[at]!
        for (const station of [...(snapshot.circuits[pieceId]!.closed ?? [])]) {
          const opened = withRoomChange(snapshot, { type: 'opens', pieceId, station }, index)
          if (opened.ok) snapshot = opened.value.snapshot
        }
        const touched = steps.some(([{ what }]) => what === 'trade' || what === 'arrives')
        if (touched) return
        const ids = snapshot.people.map(({ id }) => id)
        const ahead = (run: RunSnapshot) =>
          works(run)
            .filter((work) => work.index > index)
            .map((phase) => ids.map((id) => stationIn(run, pieceId, phase, id)))
        expect(ahead(snapshot)).toEqual(ahead(shape))
      }),
      { numRuns: 50 },
    )
    expect(made).toBeGreaterThan(50)
  })

  it('a closure in the first time through is kept for the second, and what was done before it stays', () => {
    const twice = shapes[1]!
    const turns = works(twice)
    const { index } = turns[3]!
    const closed = withRoomChange(twice, { type: 'closes', pieceId, station: 6 }, index)
    if (!closed.ok) throw new Error(closed.problems[0]!.message)
    const { snapshot } = closed.value
    const at = (run: RunSnapshot, work: number) => run.people.map(({ id }) => stationIn(run, pieceId, turns[work]!, id))
    for (const work of [0, 1, 2]) expect(at(snapshot, work)).toEqual(at(twice, work))
    expect(at(twice, 0)).toContain(6)
    for (const work of [3, 4, turns.length - 1]) expect(at(snapshot, work)).not.toContain(6)
  })
})
