import type { CircuitView } from '../room/snapshot'
import { turnsAt } from '../room/turns-at'

/** Which way somebody goes round the stations: up their numbers, down, or not at all. */
export type WayRound = 'up' | 'down' | 'stays'

/** So many people have to have one of these ways for it to be told. */
const mostPeople = 0.8

/**
 * Where each unit goes from its station in a turn to the next one, or came from, in the last: in two files one of a pair goes up and
 * the other down, and of host and traveller one stays. Nothing where all go alike, or everyone has a way of their own.
 */
export function waysRound(circuit: CircuitView, at: Turn): ReadonlyMap<number, WayRound> | undefined {
  const ways = wayOfEach(circuit, at)
  const told = new Map([...ways].flatMap(([unit, way]) => (way ? [[unit, way] as const] : [])))
  return told.size >= mostPeople * ways.size && new Set(told.values()).size > 1 ? told : undefined
}

/** Which way everybody goes round, where all go alike. */
export function wayOfAll(circuit: CircuitView, at: Turn): 'up' | 'down' | undefined {
  const [way, ...others] = new Set(wayOfEach(circuit, at).values())
  return others.length === 0 && way !== 'stays' ? way : undefined
}

/** A turn of a circuit, at a repeat of its part. */
interface Turn {
  repeat: number
  turn?: number | undefined
}

function wayOfEach(circuit: CircuitView, { repeat, turn = 0 }: Turn): ReadonlyMap<number, WayRound | undefined> {
  const turns = turnsAt(circuit, repeat)
  const stations = circuit.stations.length
  // Of two stations, up and down are one.
  if (!turns || stations < 3) return new Map()
  const first = Math.max(0, Math.min(turn, turns.length - 2))
  const ways = new Map<number, WayRound | undefined>()
  for (const [from, units] of (turns[first] ?? []).entries())
    for (const unit of units) {
      const to = turns[first + 1]?.findIndex((there) => there.includes(unit)) ?? -1
      if (to >= 0) ways.set(unit, wayOf((to - from + stations) % stations, stations))
    }
  return ways
}

const wayOf = (on: number, stations: number): WayRound | undefined =>
  on === 0 ? 'stays' : on === 1 ? 'up' : on === stations - 1 ? 'down' : undefined
