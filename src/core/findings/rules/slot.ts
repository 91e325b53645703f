import { isSimple } from '../../plan/edit/simple'
import { mainPiece } from '../../plan/main-circuits'
import { limits } from '../../base/limits'
import { compileTimeline } from '../../timeline/compile'
import { formatSeconds, type Seconds } from '../../base/units'
import { type Finding } from './finding'
import { withPiece, type Fix, type Judged } from '../../class/fix'

/** Less than this of the slot left over is as good as full. */
const slackSeconds: Seconds = 120

/** Over the slot, or much of it unused; with the number of laps that fits. */
export function slot(judged: Judged): Finding[] {
  const { plan } = judged.document
  const { timeline } = judged.computed
  if (!timeline.ok || timeline.value.total === 0) return []
  const spare = plan.slotSeconds - timeline.value.total
  if (spare < 0) {
    const withoutOptional = plan.slotSeconds - timeline.value.totalWithoutOptional
    const why = withoutOptional >= 0 && withoutOptional !== spare ? 'Without the optional part it fits.' : 'People have to leave on time.'
    return [
      {
        id: 'slot',
        severity: withoutOptional >= 0 ? 'weigh' : 'mend',
        what: `${formatSeconds(-spare)} over the slot`,
        why,
        fix: otherLaps(judged, -1),
      },
    ]
  }
  if (spare < slackSeconds)
    return [
      { id: 'slot', severity: 'fine', what: spare === 0 ? 'Fills the slot' : `Fits the slot, ${formatSeconds(spare)} to spare`, why: '' },
    ]
  return [
    {
      id: 'slot',
      severity: 'weigh',
      what: `${formatSeconds(spare)} of the slot is unused`,
      why: 'Time for another lap, a longer cool-down, or questions.',
      fix: otherLaps(judged, 1),
    },
  ]
}

/** The nearest number of laps of the main circuit, more or fewer, with which the class fits its slot. */
function otherLaps({ document, computed }: Judged, by: 1 | -1): Fix | undefined {
  const piece = mainPiece(document.plan)
  if (!isSimple(piece)) return undefined
  if (!computed.timeline.ok) return undefined
  const now = computed.timeline.value.total
  const { slotSeconds } = document.plan
  const total = (laps: number): Seconds | undefined => {
    const timeline = compileTimeline(withPiece(document, piece, { laps }).plan, computed.paces)
    return timeline.ok ? timeline.value.total : undefined
  }
  let laps = piece.laps + by
  if (laps < 1 || laps > limits.laps) return undefined
  let then = total(laps)
  // Every lap is as long as the first one taken away; the compilation has the last word.
  if (by < 0 && then !== undefined && then > slotSeconds && now > then) {
    laps = Math.max(1, laps - Math.ceil((then - slotSeconds) / (now - then)))
    then = total(laps)
  }
  if (then === undefined || then > slotSeconds) return undefined
  const words = `${laps} ${laps === 1 ? 'lap' : 'laps'} instead of ${piece.laps}: ${formatSeconds(then)}`
  return { label: words, apply: (now) => withPiece(now, piece, { laps }) }
}
