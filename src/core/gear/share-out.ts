import { everyCircuit } from '../plan/every-circuit'
import type { Circuit, Station, Use } from '../plan/plan'
import { turnsPerLap } from '../plan/turns'
import { choicesKnown, noChoices, type Choices } from './choices'
import { add, needOf, sizeKey, type Borrower, type SizeCounts } from './need'
import {
  atStations,
  counterOf,
  listNeed,
  waitingGroups,
  peopleShares,
  raiseTo,
  turnsToCount,
  type Counter,
  type GearInput,
} from './station-need'

/**
 * Who takes which where an exercise has alternatives: turn by turn, in the order in which people came, the first choice whose gear
 * is not all in use; who has come to the last takes that. Nobody changes from turn to turn: whoever once has to do with less goes
 * on with it. Partners who share a set take the same.
 */
export function sharedOut(input: GearInput): Choices {
  const hasChoice = (station: Station) => station.uses.some((use) => (use.alternatives?.length ?? 0) > 0)
  if (!everyCircuit(input.plan).some(({ stations }) => stations.some(hasChoice))) return noChoices
  const counter = counterOf({ ...input, choices: noChoices })
  const stock: SizeCounts = new Map(input.kinds.flatMap((kind) => kind.sizes.map((size) => [sizeKey(kind.id, size.id), size.owned])))
  const choices = new Map<string, Map<Borrower, number>>()
  for (const { piece, circuit, ...turn } of turnsToCount(input.plan)) {
    const left: SizeCounts = new Map(stock)
    const choosing: { circuit: Circuit; station: Station; groups: GearInput['groups'] }[] = []
    atStations(counter, circuit, turn.turn, turn.turn % turnsPerLap(piece), turn.lap, (index, need, groups) => {
      const station = circuit.stations[index]!
      if (hasChoice(station)) choosing.push({ circuit, station, groups })
      else for (const [key, amount] of need) add(left, key, -amount)
    })
    if (piece.waves) {
      const list = piece.waves.meanwhile
      const groups = waitingGroups(counter, piece, turn.turn)
      choosing.push(...list.stations.filter(hasChoice).map((station) => ({ circuit: list, station, groups })))
      const fixed = { ...list, stations: list.stations.filter((station) => !hasChoice(station)) }
      for (const [key, amount] of listNeed(counter, piece, fixed, turn.turn)) add(left, key, -amount)
    }
    for (const { circuit, station, groups } of choosing) {
      const most: SizeCounts = new Map()
      const shares = peopleShares(station.stay ?? circuit.stay, station.uses, counter.paces)
      station.uses.forEach((use, position) => {
        const taken = choices.get(use.id) ?? new Map<Borrower, number>()
        choices.set(use.id, taken)
        raiseTo(most, chooseAt(counter, circuit, use, groups, shares[position]!, left, taken))
      })
      for (const [key, amount] of most) add(left, key, -amount)
    }
  }
  return choices
}

/** Lets people choose at one use, from what is `left`; adds to `taken`, and tells what they took. */
function chooseAt(
  { exercises, kinds }: Counter,
  { pairs }: Circuit,
  use: Use,
  groups: GearInput['groups'],
  share: number,
  left: SizeCounts,
  taken: Map<Borrower, number>,
): SizeCounts {
  const known = choicesKnown(use, exercises)
  const held: SizeCounts = new Map()
  const after = (need: SizeCounts) => [...need].map(([key, amount]): [string, number] => [key, (held.get(key) ?? 0) + amount * share])
  for (const people of pairs === 'both' ? groups.flat().map((person) => [person]) : groups) {
    if (people.length === 0) continue
    const before = Math.max(...people.map((person) => taken.get(person) ?? 0))
    const possible = known.filter(({ choice }) => choice >= before)
    const needs = possible.map((one) => ({ ...one, need: needOf(people, one.use, one.exercise, pairs, kinds, () => {}) }))
    const chosen =
      needs.find(({ need }) => after(need).every(([key, amount]) => Math.ceil(amount - 1e-9) <= (left.get(key) ?? 0))) ?? needs.at(-1)
    if (!chosen) continue
    for (const [key, amount] of after(chosen.need)) held.set(key, amount)
    for (const person of people) taken.set(person, chosen.choice)
  }
  return held
}
