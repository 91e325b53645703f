import type { Seconds } from '../units'

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

export const roundSeconds = (items: readonly QueueItem[]): Seconds => items.reduce((sum, item) => sum + item.seconds, 0)

/**
 * Goes through the list for `capSeconds` with people who begin at `starts` (indices of items). Each takes as long as the item says; whoever comes to
 * an item that is taken waits in line. Deterministic: the same starts give the same answer.
 */
export function queueThrough(items: readonly QueueItem[], starts: readonly number[], capSeconds: Seconds): QueueOutcome {
  const waits = starts.map(() => 0)
  const free = items.map((item) => Array<number>(Math.max(1, item.places ?? starts.length)).fill(0))
  const stays: { item: number; from: Seconds; to: Seconds }[] = []
  const next = starts.map((item, person) => ({ person, item, at: 0 }))
  let done = 0
  for (;;) {
    // Whoever comes first is served first; of those who come together, in the order of the people.
    const arrival = next.reduce((first, each) => (each.at < first.at ? each : first), { person: -1, item: 0, at: capSeconds })
    if (arrival.person < 0) break
    const servers = free[arrival.item]!
    const server = servers.indexOf(Math.min(...servers))
    const begin = Math.max(arrival.at, servers[server]!)
    const end = begin + items[arrival.item]!.seconds
    servers[server] = end
    waits[arrival.person]! += Math.max(0, Math.min(begin, capSeconds) - arrival.at)
    stays.push({ item: arrival.item, from: arrival.at, to: Math.min(end, capSeconds) })
    if (end <= capSeconds) done++
    next[arrival.person] = { person: arrival.person, item: (arrival.item + 1) % items.length, at: end }
  }
  return { waits, rounds: done / items.length, crowd: items.map((_, item) => mostAtOnce(stays.filter((stay) => stay.item === item))) }
}

/** The most stays that overlap: comings and goings in order of time, those who go before those who come. */
function mostAtOnce(stays: readonly { from: Seconds; to: Seconds }[]): number {
  const steps = stays.flatMap(({ from, to }) => [{ at: from, by: 1 }, { at: to, by: -1 }]).sort((a, b) => a.at - b.at || a.by - b.by)
  let here = 0
  return steps.reduce((most, { by }) => Math.max(most, (here += by)), 0)
}

const sum = (values: readonly number[]) => values.reduce((all, value) => all + value, 0)

/**
 * Where each of `people` begins so that they wait little: spread over the round by its length, then bettered person by person while that helps.
 * Never more waiting than if all began at the first item.
 */
export function spreadStarts(items: readonly QueueItem[], people: number, capSeconds: Seconds): number[] {
  const total = roundSeconds(items)
  const at = (second: Seconds) => {
    let passed = 0
    return Math.max(0, items.findIndex((item) => second < (passed += item.seconds)))
  }
  let best = Array.from({ length: people }, (_, person) => at((person / people) * total))
  let waiting = sum(queueThrough(items, best, capSeconds).waits)
  for (let better = true; better && waiting > 0; ) {
    better = false
    for (let person = 0; person < people; person++) {
      for (let item = 0; item < items.length; item++) {
        const tried = best.with(person, item)
        const then = sum(queueThrough(items, tried, capSeconds).waits)
        if (then >= waiting) continue
        best = tried
        waiting = then
        better = true
      }
    }
  }
  const together = Array<number>(people).fill(0)
  return sum(queueThrough(items, together, capSeconds).waits) < waiting ? together : best
}

/** How many of an item are wanted at once on average when people are spread over the round: by Little's law, people × its share of the round. */
export const expectedDemand = (items: readonly QueueItem[], item: number, people: number): number => (people * items[item]!.seconds) / Math.max(1, roundSeconds(items))

/** The places that an item needs so that `people`, well spread, do not wait. */
export const placesFor = (items: readonly QueueItem[], item: number, people: number): number => Math.ceil(expectedDemand(items, item, people) - 1e-9)

/** The people whom the places of an item serve without waiting, well spread. */
export const servedBy = (items: readonly QueueItem[], item: number): number => Math.floor(((items[item]!.places ?? Infinity) * roundSeconds(items)) / items[item]!.seconds + 1e-9)

/** The item that holds people up: where there are fewest places for its share of the round; `undefined` when none does. */
export function limitingItem(items: readonly QueueItem[], people: number): number | undefined {
  const tight = items.map((_, item) => item).filter((item) => items[item]!.places !== undefined && placesFor(items, item, people) > items[item]!.places!)
  return tight.sort((a, b) => servedBy(items, a) - servedBy(items, b))[0]
}
