import type { HallSettings } from '../library/hall-settings'
import { exercisesIn, exercisesToExplain } from './explained'
import { mainCircuits } from '../plan/main-circuits'
import { piecesReplaced } from '../plan/pieces-changed'
import { plainPart, type NewId } from '../plan/edit/make'
import type { Circuit, Pause, Plan } from '../plan/plan'
import { compileTimeline } from '../timeline/compile'
import { commonPaces, type Paces } from '../pace/pace'
import { turnsPerLap } from '../plan/turns'
import type { Result } from '../base/result'
import type { Timeline } from '../timeline/phase'
import type { Seconds } from '../base/units'

/** How a class can be briefed: all at the start, half by half, each exercise just before it, or over the warm-up. */
export type BriefWay = 'allFirst' | 'halfByHalf' | 'eachBefore' | 'overWarmUp'

export interface BriefChoice {
  way: BriefWay
  name: string
  /** What it means in this class. */
  what: string
  plan: Plan
  total: Seconds
  /** Seconds of the slot that are left; negative when over. */
  spare: Seconds
  /** Whether the plan is briefed like this already. */
  current: boolean
}

/** Seconds to explain `count` exercises. */
export const briefSeconds = (count: number, { briefSeconds: perExercise }: HallSettings) => ({
  least: count * perExercise.least,
  usual: count * perExercise.usual,
  most: count * perExercise.most,
})

const toFive = (seconds: Seconds): Seconds => Math.ceil(seconds / 5) * 5

/** The pauses between a main circuit and the one before it, or the start. */
const pausesBefore = (plan: Plan, id: string): Pause[] => {
  const main = new Set(mainCircuits(plan).map((circuit) => circuit.id))
  const pieces = plan.parts.flatMap((part) => part.pieces)
  const pauses: Pause[] = []
  for (let at = pieces.findIndex((piece) => piece.id === id) - 1; at >= 0 && !main.has(pieces[at]!.id); at--) {
    const piece = pieces[at]!
    if (piece.type === 'pause') pauses.push(piece)
  }
  return pauses
}

/** The plan without any briefing: no brief pause, nothing spoken over a circuit, no first lap with longer gaps. */
function unbriefed(plan: Plan): Plan {
  const main = new Set(mainCircuits(plan).map((circuit) => circuit.id))
  return piecesReplaced(plan, (piece) => {
    if (piece.type === 'pause') return piece.kind === 'brief' ? [] : [piece]
    const { brief: _, ...circuit } = piece
    return [
      {
        ...circuit,
        vary: main.has(piece.id) ? piece.vary.filter((change) => !(change.at === 0 && change.field === 'transitionSeconds')) : piece.vary,
      },
    ]
  })
}

/** The plan with a brief just before a piece: in the same part, or before the part where that is gone through more than once. */
function withBriefBefore(plan: Plan, id: string, seconds: Seconds, newId: NewId): Plan {
  const brief: Pause = { id: newId(), type: 'pause', kind: 'brief', seconds }
  return {
    ...plan,
    parts: plan.parts.flatMap((part) => {
      const at = part.pieces.findIndex((piece) => piece.id === id)
      if (at < 0) return [part]
      if (part.repeat > 1 || part.optional) return [plainPart(newId, [brief], { optional: part.optional }), part]
      return [{ ...part, pieces: [...part.pieces.slice(0, at), brief, ...part.pieces.slice(at)] }]
    }),
  }
}

function allFirst(plan: Plan, figures: HallSettings, newId: NewId): Plan {
  const first = mainCircuits(plan)[0]!
  return withBriefBefore(unbriefed(plan), first.id, toFive(briefSeconds(exercisesToExplain(plan), figures).usual), newId)
}

/** Each main circuit's exercises before it; a swap that is there already is made long enough and used. */
function halfByHalf(plan: Plan, figures: HallSettings, newId: NewId): Plan {
  return mainCircuits(plan).reduce((now, circuit) => {
    const seconds = toFive(briefSeconds(exercisesIn(plan, circuit), figures).usual)
    const swap = pausesBefore(now, circuit.id).find((pause) => pause.kind === 'swap')
    if (!swap) return withBriefBefore(now, circuit.id, seconds, newId)
    return piecesReplaced(now, (piece) => [piece.id === swap.id ? { ...swap, seconds: Math.max(swap.seconds, seconds) } : piece])
  }, unbriefed(plan))
}

/** The first exercise before the first circuit, every other in the gap before it on the first lap. */
function eachBefore(plan: Plan, figures: HallSettings, newId: NewId): Plan {
  const gap = toFive(figures.briefSeconds.usual)
  const circuits = mainCircuits(plan)
  const bare = unbriefed(plan)
  const varied = piecesReplaced(bare, (piece) => {
    if (piece.type === 'pause' || !circuits.some((circuit) => circuit.id === piece.id) || piece.transition.seconds >= gap) return [piece]
    return [{ ...piece, vary: [...piece.vary, { at: 0, id: piece.id, field: 'transitionSeconds', value: gap }] }]
  })
  return withBriefBefore(varied, circuits[0]!.id, gap, newId)
}

/** What comes before the first main circuit and is done together: the warm-up. */
export function warmUpOf(plan: Plan): Circuit | undefined {
  const pieces = plan.parts.flatMap((part) => part.pieces)
  const before = pieces.slice(
    0,
    pieces.findIndex((piece) => piece.id === mainCircuits(plan)[0]?.id),
  )
  return before.findLast((piece): piece is Circuit => piece.type === 'circuit' && piece.travel === 'together')
}

/** Spoken while people warm up; what the warm-up is too short for is said after it. */
function overWarmUp(plan: Plan, figures: HallSettings, warmUp: Circuit, warmUpSeconds: Seconds, newId: NewId): Plan {
  const circuits = mainCircuits(plan)
  const left = briefSeconds(exercisesToExplain(plan), figures).usual - warmUpSeconds
  const spoken = piecesReplaced(unbriefed(plan), (piece) => [
    piece.type === 'circuit' && piece.id === warmUp.id ? { ...piece, brief: { note: '' } } : piece,
  ])
  return left > 0 ? withBriefBefore(spoken, circuits[0]!.id, toFive(left), newId) : spoken
}

/** How the plan is briefed now; a brief at the start that is long enough for everything is for everything. */
export function wayOf(plan: Plan, figures: HallSettings): BriefWay | undefined {
  const circuits = mainCircuits(plan)
  const first = circuits[0]
  if (!first) return undefined
  const pieces = plan.parts.flatMap((part) => part.pieces)
  if (pieces.some((piece) => piece.type === 'circuit' && piece.brief)) return 'overWarmUp'
  if (first.vary.some((change) => change.at === 0 && change.field === 'transitionSeconds' && change.value > first.transition.seconds))
    return 'eachBefore'
  const explained = circuits.filter((circuit) =>
    pausesBefore(plan, circuit.id).some((pause) => pause.kind === 'brief' || pause.kind === 'swap'),
  )
  const atStart = pausesBefore(plan, first.id).reduce((sum, pause) => sum + (pause.kind === 'brief' ? pause.seconds : 0), 0)
  const forAll = atStart >= briefSeconds(exercisesToExplain(plan), figures).least
  if (circuits.length > 1 && explained.length === circuits.length && !forAll) return 'halfByHalf'
  return explained.includes(first) ? 'allFirst' : undefined
}

interface WayOpen {
  way: BriefWay
  name: string
  what: string
  plan: Plan
}

/** How long the warm-up lasts, where there is one. */
function warmUpSecondsOf(timeline: Result<Timeline>, warmUp: Circuit | undefined): Seconds {
  if (!warmUp || !timeline.ok) return 0
  return timeline.value.phases.reduce((sum, phase) => sum + (phase.pieceId === warmUp.id ? phase.seconds : 0), 0)
}

function waysOpen(plan: Plan, figures: HallSettings, newId: NewId, warmUpSeconds: Seconds): WayOpen[] {
  const circuits = mainCircuits(plan)
  const warmUp = warmUpOf(plan)
  const gaps = circuits.reduce((sum, circuit) => sum + turnsPerLap(circuit), 0)
  const ways: WayOpen[] = [
    {
      way: 'allFirst',
      name: 'All first',
      what: 'Every exercise before the stations. People may go back to look.',
      plan: allFirst(plan, figures, newId),
    },
  ]
  if (circuits.length > 1)
    ways.push({
      way: 'halfByHalf',
      name: 'Half by half',
      what: 'Each set of exercises before it, the later ones in the swap.',
      plan: halfByHalf(plan, figures, newId),
    })
  ways.push({
    way: 'eachBefore',
    name: 'Each before',
    what: `In the gaps of the first lap: ${gaps} of them run to ${figures.briefSeconds.usual} s or more.`,
    plan: eachBefore(plan, figures, newId),
  })
  if (warmUp) {
    const isLongEnough = warmUpSeconds >= briefSeconds(exercisesToExplain(plan), figures).usual
    ways.push({
      way: 'overWarmUp',
      name: 'Over the warm-up',
      what: `Spoken while people move; ${isLongEnough ? 'the warm-up is long enough' : 'the rest of it after the warm-up'}.`,
      plan: overWarmUp(plan, figures, warmUp, warmUpSeconds, newId),
    })
  }
  return ways
}

/** The ways open to a plan, each as the plan it makes, with its total. Empty when there is nothing to explain. */
export function briefChoices(plan: Plan, figures: HallSettings, newId: NewId, paces: Paces = commonPaces): BriefChoice[] {
  if (exercisesToExplain(plan) === 0) return []
  const current = wayOf(plan, figures)
  const asItIs = compileTimeline(plan, paces)
  return waysOpen(plan, figures, newId, warmUpSecondsOf(asItIs, warmUpOf(plan))).flatMap((choice): BriefChoice[] => {
    const isCurrent = choice.way === current
    const made = isCurrent ? plan : choice.plan
    const timeline = isCurrent ? asItIs : compileTimeline(made, paces)
    if (!timeline.ok) return []
    const { total } = timeline.value
    return [{ ...choice, plan: made, total, spare: plan.slotSeconds - total, current: isCurrent }]
  })
}
