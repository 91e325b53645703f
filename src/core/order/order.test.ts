import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { demoRooms } from '../../../scripts/demo/hall'
import { libraryExercises } from '../../../scripts/library/exercises'
import { solvedOrder } from '../../../tests/fixtures/solver'
import type { ClassDocument } from '../class/class-document'
import { rotatingCircuits } from '../plan/turns'
import { bestOrder, orderCost, stepCosts, usualWeights } from './order'
import { metresBetween, withStationOrder } from '../floor/order-placed'

const matrix = (count: number) =>
  fc.array(fc.array(fc.integer({ min: 0, max: 40 }), { minLength: count, maxLength: count }), { minLength: count, maxLength: count })

function permutations(items: number[]): number[][] {
  if (items.length < 2) return [items]
  return items.flatMap((item, index) => permutations(items.filter((_, at) => at !== index)).map((rest) => [item, ...rest]))
}

describe('order round the room', () => {
  it('is the best of all orders, with and without locks: brute force to 6 stations', () => {
    fc.assert(
      fc.property(
        fc
          .integer({ min: 3, max: 6 })
          .chain((count) => fc.tuple(matrix(count), fc.uniqueArray(fc.integer({ min: 0, max: count - 1 }), { maxLength: count }))),
        ([costs, locks]) => {
          const locked = new Set(locks)
          const all = permutations(costs.map((_, index) => index)).filter((order) => locks.every((station) => order[station] === station))
          const best = bestOrder(costs, locked)
          expect(best.cost).toBe(Math.min(...all.map((order) => orderCost(order, costs))))
          expect(best.cost).toBe(orderCost(best.order, costs))
          for (const station of locks) expect(best.order[station]).toBe(station)
          expect(best.proven).toBe(true)
        },
      ),
      { numRuns: 80 },
    )
  })

  it('costs as little as the mixed-integer solver finds (HiGHS)', () => {
    for (const costs of fc.sample(matrix(8), { numRuns: 5, seed: 3 })) expect(bestOrder(costs).cost).toBe(solvedOrder(costs))
  })

  it('above 13 stations it betters what is there, keeps locks, and tells the gap', () => {
    fc.assert(
      fc.property(matrix(16), (costs) => {
        const now = costs.map((_, index) => index)
        const { order, cost, bound } = bestOrder(costs, new Set([3]))
        expect(order[3]).toBe(3)
        expect([...order].sort((a, b) => a - b)).toEqual(now)
        expect(cost).toBeLessThanOrEqual(orderCost(now, costs))
        expect(bound).toBeLessThanOrEqual(cost)
      }),
      { numRuns: 20 },
    )
  })

  it('a class with the same region twice running is put in an order without', () => {
    const [circuit] = rotatingCircuits(demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document.plan)
    const shuffled = { ...circuit!, stations: [0, 6, 3, 1, 4, 2, 7, 5].map((index) => circuit!.stations[index]!) }
    const costs = stepCosts(shuffled, { exercises: libraryExercises }, usualWeights)
    const { order, cost } = bestOrder(costs)
    const regions = order.map(
      (index) => libraryExercises.find((exercise) => exercise.id === shuffled.stations[index]!.uses[0]!.exerciseId)!.regions[0],
    )
    regions.forEach((region, index) => expect(region).not.toBe(regions[(index + 1) % regions.length]))
    expect(cost).toBeLessThan(
      orderCost(
        costs.map((_, index) => index),
        costs,
      ),
    )
  })

  it('two stations or fewer stay as they are', () => {
    expect(bestOrder([[0]])).toMatchObject({ order: [0], cost: 0, proven: true })
  })

  it('stations that have their places keep them, and the shortest way round is found when nothing else matters', () => {
    const { document } = structuredClone(demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!)
    const [circuit] = rotatingCircuits(document.plan)
    // Eight stations in a ring, numbered across it: the shortest way round is the ring itself.
    const ring = Array.from({ length: 8 }, (_, at) => ({
      x: 9 + 4 * Math.cos((at * Math.PI) / 4),
      y: 5.5 + 4 * Math.sin((at * Math.PI) / 4),
    }))
    const crossed = { ...document, spots: [0, 4, 1, 5, 2, 6, 3, 7].map((at) => ring[at]!) }
    const only = { region: 0, grip: 0, floor: 0, impact: 0, sharedGear: 0, walking: 3 }
    const metres = metresBetween(crossed, circuit!, { ...demoRooms[0]!, features: [] })!
    const then = withStationOrder(crossed, circuit!, bestOrder(stepCosts(circuit!, { exercises: libraryExercises }, only, metres)).order)
    const side = Math.hypot(ring[0]!.x - ring[1]!.x, ring[0]!.y - ring[1]!.y)
    const way = then.spots!.reduce(
      (sum, spot, at) => sum + Math.hypot(spot.x - then.spots![(at + 1) % 8]!.x, spot.y - then.spots![(at + 1) % 8]!.y),
      0,
    )
    expect(way).toBeCloseTo(8 * side, 6)
    const placeOf = (of: ClassDocument, id: string) =>
      of.spots![rotatingCircuits(of.plan)[0]!.stations.findIndex((station) => station.id === id)]
    for (const station of circuit!.stations) expect(placeOf(then, station.id)).toEqual(placeOf(crossed, station.id))
  })

  it('without places, or with two sets on the same spots, metres do not count', () => {
    const early = demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-early')!.document
    const [first] = rotatingCircuits(early.plan)
    const spots = first!.stations.map((_, index) => ({ x: index, y: 1 }))
    expect(metresBetween(early, first!, demoRooms[0])).toBeUndefined()
    expect(metresBetween({ ...early, spots }, first!, demoRooms[0])).toBeUndefined()
    expect(withStationOrder({ ...early, spots }, first!, [1, 0, 2, 3, 4, 5]).spots).toEqual(spots)
  })
})
