import TinyQueue from 'tinyqueue'
import type { Seconds } from '../base/units'

/** One item of a list that people go through round after round. */
export interface QueueItem {
  seconds: Seconds
  /** How many can do it at once; absent, everybody. */
  places?: number | undefined
}

/** What people wait, when each begins at an item and goes on in the order of the list. */
export interface QueueOutcome {
  /** Seconds waited by each person. */
  waits: Seconds[]
  /** Rounds begun and gone through by all together, as a fraction of items done. */
  rounds: number
  /** For each item the most that are at it or wait for it at once. */
  crowd: number[]
}

export const secondsOnceThrough = (items: readonly QueueItem[]): Seconds => items.reduce((sum, item) => sum + item.seconds, 0)

/** Somebody who comes to an item. */
interface Arrival {
  person: number
  item: number
  at: Seconds
}

/** Whoever comes first is served first; of those who come together, in the order of the people. */
const inOrder = (a: Arrival, b: Arrival) => a.at - b.at || a.person - b.person

/**
 * Goes through the list for `capSeconds` with people who begin at `starts` (indices of items). Each takes as long as the item
 * says; whoever comes to an item that is taken waits in line. Deterministic: the same starts give the same answer. Takes time as
 * the items done, but for a logarithm.
 */
export function queueThrough(items: readonly QueueItem[], starts: readonly number[], capSeconds: Seconds): QueueOutcome {
  const waits = starts.map(() => 0)
  const free = items.map((item) => new TinyQueue(Array<number>(Math.min(starts.length, Math.max(1, item.places ?? starts.length))).fill(0)))
  const stays = items.map((): Stay[] => [])
  const coming = new TinyQueue(
    starts.map((item, person): Arrival => ({ person, item, at: 0 })),
    inOrder,
  )
  let done = 0
  for (let arrival = coming.pop(); arrival && arrival.at < capSeconds; arrival = coming.pop()) {
    const { person, item, at } = arrival
    const begin = Math.max(at, free[item]!.pop()!)
    const end = begin + items[item]!.seconds
    free[item]!.push(end)
    waits[person]! += Math.max(0, Math.min(begin, capSeconds) - at)
    stays[item]!.push({ from: at, to: Math.min(end, capSeconds) })
    if (end <= capSeconds) done++
    coming.push({ person, item: (item + 1) % items.length, at: end })
  }
  return { waits, rounds: done / items.length, crowd: stays.map(mostAtOnce) }
}

interface Stay {
  from: Seconds
  to: Seconds
}

/** The most stays that overlap: comings and goings in order of time, those who go before those who come. */
function mostAtOnce(stays: readonly Stay[]): number {
  const steps = stays
    .flatMap(({ from, to }) => [
      { at: from, by: 1 },
      { at: to, by: -1 },
    ])
    .sort((a, b) => a.at - b.at || a.by - b.by)
  let here = 0
  return steps.reduce((most, { by }) => Math.max(most, (here += by)), 0)
}

const sum = (values: readonly number[]) => values.reduce((all, value) => all + value, 0)

/**
 * Where each of `people` begins so that they wait little: as long as nobody waits, all go round at one pace, so that who begins
 * when at an item is known from the starts alone. Each person in turn begins where that puts the fewest too many at any item.
 * Never more waiting than if all began at the first item, or spread evenly over the round. Takes time as people × items × items.
 */
export function spreadStarts(items: readonly QueueItem[], people: number, capSeconds: Seconds): number[] {
  const candidates = [leastCrowded(items, people), evenly(items, people), Array<number>(people).fill(0)]
  const waiting = candidates.map((starts) => sum(queueThrough(items, starts, capSeconds).waits))
  return candidates[waiting.indexOf(Math.min(...waiting))]!
}

/** When the round comes to each item. */
function beginnings(items: readonly QueueItem[]): Seconds[] {
  let clock = 0
  return items.map(({ seconds }) => (clock += seconds) - seconds)
}

function evenly(items: readonly QueueItem[], people: number): number[] {
  const begins = beginnings(items)
  const total = secondsOnceThrough(items)
  return Array.from({ length: people }, (_, person) =>
    Math.max(
      0,
      begins.findLastIndex((begin) => begin <= (person / people) * total),
    ),
  )
}

function leastCrowded(items: readonly QueueItem[], people: number): number[] {
  const begins = beginnings(items)
  const total = secondsOnceThrough(items)
  const at = items.map(() => 0)
  // For each item of few places: from each beginning on, those who begin while whoever began then is still at it are at it together.
  const tight = items.flatMap(({ seconds, places }) => {
    if (places === undefined) return []
    const holds = begins.map((from) => begins.map((to) => (to - from + total) % total < seconds))
    return [{ places, holds, together: items.map(() => 0) }]
  })
  /** How many too many one more at `start` makes, as a share of the places; how full the fullest is then; and who begins there already. */
  const cost = (start: number): number[] => {
    let [over, fullest] = [0, 0]
    for (const { places, holds, together } of tight) {
      const most = 1 + together.reduce((largest, count, from) => (holds[from]![start] ? Math.max(largest, count) : largest), 0)
      over += Math.max(0, most - places) / places
      fullest = Math.max(fullest, most / places)
    }
    return [over, fullest, at[start]!]
  }
  return Array.from({ length: people }, () => {
    const costs = items.map((_, start) => cost(start))
    const best = costs.reduce((least, cost, start) => (before(cost, costs[least]!) ? start : least), 0)
    at[best]!++
    for (const { holds, together } of tight) holds.forEach((held, from) => held[best] && together[from]!++)
    return best
  })
}

/** Whether one list of figures comes before another, the first that differs deciding. */
function before(one: readonly number[], other: readonly number[]): boolean {
  const differs = one.findIndex((figure, index) => Math.abs(figure - other[index]!) > 1e-9)
  return differs >= 0 && one[differs]! < other[differs]!
}

/**
 * How many of an item are wanted at once on average when people are spread over the round: by Little's law, people × its share of
 * the round.
 */
export const expectedDemand = (items: readonly QueueItem[], item: number, people: number): number =>
  (people * items[item]!.seconds) / Math.max(1, secondsOnceThrough(items))

/** The places that an item needs so that `people`, well spread, do not wait. */
export const placesFor = (items: readonly QueueItem[], item: number, people: number): number =>
  Math.ceil(expectedDemand(items, item, people) - 1e-9)

/** The people whom the places of an item serve without waiting, well spread. */
export const servedBy = (items: readonly QueueItem[], item: number): number =>
  Math.floor(((items[item]!.places ?? Infinity) * secondsOnceThrough(items)) / items[item]!.seconds + 1e-9)

/** The item that holds people up: where there are fewest places for its share of the round; `undefined` when none does. */
export function limitingItem(items: readonly QueueItem[], people: number): number | undefined {
  const tight = items
    .map((_, item) => item)
    .filter((item) => items[item]!.places !== undefined && placesFor(items, item, people) > items[item]!.places!)
  return tight.sort((a, b) => servedBy(items, a) - servedBy(items, b))[0]
}
