import type { SimpleCircuit } from '../plan/edit'
import { newPiece, withAfter } from '../plan/pieces'
import type { Pause, Plan } from '../plan/plan'
import { compileTimeline } from '../timeline/compile'
import { formatSeconds } from '../units'
import { timingOf, withTiming, type Fit, type FitWish } from './fit'

/** The pause that takes what is left over: a brief, else water; `undefined` when the plan has neither. */
function fillerOf(plan: Plan): Pause | undefined {
  const once = plan.parts.filter((part) => part.repeat === 1 && !part.optional)
  const pauses = once.flatMap((part) => part.pieces.filter((piece): piece is Pause => piece.type === 'pause'))
  return pauses.find((pause) => pause.kind === 'brief') ?? pauses.find((pause) => pause.kind === 'water')
}

/** The plan with the fit's numbers, and what is left of the slot given to a pause: it fills the slot to the second. */
export function withFit(plan: Plan, circuit: SimpleCircuit, fit: Fit, newId: () => string): Plan {
  let fitted = withTiming(plan, circuit, fit)
  const filler = fillerOf(fitted)
  if (fit.spareSeconds > 0 && !filler) fitted = withAfter(fitted, circuit.id, { ...newPiece('water', newId), seconds: 0 } as Pause)
  const pause = filler ?? fillerOf(fitted)
  if (!pause) return fitted
  const withPause = (seconds: number): Plan => ({
    ...fitted,
    parts: fitted.parts.map((part) => ({ ...part, pieces: part.pieces.map((piece) => (piece.id === pause.id ? { ...pause, seconds } : piece)) })),
  })
  // A water pause swallows the transition before it, so it has to grow by more than what is left.
  let seconds = pause.seconds
  for (let spare = fit.spareSeconds; spare > 0; ) {
    seconds += spare
    const timeline = compileTimeline(withPause(seconds))
    if (!timeline.ok) return fitted
    spare = plan.slotSeconds - timeline.value.total
  }
  return withPause(seconds)
}

/** What a fit changes or gives up, in words. */
export function fitWords(circuit: SimpleCircuit, fit: Fit, wish: FitWish): string[] {
  const now = timingOf(circuit)
  const words: string[] = []
  if (wish.ratio !== undefined) {
    const ratio = fit.workSeconds / Math.max(1, fit.transitionSeconds)
    if (Math.abs(ratio - wish.ratio) >= 0.05) words.push(`${ratio.toFixed(1)} : 1 instead of ${wish.ratio} : 1`)
  }
  const laps = fit.laps - now.laps
  if (laps !== 0) words.push(`${Math.abs(laps)} ${Math.abs(laps) === 1 ? 'lap' : 'laps'} ${laps > 0 ? 'more' : 'fewer'}`)
  const changed = (name: string, then: number, before: number) => then !== before && words.push(`${name} ${formatSeconds(then)} instead of ${formatSeconds(before)}`)
  changed('work', fit.workSeconds, now.workSeconds)
  changed('transition', fit.transitionSeconds, now.transitionSeconds)
  if (fit.laps > 1) changed('lap rest', fit.lapRestSeconds, now.lapRestSeconds)
  if (fit.spareSeconds > 0) words.push(`${formatSeconds(fit.spareSeconds)} more to brief or drink`)
  return words.length > 0 ? words : ['as it is']
}
