import { midSentence } from '../base/mid-sentence'
import type { Circuit, Part, Piece, Plan, Stay } from '../plan/plan'
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

type TaskStay = Extract<Stay, { kind: 'task' }>
type IntervalStay = Extract<Stay, { kind: 'intervals' }>

/** A figure of seconds that goes down by five, told beside what it is now. */
const seconds = (now: Seconds, least: Seconds, what: (time: string) => string, after: (value: Seconds) => Plan): Reduction[] =>
  figure(now, least, 5, (value) => `${what(formatSeconds(value))} instead of ${formatSeconds(now)}`, after)

const counted = (now: number, one: string, name: string, after: (value: number) => Plan): Reduction[] =>
  figure(now, 1, 1, (value) => `${name}: ${count(value, one)} instead of ${now}`, after)

function circuitReductions(plan: Plan, circuit: Circuit): Reduction[] {
  const name = pieceName(circuit)
  const set = (change: Partial<Circuit>) => pieceChanged(plan, circuit.id, (piece) => ({ ...piece, ...change }) as Piece)
  const { stay, transition } = circuit
  return [
    ...counted(circuit.laps ?? 1, 'lap', name, (laps) => set({ laps })),
    ...seconds(
      transition.seconds,
      circuit.travel === 'rotate' ? 10 : 0,
      (time) => `${name}: ${time} between`,
      (seconds) => set({ transition: { ...transition, seconds } }),
    ),
    ...seconds(
      circuit.lapRestSeconds,
      0,
      (time) => `${name}: lap rest ${time}`,
      (lapRestSeconds) => set({ lapRestSeconds }),
    ),
    ...(stay.kind === 'task' ? capReduced(stay, name, (stay) => set({ stay })) : intervalsReduced(stay, name, (stay) => set({ stay }))),
  ]
}

function capReduced(stay: TaskStay, name: string, set: (stay: TaskStay) => Plan): Reduction[] {
  const cap = stay.capSeconds ?? 0
  return figure(
    cap,
    60,
    15,
    (seconds) => `${name}: time cap ${formatSeconds(seconds)} instead of ${formatSeconds(cap)}`,
    (capSeconds) => set({ ...stay, capSeconds }),
  )
}

function intervalsReduced(stay: IntervalStay, name: string, set: (stay: IntervalStay) => Plan): Reduction[] {
  const shortest = Math.min(...stay.workSeconds)
  const works = (by: Seconds) => stay.workSeconds.map((seconds) => seconds - by)
  const words = (workSeconds: Seconds[]) => workSeconds.map(formatSeconds).join(' + ')
  return [
    ...counted(stay.sets, 'set', name, (sets) => set({ ...stay, sets })),
    ...figure(
      shortest,
      10,
      5,
      (least) => `${name}: work ${words(works(shortest - least))} instead of ${words(stay.workSeconds)}`,
      (least) => set({ ...stay, workSeconds: works(shortest - least) }),
    ),
    ...seconds(
      stay.setRestSeconds,
      0,
      (time) => `${name}: set rest ${time}`,
      (setRestSeconds) => set({ ...stay, setRestSeconds }),
    ),
  ]
}

function reductionsOf(plan: Plan): Reduction[] {
  return plan.parts.flatMap((part) => [
    ...leftOut(plan, part),
    ...repeatReductions(plan, part),
    ...part.pieces.flatMap((piece) =>
      piece.type === 'circuit'
        ? circuitReductions(plan, piece)
        : seconds(
            piece.seconds,
            0,
            (time) => `${pieceName(piece)}: ${time}`,
            (seconds) => pieceChanged(plan, piece.id, (known) => ({ ...known, seconds }) as Piece),
          ),
    ),
  ])
}

/** A part that is only for if there is time. */
function leftOut(plan: Plan, part: Part): Reduction[] {
  if (!part.optional || plan.parts.length === 1) return []
  const what = `Leave out ${midSentence(pieceName(part.pieces[0]!))}, which is only for if there is time`
  return [{ most: 1, what: () => what, loss: () => 0, after: () => ({ ...plan, parts: plan.parts.filter((other) => other !== part) }) }]
}

function repeatReductions(plan: Plan, part: Part): Reduction[] {
  if (part.repeat === 1) return []
  const name = pieceName(part.pieces[0]!)
  return [
    ...figure(
      part.repeat,
      1,
      1,
      (repeat) => `${name}: ${repeat === 1 ? 'once' : `${repeat} times`} instead of ${part.repeat}`,
      (repeat) => partChanged(plan, part.id, { repeat }),
    ),
    ...seconds(
      part.restBetweenSeconds,
      0,
      (time) => `${name}: ${time} between`,
      (restBetweenSeconds) => partChanged(plan, part.id, { restBetweenSeconds }),
    ),
  ]
}

/**
 * The changes that alone bring a plan of any shape within its slot, the smallest of each figure, those that give up least first. A
 * step's seconds are told by one compilation, and every answer is compiled. Empty when it fits already, or when no single change
 * is enough.
 */
export function singleChanges(plan: Plan, paces: Paces = commonPaces, most = 6): SingleChange[] {
  const totalOf = (plan: Plan): Seconds | undefined => {
    const timeline = compileTimeline(plan, paces)
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
