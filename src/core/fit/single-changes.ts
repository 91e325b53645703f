import type { Circuit, Piece, Plan } from '../plan/plan'
import { partChanged, pieceChanged } from '../plan/pieces-changed'
import { tidyPlan } from '../plan/edit/tidy'
import { pieceName } from '../summary/names'
import { compileTimeline } from '../timeline/compile'
import { commonPaces, type Paces } from '../pace/pace'
import { formatSeconds, type Seconds } from '../base/units'

/** One change that alone brings the class within its slot. */
export interface SingleChange {
  what: string
  plan: Plan
  total: Seconds
  /** The share of the figure that is given up, from 0 to 1: the smallest change comes first. */
  loss: number
}

/** A figure that can be made smaller step by step: how far it can go, and the plan after so many steps. */
interface Reduction {
  most: number
  what: (steps: number) => string
  loss: (steps: number) => number
  after: (steps: number) => Plan
}

/** A figure `now` that may go down to `least` in steps of `step`. */
function figure(now: number, least: number, step: number, what: (value: number) => string, after: (value: number) => Plan): Reduction[] {
  const most = Math.floor((now - least) / step)
  if (most < 1) return []
  const value = (steps: number) => now - steps * step
  return [{ most, what: (steps) => what(value(steps)), loss: (steps) => (steps * step) / now, after: (steps) => after(value(steps)) }]
}

const count = (value: number, one: string) => `${value} ${value === 1 ? one : `${one}s`}`

function circuitReductions(plan: Plan, circuit: Circuit): Reduction[] {
  const name = pieceName(circuit)
  const set = (change: Partial<Circuit>) => pieceChanged(plan, circuit.id, (piece) => ({ ...piece, ...change }) as Piece)
  const { stay, transition } = circuit
  const shared = [
    ...figure(
      circuit.laps ?? 1,
      1,
      1,
      (laps) => `${name}: ${count(laps, 'lap')} instead of ${circuit.laps}`,
      (laps) => set({ laps }),
    ),
    ...figure(
      transition.seconds,
      circuit.travel === 'rotate' ? 10 : 0,
      5,
      (seconds) => `${name}: ${formatSeconds(seconds)} between instead of ${formatSeconds(transition.seconds)}`,
      (seconds) => set({ transition: { ...transition, seconds } }),
    ),
    ...figure(
      circuit.lapRestSeconds,
      0,
      5,
      (seconds) => `${name}: lap rest ${formatSeconds(seconds)} instead of ${formatSeconds(circuit.lapRestSeconds)}`,
      (lapRestSeconds) => set({ lapRestSeconds }),
    ),
  ]
  if (stay.kind === 'task') {
    const cap = stay.capSeconds ?? 0
    return [
      ...shared,
      ...figure(
        cap,
        60,
        15,
        (seconds) => `${name}: time cap ${formatSeconds(seconds)} instead of ${formatSeconds(cap)}`,
        (capSeconds) => set({ stay: { ...stay, capSeconds } }),
      ),
    ]
  }
  const shortest = Math.min(...stay.workSeconds)
  const works = (by: number) => stay.workSeconds.map((seconds) => seconds - by)
  return [
    ...shared,
    ...figure(
      stay.sets,
      1,
      1,
      (sets) => `${name}: ${count(sets, 'set')} instead of ${stay.sets}`,
      (sets) => set({ stay: { ...stay, sets } }),
    ),
    ...figure(
      shortest,
      10,
      5,
      (least) =>
        `${name}: work ${works(shortest - least)
          .map(formatSeconds)
          .join(' + ')} instead of ${stay.workSeconds.map(formatSeconds).join(' + ')}`,
      (least) => set({ stay: { ...stay, workSeconds: works(shortest - least) } }),
    ),
    ...figure(
      stay.setRestSeconds,
      0,
      5,
      (seconds) => `${name}: set rest ${formatSeconds(seconds)} instead of ${formatSeconds(stay.setRestSeconds)}`,
      (setRestSeconds) => set({ stay: { ...stay, setRestSeconds } }),
    ),
  ]
}

function reductionsOf(plan: Plan): Reduction[] {
  return plan.parts.flatMap((part) => {
    const name = pieceName(part.pieces[0]!)
    const again = figure(
      part.repeat,
      1,
      1,
      (repeat) => `${name}: ${repeat === 1 ? 'once' : `${repeat} times`} instead of ${part.repeat}`,
      (repeat) => partChanged(plan, part.id, { repeat }),
    )
    const between =
      part.repeat > 1
        ? figure(
            part.restBetweenSeconds,
            0,
            5,
            (seconds) => `${name}: ${formatSeconds(seconds)} between instead of ${formatSeconds(part.restBetweenSeconds)}`,
            (restBetweenSeconds) => partChanged(plan, part.id, { restBetweenSeconds }),
          )
        : []
    const dropped: Reduction[] =
      part.optional && plan.parts.length > 1
        ? [
            {
              most: 1,
              what: () => `Leave out ${name.toLowerCase()}, which is only for if there is time`,
              loss: () => 0,
              after: () => ({ ...plan, parts: plan.parts.filter((other) => other !== part) }),
            },
          ]
        : []
    const pieces = part.pieces.flatMap((piece) =>
      piece.type === 'circuit'
        ? circuitReductions(plan, piece)
        : figure(
            piece.seconds,
            0,
            5,
            (seconds) => `${pieceName(piece)}: ${formatSeconds(seconds)} instead of ${formatSeconds(piece.seconds)}`,
            (seconds) => pieceChanged(plan, piece.id, (each) => ({ ...each, seconds }) as Piece),
          ),
    )
    return [...dropped, ...again, ...between, ...pieces]
  })
}

/**
 * The changes that alone bring a plan of any shape within its slot, the smallest of each figure, those that give up least first. A
 * step's seconds are told by one compilation, and every answer is compiled. Empty when it fits already, or when no single change
 * is enough.
 */
export function singleChanges(plan: Plan, paces: Paces = commonPaces, most = 6): SingleChange[] {
  const totalOf = (each: Plan): Seconds | undefined => {
    const timeline = compileTimeline(each, paces)
    return timeline.ok ? timeline.value.total : undefined
  }
  const now = totalOf(plan)
  if (now === undefined || now <= plan.slotSeconds) return []
  const found = reductionsOf(plan).flatMap((reduction): SingleChange[] => {
    const first = totalOf(reduction.after(1))
    if (first === undefined || first >= now) return []
    let steps = Math.min(reduction.most, Math.max(1, Math.ceil((now - plan.slotSeconds) / (now - first))))
    for (let tries = 0; tries < 4; tries++, steps++) {
      if (steps > reduction.most) return []
      const made = tidyPlan(reduction.after(steps))
      const total = totalOf(made)
      if (total !== undefined && total <= plan.slotSeconds)
        return [{ what: reduction.what(steps), plan: made, total, loss: reduction.loss(steps) }]
    }
    return []
  })
  return found.sort((a, b) => a.loss - b.loss).slice(0, most)
}
