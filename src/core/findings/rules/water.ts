import { mainPiece } from '../../plan/main-circuits'
import { newPiece, withAfter } from '../../plan/edit/pieces'
import type { Plan } from '../../plan/plan'
import { lapsOf, wavesOf } from '../../plan/turns'
import type { Seconds } from '../../base/units'
import { commonPractice, type Finding } from './finding'
import { type Judged } from '../../class/fix'

const dryAfterSeconds: Seconds = 25 * 60

/** People drink in a break of so long, whatever it is for. */
const enoughSeconds: Seconds = 45

const canDrink = ({ parts }: Plan): boolean =>
  parts.some(
    ({ repeat, restBetweenSeconds, pieces }) =>
      (repeat > 1 && restBetweenSeconds >= enoughSeconds) ||
      pieces.some((piece) =>
        piece.type === 'pause'
          ? piece.kind === 'water' && piece.seconds > 0
          : (lapsOf(piece) > 1 || wavesOf(piece) > 1) && piece.lapRestSeconds >= enoughSeconds,
      ),
  )

/** A class of some length without a pause to drink. */
export function water({ document, computed, newId }: Judged): Finding[] {
  if (!computed.timeline.ok || computed.timeline.value.total < dryAfterSeconds) return []
  if (canDrink(document.plan)) return []
  const { id } = mainPiece(document.plan)
  return [
    {
      id: 'water',
      severity: 'weigh',
      what: 'No pause to drink',
      why: 'Over twenty-five minutes people drink anyway, each at another moment.',
      source: commonPractice,
      fix: { label: 'Add 1:00 after the main part', apply: (now) => ({ ...now, plan: withAfter(now.plan, id, newPiece('water', newId)) }) },
    },
  ]
}
