import type { Seconds } from '../base/units'
import type { Circuit, Part, PartRole, Plan } from './plan'
import { turnsOf } from './turns'

/** A circuit where it stands in the plan, and what it is for. */
interface Placed {
  part: Part
  circuit: Circuit
  role: PartRole | undefined
}

const named: [RegExp, PartRole][] = [
  [/\bwarm/i, 'warmUp'],
  [/\b(cool|stretch)/i, 'coolDown'],
  [/\bfinish/i, 'finisher'],
]

/** What says so outright: the part, or a name. */
const said = (part: Part, circuit: Circuit): PartRole | undefined =>
  part.role ?? named.find(([pattern]) => pattern.test(circuit.name ?? part.name ?? ''))?.[1]

/** What a circuit's part or name says that it is for. */
export function saidRole(plan: Plan, circuit: Circuit): PartRole | undefined {
  const part = plan.parts.find(({ pieces }) => pieces.includes(circuit))
  return part && said(part, circuit)
}

/**
 * Seconds of work in a circuit, with the repeats of its part and stations of their own length; a list without a cap counts as
 * ten minutes.
 */
export function workOf(circuit: Circuit, repeat = 1): Seconds {
  const workOfStay = (stay: Circuit['stay']): Seconds =>
    stay.kind === 'task' ? (stay.capSeconds ?? 600) : stay.sets * stay.workSeconds.reduce((sum, seconds) => sum + seconds, 0)
  if (circuit.travel === 'rotate') return repeat * turnsOf(circuit) * workOfStay(circuit.stay)
  const lap = circuit.stations.reduce((sum, station) => sum + workOfStay(station.stay ?? circuit.stay), 0)
  return (repeat * turnsOf(circuit) * lap) / Math.max(1, circuit.stations.length)
}

/** Less than this share of the longest work is what leads up to it, or down from it. */
const small = 1 / 3

/**
 * What each circuit of a plan is for, by its id. What its part or its name says holds. Else: where people rotate, that is the main
 * part, what is done together before it warms up, and after it a last one by the clock cools down, anything else finishes. Where
 * nobody rotates, all is main, but for a first or last one by the clock, done once, with less than a third of the longest's work.
 */
export function rolesOf(plan: Plan): ReadonlyMap<string, PartRole> {
  const all: Placed[] = plan.parts.flatMap((part) =>
    part.pieces.flatMap((piece) => (piece.type === 'circuit' ? [{ part, circuit: piece, role: said(part, piece) }] : [])),
  )
  const rotates = ({ circuit, role }: Placed) => circuit.travel === 'rotate' && (role === undefined || role === 'main')
  const [first, last] = [all.findIndex(rotates), all.findLastIndex(rotates)]
  const longest = Math.max(0, ...all.map(({ circuit, part }) => workOf(circuit, part.repeat)))
  const isSmall = ({ circuit, part }: Placed) =>
    part.repeat === 1 && circuit.travel === 'together' && circuit.stay.kind === 'intervals' && workOf(circuit) < longest * small
  const guessed = (placed: Placed, at: number): PartRole => {
    const isLast = at === all.length - 1
    if (first >= 0) {
      if (at < first) return 'warmUp'
      if (at <= last) return 'main'
      return isLast && placed.circuit.travel === 'together' && placed.circuit.stay.kind === 'intervals' ? 'coolDown' : 'finisher'
    }
    if (all.length > 1 && isSmall(placed) && (at === 0 || isLast)) return at === 0 ? 'warmUp' : 'coolDown'
    return 'main'
  }
  return new Map(all.map((placed, at) => [placed.circuit.id, placed.role ?? guessed(placed, at)]))
}

/** What a part is for: what it says, else what its circuits are, the main one counting most. Nothing where it has none. */
export function roleOf(plan: Plan, part: Part): PartRole | undefined {
  if (part.role) return part.role
  const roles = rolesOf(plan)
  const own = part.pieces.flatMap((piece) => roles.get(piece.id) ?? [])
  return own.includes('main') ? 'main' : own[0]
}

export const roleNames: Record<PartRole, string> = {
  warmUp: 'warm-up',
  main: 'main part',
  finisher: 'finisher',
  coolDown: 'cool-down',
}
