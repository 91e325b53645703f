import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf, type Press } from '../../../../tests/fixtures/demo-run'
import { foldEvents } from '../clock/apply'
import { Command } from '../clock/events'
import { askFor, commandFor, waysBy } from './asked'
import { waysToEndBy, type WayToEnd } from './finish-by'
import { slotEndOf } from './slot-end'
import type { RunSnapshot } from '../room/snapshot'
import { stateAt } from '../clock/state'
import { closers } from './time-left'

const lunch = snapshotOf('demo-lunch')
const classes = ['demo-early', 'demo-lunch', 'demo-sixties', 'demo-evening', 'demo-short'].map((id) => snapshotOf(id))
const running = (snapshot: RunSnapshot) => foldEvents(snapshot.timeline, pressed([0, 'start']))
const applied = (snapshot: RunSnapshot, way: WayToEnd, second: number) => {
  const amend: Command = { type: 'amend', timeline: way.timeline, phase: way.phase }
  expect(Command.safeParse(amend).success).toBe(true)
  return foldEvents(snapshot.timeline, pressed([0, 'start'], [second, amend]))
}

describe('finish by a time', () => {
  const at = 10 + 600
  const ways = (secondsEarly: number, snapshot = lunch) =>
    waysToEndBy(snapshot, running(snapshot), at * 1000, (10 + snapshot.timeline.total - secondsEarly) * 1000)

  it('three different ways, the cheapest first, each with what it costs', () => {
    const found = ways(240)
    expect(found.map((way) => way.id)).toHaveLength(3)
    expect(new Set(found.map((way) => way.id.split('+')[0]!.replace(/\d/, ''))).size).toBe(found.length)
    for (const way of found) expect(way.told.length).toBeGreaterThan(0)
    expect(found.find((way) => way.id.startsWith('break'))!.label).toMatch(/^Trim breaks/)
  })

  it('one lap fewer can be asked for outright, with the sides it costs', () => {
    const sided = snapshotOf('demo-lunch')
    const second = 10 + 500
    const now = second * 1000
    const deadline = (10 + sided.timeline.total + 30) * 1000
    const fewer = waysBy(sided, running(sided), now, deadline).find(({ label }) => label.startsWith('One lap fewer'))!
    expect(fewer.endsAt).toBeLessThan(deadline)
    // Station 4 of the demo has one side a lap.
    expect(fewer.told.join(' ')).toContain('Station 4: the second side is not done.')
    const asked = commandFor(askFor(fewer, now, deadline), sided, running(sided))
    expect(asked.ok && asked.value.type).toBe('amend')
  })

  it('the slot of a class that is run on another day is counted from when it was begun', () => {
    const { startsAt, slotSeconds } = lunch
    expect(slotEndOf(lunch, startsAt + 300_000)).toBe(startsAt + slotSeconds * 1000)
    const elsewhen = startsAt - 14 * 86_400_000
    expect(slotEndOf(lunch, elsewhen)).toBe(elsewhen + slotSeconds * 1000)
  })

  it('nothing to do when the class ends in time', () => {
    expect(ways(0)).toEqual([])
    expect(ways(-60)).toEqual([])
  })

  it('a dropped lap is told with who misses what; with a lap done, nobody misses a station', () => {
    const early = classes[0]!
    const second = 10 + early.timeline.phases.find((phase) => phase.pieceId === 'eh-first' && phase.lap === 1)!.start + 1
    const lap = waysToEndBy(early, running(early), second * 1000, (10 + early.timeline.total - 200) * 1000).find((way) =>
      way.id.startsWith('lap'),
    )!
    expect(lap.label).toMatch(/^One lap fewer of/)
    expect(lap.told.join(' ')).toContain('Everyone still comes to every station.')
  })

  it('a lap that was skipped is not one that was done: what a lap fewer costs is said from what was worked', () => {
    const early = classes[0]!
    const { phases } = early.timeline
    const first = phases.findIndex((phase) => phase.pieceId === 'eh-second')
    const last = phases.findLastIndex((phase) => phase.pieceId === 'eh-second' && phase.kind === 'work' && phase.lap === 1)
    const toldAt = (presses: Press[], seconds: number) => {
      const progress = foldEvents(early.timeline, pressed([0, 'start'], ...presses))
      const state = stateAt(progress, seconds * 1000)
      expect(state.phase.index).toBe(last)
      const ways = waysToEndBy(early, progress, seconds * 1000, state.endsAt - 300_000)
      return ways.find(({ id }) => id.startsWith('lap'))!.told.join(' ')
    }
    expect(toldAt([], 10 + phases[last]!.start + 5)).toContain('Everyone still comes to every station.')
    // All of two laps but their last turn is skipped, press by press.
    const skips = phases.slice(first, last).map((_, index): Press => [21 + index / 10, 'skip'])
    const skipped = toldAt([[20, { type: 'goto', phase: first }], ...skips], 25)
    expect(skipped).toMatch(/ miss stations \d/)
    expect(skipped).not.toContain('Everyone')
  })

  it('no break gets shorter than the longest way in it takes', () => {
    const { timeline, circuits } = lunch
    const [id, stations] = Object.entries(circuits).find(([, circuit]) => circuit.rotates)!
    const breaksOf = (walkSeconds: number | undefined) => {
      const snapshot = { ...lunch, circuits: { ...circuits, [id]: { ...stations, walkSeconds } } } as RunSnapshot
      const way = waysToEndBy(snapshot, running(snapshot), at * 1000, (10 + timeline.total - 3600) * 1000).find((found) =>
        found.id.startsWith('break'),
      )
      const shortest = way && Math.min(...way.timeline.phases.slice(way.phase).flatMap((phase) => (phase.moves ? [phase.seconds] : [])))
      return [shortest, way?.told.join(' ')] as const
    }
    expect(breaksOf(undefined)).toEqual([8, expect.not.stringContaining('longest way')])
    expect(breaksOf(12)).toEqual([12, expect.stringContaining('No shorter than 0:12 where people move on: the longest way takes that.')])
    // A break that is too short already is left as it is.
    expect(breaksOf(20)[0] ?? 15).toBe(15)
  })

  it('a dropped set is one at every station still to come, with the break before it; the station that is on keeps its own', () => {
    const evening = snapshotOf('demo-evening')
    const stations = evening.timeline.phases.filter((phase) => phase.pieceId === 'eb-stations')
    const second = 10 + stations.find((phase) => phase.turn === 1)!.start + 1
    const way = waysToEndBy(evening, running(evening), second * 1000, (10 + evening.timeline.total - 300) * 1000).find(
      (wayToEnd) => wayToEnd.id === 'set1',
    )!
    expect(way.told.join(' ')).toContain('3 sets become 2 at the stations still to come. Everyone still comes to every station.')
    const sets = (turn: number) => [
      ...new Set(
        way.timeline.phases.flatMap((phase) =>
          phase.pieceId === 'eb-stations' && phase.turn === turn && phase.kind === 'work' ? [phase.set] : [],
        ),
      ),
    ]
    expect([0, 1, 2, 3, 4].map((turn) => sets(turn).length)).toEqual([3, 3, 2, 2, 2])
    const kinds = (phases: typeof stations) =>
      phases.map((phase) => (phase.kind === 'work' ? `${phase.turn}.${phase.set}` : phase.moves ? 'move' : 'rest'))
    const after = kinds(way.timeline.phases.filter((phase) => phase.pieceId === 'eb-stations' && (phase.turn ?? 4) >= 3))
    expect(after.join(' ')).not.toMatch(/rest rest|rest move|move move|move rest/)
    expect(way.timeline.phases.filter((phase) => phase.moves)).toHaveLength(evening.timeline.phases.filter((phase) => phase.moves).length)
  })

  it('whatever the class, the moment and the deadline: ends in time or says by how much not, the past untouched, and all that is left has a length', () => {
    fc.assert(
      fc.property(
        fc.nat(classes.length - 1),
        fc.double({ min: 0, max: 0.95, noNaN: true }),
        fc.integer({ min: 1, max: 1500 }),
        (which, share, early) => {
          const snapshot = classes[which]!
          const second = 10 + Math.floor(share * snapshot.timeline.total)
          const deadline = (10 + snapshot.timeline.total - early) * 1000
          for (const way of waysToEndBy(snapshot, running(snapshot), second * 1000, deadline)) {
            const state = stateAt(applied(snapshot, way, second), second * 1000)
            expect(state.endsAt).toBeCloseTo(way.endsAt, 3)
            if (!way.told.some((text) => text.startsWith('Still'))) expect(way.endsAt).toBeLessThanOrEqual(deadline)
            expect(way.timeline.phases.slice(0, way.phase)).toEqual(snapshot.timeline.phases.slice(0, way.phase))
            for (const phase of way.timeline.phases) expect(phase.seconds).toBeGreaterThanOrEqual(1)
            for (const phase of way.timeline.phases) if (phase.changeAt !== undefined) expect(phase.changeAt).toBeLessThan(phase.seconds)
          }
        },
      ),
      { numRuns: 40 },
    )
  })

  it('begun late, the whole class is there to be trimmed before its first phase', () => {
    const ready = foldEvents(lunch.timeline, [])
    const [way] = waysToEndBy(lunch, ready, 0, (lunch.timeline.total - 120) * 1000)
    expect(way!.phase).toBe(0)
    const amended = foldEvents(lunch.timeline, pressed([0, { type: 'amend', timeline: way!.timeline, phase: 0 }], [1, 'start']))
    expect(stateAt(amended, 11_000)).toMatchObject({
      status: 'running',
      phase: { index: 0 },
      length: way!.timeline.phases[0]!.seconds * 1000,
    })
  })
})

describe('time left over', () => {
  it('what fits is offered: never past the slot, another lap of what was done, longer stretches, time to talk', () => {
    fc.assert(
      fc.property(
        fc.nat(classes.length - 1),
        fc.double({ min: 0, max: 0.98, noNaN: true }),
        fc.integer({ min: 0, max: 1200 }),
        (which, share, spare) => {
          const snapshot = classes[which]!
          const second = 10 + Math.floor(share * snapshot.timeline.total)
          const deadline = (10 + snapshot.timeline.total + spare) * 1000
          const found = closers(snapshot, running(snapshot), second * 1000, deadline)
          expect(found.length > 0).toBe(spare >= 45)
          for (const way of found) {
            expect(way.endsAt).toBeLessThanOrEqual(deadline)
            const state = stateAt(applied(snapshot, way, second), second * 1000)
            expect(state.endsAt).toBeCloseTo(way.endsAt, 3)
            expect(way.timeline.phases.slice(0, way.phase)).toEqual(snapshot.timeline.phases.slice(0, way.phase))
          }
        },
      ),
      { numRuns: 40 },
    )
  })

  it('the last lap again, before the cool-down that is still to come', () => {
    const cool = lunch.timeline.phases.at(-1)!.pieceId
    const second = 10 + lunch.timeline.phases.find((phase) => phase.pieceId === cool)!.start - 20
    const found = closers(lunch, running(lunch), second * 1000, (10 + lunch.timeline.total + 300) * 1000)
    const again = found.find((way) => way.id.startsWith('again-ll-stations'))!
    expect(again.label).toMatch(/more turns of/)
    expect(again.timeline.phases.at(-1)!.pieceId).toBe(cool)
    expect(found.map((way) => way.id)).toContain('talk')
  })
})
