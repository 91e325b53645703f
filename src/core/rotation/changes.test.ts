import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assess } from './assess'
import { elsewhere, type Rotation } from './rotation'
import { rotationBy } from './rule'
import { withChange, type Change, type UnderWay } from './changes'

const room = (rule: 'loop' | 'twoFiles', stations: number, units: number, turns: number): Rotation => {
  const result = rotationBy(
    { rule },
    Array.from({ length: stations }, () => ({ span: 1 as const, rest: false })),
    Array<number>(units).fill(1),
    turns,
    2,
  )
  if (!result.ok) throw new Error(result.problems[0]!.message)
  return result.value
}

describe('changes in a running class', () => {
  it('a leaver leaves a free place, and nobody else is touched', () => {
    const before = room('loop', 4, 4, 8)
    const { rotation, cost } = withChange(before, { type: 'leaves', unit: 1 }, 3, 4, 1)
    expect(rotation.paths[1]).toEqual([1, 2, 3, ...Array(5).fill(elsewhere)])
    expect([0, 2, 3].map((unit) => rotation.paths[unit])).toEqual([0, 2, 3].map((unit) => before.paths[unit]))
    expect(cost).toEqual([])
  })

  it('a late arrival takes the free place and goes round with the others', () => {
    const before = room('loop', 4, 3, 8)
    const { rotation, cost } = withChange(before, { type: 'arrives' }, 2, 4, 1)
    expect(rotation.paths[3]).toEqual([elsewhere, elsewhere, 1, 2, 3, 0, 1, 2])
    expect(cost).toEqual([])
    const full = withChange(room('loop', 4, 4, 8), { type: 'arrives' }, 2, 4, 1)
    expect(full.rotation.paths[4]).toEqual(Array(8).fill(elsewhere))
  })

  it('two who trade places go each other’s way from there, and what they lose is told', () => {
    const { rotation, missedVisits, cost } = withChange(
      room('loop', 4, 4, 4),
      { type: 'tradePlaces', one: 0, other: 2 },
      2,
      4,
      1,
      (unit) => ['Oren', 'Tove', 'Ilse', 'Bram'][unit]!,
    )
    expect([rotation.paths[0], rotation.paths[2]]).toEqual([
      [0, 1, 0, 1],
      [2, 3, 2, 3],
    ])
    expect(missedVisits).toHaveLength(4)
    expect(cost).toEqual(['No longer at a station: Oren at 3; Oren at 4; Ilse at 1; and 1 more.'])
  })

  it('a closed station sends people to a free one, or says who has a turn without a place', () => {
    const free = withChange(room('loop', 4, 3, 8), { type: 'closes', station: 2 }, 1, 4, 1)
    expect(free.rotation.paths.every((path) => path.slice(1).every((station) => station !== 2 && station !== elsewhere))).toBe(true)
    const tight = withChange(room('loop', 4, 4, 8), { type: 'closes', station: 2 }, 4, 4, 1)
    expect(tight.cost).toContain('4 turns without a place: rest or help.')
    const open = withChange(tight.rotation, { type: 'opens', station: 2 }, 6, 4, 1, undefined, tight.underWay)
    expect(open.rotation.paths.map((path) => path.slice(6))).toEqual(room('loop', 4, 4, 8).paths.map((path) => path.slice(6)))
  })

  it('nobody comes to a station that was closed before, and a late arrival passes it', () => {
    const five = withChange(room('loop', 8, 4, 8), { type: 'closes', station: 5 }, 0, 8, 2)
    const three = withChange(five.rotation, { type: 'closes', station: 3 }, 1, 8, 2, undefined, five.underWay)
    expect(three.rotation.paths.flatMap((path) => path.slice(1)).filter((station) => station === 5 || station === 3)).toEqual([])
    const late = withChange(three.rotation, { type: 'arrives' }, 2, 8, 2, undefined, three.underWay)
    expect(late.rotation.paths[4]!.filter((station) => station === 5 || station === 3)).toEqual([])
  })

  it('who was sent round one closed station stays there when another closes, and is not missed where nothing was planned', () => {
    const one = withChange(room('loop', 6, 6, 6), { type: 'closes', station: 4 }, 1, 6, 2)
    const two = withChange(one.rotation, { type: 'closes', station: 2 }, 1, 6, 2, undefined, one.underWay)
    for (const [unit, path] of one.rotation.paths.entries())
      for (const [turn, station] of path.entries()) if (station !== 2) expect(two.rotation.paths[unit]![turn]).toBe(station)
    const open = withChange(two.rotation, { type: 'opens', station: 4 }, 1, 6, 2, undefined, two.underWay)
    // In a loop nobody was to meet.
    expect(open.cost.filter((line) => line.startsWith('No longer together'))).toEqual([])
  })

  it('a leaver stays gone and a wave that waits stays waiting, whatever opens again', () => {
    const left = withChange(room('loop', 4, 4, 8), { type: 'leaves', unit: 1 }, 2, 4, 1)
    const closed = withChange(left.rotation, { type: 'closes', station: 0 }, 3, 4, 1, undefined, left.underWay)
    const open = withChange(closed.rotation, { type: 'opens', station: 0 }, 4, 4, 1, undefined, closed.underWay)
    expect(open.rotation.paths[1]!.slice(2)).toEqual(Array(6).fill(elsewhere))
    expect(open.rotation.paths[0]!.slice(4)).toEqual(room('loop', 4, 4, 8).paths[0]!.slice(4))
  })

  it('whatever happens in whatever order: one place at a time, no station over what it holds, the past stays, and every loss is told', () => {
    const change = fc.oneof(
      fc.constant<Change>({ type: 'arrives' }),
      fc.nat(30).map((unit): Change => ({ type: 'leaves', unit })),
      fc.tuple(fc.nat(30), fc.nat(30)).map(([one, other]): Change => ({ type: 'tradePlaces', one, other })),
      fc.nat(30).map((station): Change => ({ type: 'closes', station })),
      fc.nat(30).map((station): Change => ({ type: 'opens', station })),
    )
    fc.assert(
      fc.property(
        fc.constantFrom('loop' as const, 'twoFiles' as const),
        fc.integer({ min: 2, max: 8 }),
        fc.integer({ min: 1, max: 8 }),
        fc.integer({ min: 1, max: 16 }),
        fc.array(fc.tuple(change, fc.nat(16)), { maxLength: 6 }),
        (rule, stations, some, turns, changes) => {
          const most = rule === 'loop' ? 1 : 2
          let rotation = room(rule, stations, Math.min(some, stations) * most, turns)
          let underWay: UnderWay = { planned: rotation.paths, closed: [] }
          const gone = new Set<number>()
          let at = 0
          for (const [raw, later] of changes) {
            at = Math.min(turns, at + (later % 4))
            const units = rotation.paths.length
            const fitted: Change =
              'unit' in raw
                ? { ...raw, unit: raw.unit % units }
                : 'one' in raw
                  ? { ...raw, one: raw.one % units, other: raw.other % units }
                  : 'station' in raw
                    ? { ...raw, station: raw.station % stations }
                    : raw
            const before = rotation
            const result = withChange(before, fitted, at, stations, most, undefined, underWay)
            rotation = result.rotation
            underWay = result.underWay
            if (fitted.type === 'leaves') gone.add(fitted.unit)
            if (fitted.type === 'tradePlaces' && gone.has(fitted.one) !== gone.has(fitted.other)) {
              const [back, away] = gone.has(fitted.one) ? [fitted.one, fitted.other] : [fitted.other, fitted.one]
              gone.delete(back)
              gone.add(away)
            }
            for (const path of rotation.paths) expect(path.slice(at).filter((station) => underWay.closed.includes(station))).toEqual([])
            for (const unit of gone) expect(rotation.paths[unit]!.slice(at).every((station) => station === elsewhere)).toBe(true)
            expect(rotation.paths.length).toBe(units + (fitted.type === 'arrives' ? 1 : 0))
            rotation.turns.forEach((here) => here.forEach((there) => expect(there.length).toBeLessThanOrEqual(most)))
            rotation.turns.forEach((here) => expect(new Set(here.flat()).size).toBe(here.flat().length))
            before.paths.forEach((path, unit) => expect(rotation.paths[unit]!.slice(0, at)).toEqual(path.slice(0, at)))
            const [was, now] = [assess(before.paths, stations), assess(rotation.paths, stations)]
            const lost = before.paths.flatMap((_, unit) =>
              fitted.type === 'leaves' && unit === fitted.unit
                ? []
                : was.visits[unit]!.flatMap((count, station) =>
                    count > 0 && now.visits[unit]![station] === 0 ? [`${unit}/${station}`] : [],
                  ),
            )
            expect(result.missedVisits.map(({ unit, station }) => `${unit}/${station}`)).toEqual(lost)
          }
        },
      ),
      { numRuns: 120 },
    )
  })
})
