import { newPiece, withFirst } from '../../plan/edit/pieces'
import { suggestedFor } from '../../suggest/suggested'
import { circuitsOf, commonPractice, type Finding } from './finding'
import { isGentle } from './gentle-block'
import { type Judged } from '../../class/fix'

/** No warm-up: the first circuit is neither called so nor easy. An easy first block counts. */
export function warmUp({ document, computed, library, newId }: Judged): Finding[] {
  const first = circuitsOf(document)[0]
  if (!first || isGentle(document.plan, first, 'warmUp', library)) return []
  return [
    {
      id: 'warmUp',
      severity: 'weigh',
      what: 'No warm-up',
      why: 'Five to ten rising minutes before the main part; an easy first block counts.',
      source: commonPractice,
      fix: {
        label: 'Add 4 × 1:00 in front',
        apply: (now) => ({
          ...now,
          plan: withFirst(now.plan, newPiece('warmUp', newId, suggestedFor(now.plan, computed, library)), newId),
        }),
      },
    },
  ]
}
