import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { demoGear, demoRooms } from '../../../scripts/demo/hall'
import { demoPeople } from '../../../scripts/demo/people'
import { libraryExercises } from '../../../scripts/library/exercises'
import { computeClass } from '../class/compute'
import { metresPerFoot, readLength, showLength } from '../library/length'
import { Room, type Feature } from '../library/room'
import { layOut } from './auto-lay'
import { carryRound } from './carry-round'
import { floorAt, stationFloors } from './footprints'
import { crosses, distance, inside, overlap, type Rect } from './geometry'
import { layReady } from './laid-ready'
import { bestSpotTrade } from './trade-spots'
import { transitionsOf } from './transitions'
import { floorTroubles } from './troubles'
import { roomRect, walkerIn } from './walk'

const hall: Rect = { x: 0, y: 0, lengthMetres: 10, widthMetres: 8 }
const feature = (kind: Feature['kind'], x: number, y: number, lengthMetres: number, widthMetres: number, kindId?: string): Feature => ({
  id: `${kind}-${Math.round(x * 10)}-${Math.round(y * 10)}`,
  kind,
  x,
  y,
  lengthMetres,
  widthMetres,
  ...(kindId && { kindId }),
})
const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }
const lunch = () => structuredClone(demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document)

describe('lengths', () => {
  it('a foot is 0.3048 m (International Yard and Pound Agreement, 1959), typed and shown in either', () => {
    expect(readLength('10 ft', 'm')).toBeCloseTo(10 * metresPerFoot)
    expect([showLength(readLength('59 ft', 'm')!, 'ft'), showLength(5.4, 'm'), readLength('wide', 'm')]).toEqual([
      '59 ft',
      '5.4 m',
      undefined,
    ])
  })
})

describe('walking', () => {
  it('straight where nothing stands in the way', () => {
    expect(walkerIn(hall, []).metres({ x: 1, y: 1 }, { x: 4, y: 5 })).toBe(5)
  })

  it('round a wall: over its corner, a person’s half width away', () => {
    // A wall from the top to y = 4 at x = 5; from (4, 1) to (6, 1) one goes down to its end and up again.
    const metres = walkerIn(hall, [{ x: 5, y: 0, lengthMetres: 0.2, widthMetres: 4 }]).metres({ x: 4, y: 1 }, { x: 6, y: 1 })!
    const byHand = Math.hypot(0.7, 3.3) + 0.8 + Math.hypot(0.5, 3.3)
    expect(metres).toBeCloseTo(byHand, 6)
  })

  it('a wall from side to side cuts the room in two: there is no way', () => {
    expect(walkerIn(hall, [{ x: 5, y: 0, lengthMetres: 0.2, widthMetres: 8 }]).metres({ x: 4, y: 1 }, { x: 6, y: 1 })).toBeUndefined()
  })

  it('is never shorter than straight, the same both ways, and goes through no obstacle', () => {
    const point = fc.record({ x: fc.double({ min: 0.2, max: 9.8, noNaN: true }), y: fc.double({ min: 0.2, max: 7.8, noNaN: true }) })
    const box = fc.record({
      x: fc.integer({ min: 2, max: 7 }),
      y: fc.integer({ min: 1, max: 6 }),
      lengthMetres: fc.constant(1),
      widthMetres: fc.constant(1),
    })
    fc.assert(
      fc.property(point, point, fc.array(box, { maxLength: 4 }), (from, to, boxes) => {
        fc.pre(!boxes.some((box) => [from, to].some((end) => overlap({ ...end, lengthMetres: 0.01, widthMetres: 0.01 }, box))))
        const walker = walkerIn(hall, boxes)
        const way = walker.way(from, to)
        if (!way) return
        expect(walker.metres(from, to)!).toBeGreaterThanOrEqual(distance(from, to) - 1e-9)
        expect(walker.metres(to, from)!).toBeCloseTo(walker.metres(from, to)!, 6)
        way.slice(1).forEach((corner, index) => expect(boxes.some((box) => crosses(way[index]!, corner, box))).toBe(false))
      }),
      { numRuns: 150 },
    )
  })
})

describe('laying out stations', () => {
  const document = lunch()
  const computed = computeClass(document, library)
  const floors = stationFloors(document, computed, library)

  it('a floor for every station, for as many people as come to it', () => {
    expect(floors).toHaveLength(8)
    expect(floors.every((floor) => floor.people === 2 && floor.lengthMetres >= 1 && floor.widthMetres >= 2)).toBe(true)
  })

  it('in the demo room: all inside, none on another or on what is kept free, in the order of the loop', () => {
    const { spots, left } = layOut(demoRooms[0]!, floors)
    expect(left).toEqual([])
    expect(floorTroubles(demoRooms[0]!, floors, spots)).toEqual([])
    const rects = floors.map((floor) => floorAt(spots[floor.index]!, floor))
    expect(rects.every((rect) => inside(rect, roomRect(demoRooms[0]!)))).toBe(true)
  })

  it('never lays one station on another, whatever the room; what does not fit is told', () => {
    const room = fc.record({
      lengthMetres: fc.integer({ min: 2, max: 16 }),
      widthMetres: fc.integer({ min: 2, max: 12 }),
      pillar: fc.boolean(),
    })
    fc.assert(
      fc.property(room, ({ lengthMetres, widthMetres, pillar }) => {
        const made = Room.parse({
          id: 'r',
          name: 'R',
          lengthMetres,
          widthMetres,
          ceilingMetres: 3,
          features: pillar ? [feature('pillar', lengthMetres / 2 - 0.5, widthMetres / 2 - 0.5, 1, 1)] : [],
        })
        const { spots, left } = layOut(made, floors)
        expect(spots).toHaveLength(8)
        const kept = floors.filter((floor) => !left.includes(floor.index))
        expect(floorTroubles(made, kept, spots)).toEqual([])
      }),
      { numRuns: 15 },
    )
  })

  it('a room smaller than its stations, a spot outside, one on the exit, and one cut off are said', () => {
    const room = Room.parse({
      id: 'r',
      name: 'R',
      lengthMetres: 10,
      widthMetres: 8,
      ceilingMetres: 3,
      features: [feature('exit', 0, 3, 1, 1.5), feature('wall', 6, 0, 0.2, 8)],
    })
    const two = floors.slice(0, 2)
    const kinds = (x: number, y: number) =>
      floorTroubles(room, two, [
        { x: 3, y: 6 },
        { x, y },
      ]).map((trouble) => trouble.kind)
    expect(kinds(0.2, 0.2)).toContain('outside')
    expect(kinds(3.2, 6)).toContain('overlap')
    expect(kinds(1, 3.5)).toContain('blocked')
    expect(kinds(8, 4)).toEqual(expect.arrayContaining(['cutOff', 'noExit']))
    expect(layOut({ ...room, lengthMetres: 2, widthMetres: 2, features: [] }, floors).left.length).toBeGreaterThan(4)
  })

  it('a station that needs an anchor point stands at one', () => {
    const room = { ...demoRooms[0]!, features: [feature('anchor', 9, 5, 0.2, 0.2, 'anchor-point')] }
    const bound = floors.filter((floor) => floor.forms.some((form) => form.gear.some((need) => need.kindId === 'anchor-point')))
    expect(bound.length).toBeGreaterThan(0)
    const { spots } = layOut(room, floors)
    expect(distance(spots[bound[0]!.index]!, { x: 9.1, y: 5.1 })).toBeLessThan(0.5)
  })

  it('outside the room is refused where it is typed', () => {
    expect(
      Room.safeParse({ id: 'r', name: 'R', lengthMetres: 4, widthMetres: 4, ceilingMetres: 3, features: [feature('pillar', 3.5, 1, 1, 1)] })
        .error?.issues[0]?.message,
    ).toBe('puts the pillar outside the room')
  })
})

describe('transitions', () => {
  const bare = { ...demoRooms[0]!, features: [] }
  const document = { ...lunch(), spots: Array.from({ length: 8 }, (_, index) => ({ x: 1 + index * 2, y: 5 })) }
  const computed = computeClass(document, library)

  it('are set down, rise, walk, get down and pick up, at the pace of whoever needs longest', () => {
    const { transitions, cutOff } = transitionsOf(document, computed, library, bare)
    expect(cutOff).toEqual([])
    // Eight ways round the loop, the last one back across the room.
    expect(transitions).toHaveLength(8)
    const back = transitions.find((transition) => transition.from === 7 && transition.to === 0)!
    expect([back.metres, back.parts.walk]).toEqual([14, 14])
    for (const transition of transitions) {
      expect(transition.needed).toBe(Math.ceil(Object.values(transition.parts).reduce((sum, part) => sum + part, 0)))
      expect(transition.given).toBe(15)
    }
    // The lap rest of 1:00 is only one of the gaps after station 8; the transition is the shorter.
    expect(transitions[0]!.needed - transitions[0]!.given).toBe(
      Math.max(...transitions.map((transition) => transition.needed - transition.given)),
    )
  })

  it('who walks slower needs longer', () => {
    const slow = { ...library, people: demoPeople.map((person) => ({ ...person, walkingMetresPerSecond: 0.5 })) }
    const back = transitionsOf(document, computeClass(document, slow), slow, bare).transitions.find(
      (transition) => transition.from === 7 && transition.to === 0,
    )!
    expect(back.parts.walk).toBe(28)
  })

  it('are known before anybody is here, and say what is cut off', () => {
    const empty = { ...document, here: [] }
    expect(transitionsOf(empty, computeClass(empty, library), library, demoRooms[0]!).transitions).toHaveLength(8)
    const cut = { ...demoRooms[0]!, features: [feature('wall', 8, 0, 0.2, 11)] }
    expect(transitionsOf(document, computed, library, cut).cutOff.length).toBe(2)
  })

  it('the trade of two spots that makes the longest way shortest, where one helps', () => {
    // Stations 2 and 7 stand at each other's place: every way to them crosses the room.
    const spots = document.spots.map((spot, index) => document.spots[index === 1 ? 6 : index === 6 ? 1 : index] ?? spot)
    const crossed = { ...document, spots }
    const worst = (of: typeof document) =>
      Math.max(...transitionsOf(of, computed, library, bare).transitions.map((transition) => transition.needed))
    const trade = bestSpotTrade(crossed, computed, library, bare)!
    const after = trade.fix.apply(crossed) as typeof document
    expect(worst(after)).toBeLessThan(worst(crossed))
    expect([...after.spots].sort((a, b) => a.x - b.x)).toEqual([...document.spots].sort((a, b) => a.x - b.x))
    expect(bestSpotTrade({ ...document, spots: [] }, computed, library, bare)).toBeUndefined()
  })
})

describe('gear for the way', () => {
  const bare = { ...demoRooms[0]!, features: [feature('store', 0, 0, 1, 1)] }
  const document = { ...lunch(), spots: Array.from({ length: 8 }, (_, index) => ({ x: 1 + index * 2, y: 5 })) }
  const plenty = { ...library, gear: library.gear.map((kind) => ({ ...kind, sizes: kind.sizes.map((size) => ({ ...size, owned: 99 })) })) }

  it('laid ready, nobody takes it up or puts it down; too scarce to stand everywhere, it is not offered', () => {
    const computed = computeClass(document, plenty)
    const { fix, before, needed } = layReady(document, computed, plenty, bare)!
    expect(needed).toBeLessThan(before)
    const after = transitionsOf(fix.apply(document), computed, plenty, bare).transitions
    expect(after.every((transition) => transition.parts.pickUp === 0 && transition.parts.setDown === 0)).toBe(true)
    const scarce = { ...library, gear: library.gear.map((kind) => ({ ...kind, sizes: kind.sizes.map((size) => ({ ...size, owned: 1 })) })) }
    expect(layReady(document, computeClass(document, scarce), scarce, bare)).toBeUndefined()
  })

  it('is carried round by the shortest walk from the store and back', () => {
    const places = [5, 1, 3].map((station) => ({
      circuitId: 'c',
      station,
      name: `Station ${station}`,
      pieces: [{ kindId: 'mat', sizeId: 's', kindName: 'Mat', sizeLabel: '', count: 1 }],
      at: [],
    }))
    const handedOut = { circuitId: 'w', name: 'Warm-up, to everyone', pieces: [], at: [] }
    const round = carryRound([...places, handedOut], document.spots, bare)!
    expect(round.proven).toBe(true)
    // All stand in one line: out to the farthest, and the others on the way, in one direction or the other.
    expect([
      [1, 3, 5],
      [5, 3, 1],
    ]).toContainEqual(round.places.slice(0, 3).map((place) => place.station))
    expect(round.places[3]).toBe(handedOut)
    expect(round.metres).toBeCloseTo(Math.hypot(0.5, 4.5) + 8 + Math.hypot(8.5, 4.5), 6)
    expect(carryRound(places, document.spots, { ...bare, features: [] })).toBeUndefined()
  })
})
