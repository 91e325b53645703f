import { andList } from '../../base/and-list'
import type { Phase } from '../../timeline/phase'
import type { CircuitView, RunSnapshot } from '../room/snapshot'
import { namesThere } from '../room/shown-names'
import { turnsAt } from '../room/turns-at'
import { workBefore } from '../room/whereabouts'

/** How the room gets to its next stations, as it is told: what most do, and who does otherwise. */
export interface WayToGo {
  headline: string
  detail: string
}

interface Step {
  unit: number
  from: number
  to: number
  /** Stations further on, round the loop. */
  on: number
}

/** Fewer than this share of a file going alike is no rule that can be told: everyone looks for their name. */
const mostOfAFile = 0.6

/** What a loop says every time. */
export const onward = 'On to the next station'

const findYourName: WayToGo = {
  headline: 'Find your name',
  detail: 'Everyone has a station of their own next: look below, or at your card.',
}

/**
 * The way to the stations of `work`, told from who stands where before it and in it, so that it holds for any rule and after any
 * change.
 */
export function wayTo(snapshot: RunSnapshot, circuit: CircuitView, work: Phase): WayToGo {
  const before = workBefore(snapshot, work)
  const stations = circuit.stations.length
  if (!before || !circuit.turns) return { headline: 'Find your station', detail: '' }
  const steps = stepsBetween(circuit, before, work)
  if (steps.length === 0) return { headline: 'Find your station', detail: '' }
  // Where partners change, the first of each pair is of one file and the second of the other.
  const files = circuit.units
    ? [0, 1].map((file) => steps.filter(({ unit }) => unit % 2 === file)).filter((file) => file.length > 0)
    : [steps]
  const rules = files.map(commonStep)
  if (rules.some((rule) => rule === undefined)) return findYourName
  const steady = rules as number[]
  const others = files.flatMap((file, index) => file.filter((step) => step.on !== steady[index]))
  return {
    headline: headlineOf(steady, stations),
    detail: [roundWords(steady, stations), othersWords(snapshot, circuit, others)].filter(Boolean).join(' '),
  }
}

function stepsBetween(circuit: CircuitView, before: Phase, after: Phase): Step[] {
  const { stations } = circuit
  const there = turnsAt(circuit, after.repeat)?.[after.turn ?? 0] ?? []
  return (turnsAt(circuit, before.repeat)?.[before.turn ?? 0] ?? []).flatMap((units, from) =>
    units.flatMap((unit) => {
      const to = there.findIndex((here) => here.includes(unit))
      return to < 0 ? [] : [{ unit, from, to, on: (to - from + stations.length) % stations.length }]
    }),
  )
}

/** By how many stations most of a file go on; nothing where there is no such number. */
function commonStep(file: readonly Step[]): number | undefined {
  const counts = new Map<number, number>()
  for (const { on } of file) counts.set(on, (counts.get(on) ?? 0) + 1)
  const [on, count] = [...counts].reduce((most, known) => (known[1] > most[1] ? known : most))
  return count / file.length >= mostOfAFile ? on : undefined
}

const goesUp = (on: number, stations: number) => on <= stations / 2

/** A step as one partner is told it: up is to the higher number. */
function stepWords(on: number, stations: number): string {
  if (on === 0) return 'stay'
  const far = goesUp(on, stations) ? on : stations - on
  return `${far === 1 ? 'one' : far} ${goesUp(on, stations) ? 'up' : 'down'}`
}

function headlineOf(steps: readonly number[], stations: number): string {
  const [first, second = first] = steps
  if (first !== second) return `First partner: ${stepWords(first!, stations)}. Second: ${stepWords(second!, stations)}.`
  if (first === 0) return 'Stay at your station'
  if (stations === 2) return 'On to the other station'
  if (first === 1) return onward
  return first === stations - 1 ? 'Back to the station before' : `${first} stations on`
}

/** Where the numbers begin again. */
function roundWords(steps: readonly number[], stations: number): string {
  if (stations === 2) return ''
  const [first, second = first] = steps
  if (first === second)
    return first === 0
      ? ''
      : first === stations - 1
        ? `1 goes round to ${stations}.`
        : first === 1
          ? `${stations} goes round to 1.`
          : `After ${stations} comes 1.`
  const [up, down] = [steps.some((on) => on > 0 && goesUp(on, stations)), steps.some((on) => on > 0 && !goesUp(on, stations))]
  return [up && `Up from ${stations} is 1.`, down && `Down from 1 is ${stations}.`].filter(Boolean).join(' ')
}

/** Those who do otherwise, by name while they are few. */
function othersWords(snapshot: RunSnapshot, circuit: CircuitView, others: readonly Step[]): string {
  if (others.length === 0) return ''
  if (others.length > 2) return 'Some go elsewhere: look for your name.'
  const told = ({ unit, on, to }: Step) => {
    const names = namesThere(snapshot, circuit, [unit])
    return `${andList(names)} ${on > 0 ? 'to' : names.length === 1 ? 'stays at' : 'stay at'} station ${to + 1}.`
  }
  return others.map(told).join(' ')
}
