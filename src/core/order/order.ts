import type { HallLibrary } from '../class/compute'
import { exercisesById } from '../library/by-id'
import { formOf, isOnFloor, type Form } from '../library/form'
import type { Circuit } from '../plan/plan'

/** What matters between a station and the next, each from 0 (not at all) to 3 (most). */
export interface OrderWeights {
  region: number
  grip: number
  floor: number
  impact: number
  sharedGear: number
  /** Metres on foot, where stations have their places. */
  walking: number
}

export const usualWeights: OrderWeights = { region: 3, grip: 2, floor: 1, impact: 2, sharedGear: 1, walking: 1 }

/** Costs of going from one station to another. */
export type StepCosts = readonly (readonly number[])[]

export interface StationOrder {
  /** Indices of the stations in their new order. */
  order: number[]
  cost: number
  /** No order costs less than this. */
  bound: number
  proven: boolean
}

/** The most stations for which every order is looked at. */
export const mostExact = 13

/**
 * The points of every step, from the exercises first in each station, and a point for each of the `metres` between them. An empty
 * station costs only the way to it.
 */
export function stepCosts(
  circuit: Circuit,
  library: Pick<HallLibrary, 'exercises'>,
  weights: OrderWeights,
  metres?: StepCosts,
): number[][] {
  const byId = exercisesById(library.exercises)
  const forms = circuit.stations.map((station): Form | undefined => {
    const exercise = byId.get(station.uses[0]?.exerciseId ?? '')
    return exercise && formOf(exercise, station.uses[0]?.optionId)
  })
  const onFoot = (i: number, j: number) => Math.round((metres?.[i]?.[j] ?? 0) * weights.walking)
  return forms.map((from, i) => forms.map((to, j) => (i === j ? 0 : onFoot(i, j) + (from && to ? pointsBetween(from, to, weights) : 0))))
}

function pointsBetween(from: Form, to: Form, weights: OrderWeights): number {
  const shared = to.gear.some((need) => from.gear.some((known) => known.kindId === need.kindId))
  return (
    (from.regions[0] === to.regions[0] ? weights.region * 10 : 0) +
    (from.asks.includes('grip') && to.asks.includes('grip') ? weights.grip * 10 : 0) +
    (from.impact === 'high' && to.impact === 'high' ? weights.impact * 10 : 0) +
    (isOnFloor(from) !== isOnFloor(to) ? weights.floor * 4 : 0) +
    (shared ? 0 : weights.sharedGear * 2)
  )
}

/** The points of an order; the loop closes from the last station to the first. */
export const orderCost = (order: readonly number[], costs: StepCosts): number =>
  order.reduce((sum, station, at) => sum + (order.length > 1 ? costs[station]![order[(at + 1) % order.length]!]! : 0), 0)

/**
 * The order round the loop with the fewest points. `locked` stations keep their places. Up to 13 stations every order is covered
 * (Held & Karp 1962: the best way to each set of stations that ends at each of them), and the answer is proven; above, pairs of
 * stations are exchanged while that helps, and the gap to a bound is told.
 */
export function bestOrder(costs: StepCosts, locked: ReadonlySet<number> = new Set()): StationOrder {
  const count = costs.length
  const now = costs.map((_, index) => index)
  const before = orderCost(now, costs)
  if (count < 3) return { order: now, cost: before, bound: before, proven: true }
  const found = count <= mostExact ? exactOrder(costs, locked) : exchangedOrder(costs, locked)
  const after = orderCost(found, costs)
  const cost = Math.min(before, after)
  const bound = count <= mostExact ? cost : cheapestSteps(costs)
  // As it is, where nothing is better.
  return { order: before <= after ? now : found, cost, bound, proven: cost === bound }
}

/** Every station has to be left by some step. */
const cheapestSteps = (costs: StepCosts): number =>
  costs.reduce((sum, row, from) => sum + Math.min(...row.filter((_, to) => to !== from)), 0)

/** Held–Karp by places: how many stations are used so far says which place comes next. */
function exactOrder(costs: StepCosts, locked: ReadonlySet<number>): number[] {
  const all = costs.map((_, station) => station)
  // The loop can be begun anywhere, so that without locks the first station may stay the first.
  const firsts = locked.size === 0 || locked.has(0) ? [0] : all.filter((station) => !locked.has(station))
  const ways = firsts.map((first) => wayFrom(first, costs, locked)).filter((order) => order.length === costs.length)
  return ways.reduce((best, order) => (orderCost(order, costs) < orderCost(best, costs) ? order : best), ways[0] ?? all)
}

/** The best loop that begins at `first`; empty when the locks do not allow one. */
function wayFrom(first: number, costs: StepCosts, locked: ReadonlySet<number>): number[] {
  const count = costs.length
  const full = (1 << count) - 1
  const reach = new Float64Array((full + 1) * count).fill(Infinity)
  const before = new Int8Array((full + 1) * count).fill(-1)
  reach[(1 << first) * count + first] = 0
  for (let set = 1; set < full; set++) {
    if (!(set & (1 << first))) continue
    const place = bits(set)
    for (let last = 0; last < count; last++) {
      const here = reach[set * count + last]!
      if (here === Infinity) continue
      for (let next = 0; next < count; next++) {
        if (set & (1 << next) || (locked.has(place) ? next !== place : locked.has(next))) continue
        const at = (set | (1 << next)) * count + next
        const there = here + costs[last]![next]!
        if (there < reach[at]!) {
          reach[at] = there
          before[at] = last
        }
      }
    }
  }
  let end = -1
  let least = Infinity
  for (let last = 0; last < count; last++) {
    const cost = reach[full * count + last]! + costs[last]![first]!
    if (cost < least) [least, end] = [cost, last]
  }
  const order: number[] = []
  for (let set = full, at = end; at >= 0;) {
    order.unshift(at)
    const previous = before[set * count + at]!
    set &= ~(1 << at)
    at = previous
  }
  return order
}

function bits(set: number): number {
  let count = 0
  for (let left = set; left; left &= left - 1) count++
  return count
}

function exchangedOrder(costs: StepCosts, locked: ReadonlySet<number>): number[] {
  const order = costs.map((_, index) => index)
  const free = order.filter((index) => !locked.has(index))
  let cost = orderCost(order, costs)
  for (let better = true; better;) {
    better = false
    for (const one of free) {
      for (const other of free) {
        if (one >= other) continue
        ;[order[one], order[other]] = [order[other]!, order[one]!]
        const then = orderCost(order, costs)
        if (then < cost) {
          cost = then
          better = true
        } else [order[one], order[other]] = [order[other]!, order[one]!]
      }
    }
  }
  return order
}
