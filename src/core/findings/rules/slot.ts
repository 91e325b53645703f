import { isSimple, mainPiece } from '../../plan/edit'
import { limits } from '../../plan/limits'
import { compileTimeline } from '../../timeline/compile'
import { formatSeconds, type Seconds } from '../../units'
import { withPiece, type Finding, type Fix, type Judged } from '../finding'

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
    return [{ id: 'slot', severity: withoutOptional >= 0 ? 'weigh' : 'mend', what: `${formatSeconds(-spare)} over the slot`, why, fix: otherLaps(judged, -1) }]
  }
  if (spare < slackSeconds) return [{ id: 'slot', severity: 'fine', what: spare === 0 ? 'Fills the slot' : `Fits the slot, ${formatSeconds(spare)} to spare`, why: '' }]
  return [{ id: 'slot', severity: 'weigh', what: `${formatSeconds(spare)} of the slot is unused`, why: 'Time for another lap, a longer cool-down, or questions.', fix: otherLaps(judged, 1) }]
}

/** The nearest number of laps of the main circuit, more or fewer, with which the class fits its slot. */
function otherLaps({ document }: Judged, by: 1 | -1): Fix | undefined {
  const piece = mainPiece(document.plan)
  if (!isSimple(piece)) return undefined
  const total = (laps: number): Seconds | undefined => {
    const timeline = compileTimeline(withPiece(document, piece, { laps }).plan)
    return timeline.ok ? timeline.value.total : undefined
  }
  const fits = (laps: number) => (total(laps) ?? Infinity) <= document.plan.slotSeconds
  let laps = piece.laps + by
  if (by < 0) while (laps > 1 && !fits(laps)) laps--
  if (laps < 1 || laps > limits.laps || !fits(laps)) return undefined
  const words = `${laps} ${laps === 1 ? 'lap' : 'laps'} instead of ${piece.laps}: ${formatSeconds(total(laps)!)}`
  return { label: words, apply: (now) => withPiece(now, piece, { laps }) }
}
