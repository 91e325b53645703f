import { plainPart } from '../plan/edit/make'
import { newPiece, withAfter } from '../plan/edit/pieces'
import { pieceChanged } from '../plan/pieces-changed'
import type { Circuit, Pause, Plan } from '../plan/plan'
import { compileTimeline } from '../timeline/compile'
import { commonPaces, type Paces } from '../pace/pace'
import { formatSeconds } from '../base/units'
import type { Fit, FitWish } from './fit'
import { alikeTo, circuitWith, timingOf, withTiming, workAt, workToBreaks } from './timing'

/** The pause that takes what is left over: a brief, else water; `undefined` when the plan has neither. */
function fillerOf(plan: Plan): Pause | undefined {
  const once = plan.parts.filter((part) => part.repeat === 1 && !part.optional)
  const pauses = once.flatMap((part) => part.pieces.filter((piece): piece is Pause => piece.type === 'pause'))
  return pauses.find((pause) => pause.kind === 'brief') ?? pauses.find((pause) => pause.kind === 'water')
}

/** The plan with the fit's numbers, and what is left of the slot given to a pause: it fills the slot to the second. */
export function withFit(plan: Plan, circuit: Circuit, fit: Fit, newId: () => string, paces: Paces = commonPaces): Plan {
  let fitted = withTiming(plan, alikeTo(plan, circuit), fit)
  const filler = fillerOf(fitted)
  if (fit.spareSeconds > 0 && !filler)
    fitted = withPauseAfter(fitted, circuit.id, { ...newPiece('water', newId), seconds: 0 } as Pause, newId)
  const pause = filler ?? fillerOf(fitted)
  if (!pause) return fitted
  const withPause = (seconds: number): Plan => pieceChanged(fitted, pause.id, () => ({ ...pause, seconds }))
  // A water pause swallows the transition before it, so it has to grow by more than what is left.
  let seconds = pause.seconds
  for (let spare = fit.spareSeconds; spare > 0;) {
    seconds += spare
    const timeline = compileTimeline(withPause(seconds), paces)
    if (!timeline.ok) return fitted
    spare = plan.slotSeconds - timeline.value.total
  }
  return withPause(seconds)
}

/** The plan with a pause after the circuit, or after its part where that is gone through more than once or may be left out. */
function withPauseAfter(plan: Plan, circuitId: string, pause: Pause, newId: () => string): Plan {
  const part = plan.parts.find(({ pieces }) => pieces.some((piece) => piece.id === circuitId))!
  if (part.repeat === 1 && !part.optional) return withAfter(plan, circuitId, pause)
  return { ...plan, parts: plan.parts.flatMap((before) => (before === part ? [part, plainPart(newId, [pause])] : [before])) }
}

/** The work of a stay as it is told: `0:45`, or `0:45 + 0:25` when it has several. */
export function workWords(circuit: Circuit, workSeconds: number): string {
  return circuit.stay.kind === 'task' ? formatSeconds(workSeconds) : workAt(circuit.stay, workSeconds).map(formatSeconds).join(' + ')
}

/** What a fit changes or gives up, in words. */
export function fitWords(circuit: Circuit, fit: Fit, wish: FitWish): string[] {
  const now = timingOf(circuit)
  const words: string[] = []
  if (wish.ratio !== undefined) {
    const ratio = workToBreaks(circuitWith(circuit, fit))
    if (Math.abs(ratio - wish.ratio) >= 0.05) words.push(`${ratio.toFixed(1)} : 1 instead of ${wish.ratio} : 1`)
  }
  const laps = fit.laps - now.laps
  if (laps !== 0) words.push(`${Math.abs(laps)} ${Math.abs(laps) === 1 ? 'lap' : 'laps'} ${laps > 0 ? 'more' : 'fewer'}`)
  const changed = (name: string, then: string, before: string) => then !== before && words.push(`${name} ${then} instead of ${before}`)
  changed(circuit.stay.kind === 'task' ? 'time cap' : 'work', workWords(circuit, fit.workSeconds), workWords(circuit, now.workSeconds))
  changed('transition', formatSeconds(fit.transitionSeconds), formatSeconds(now.transitionSeconds))
  if (fit.laps > 1) changed('lap rest', formatSeconds(fit.lapRestSeconds), formatSeconds(now.lapRestSeconds))
  if (fit.spareSeconds > 0) words.push(`${formatSeconds(fit.spareSeconds)} more to brief or drink`)
  return words.length > 0 ? words : ['as it is']
}
