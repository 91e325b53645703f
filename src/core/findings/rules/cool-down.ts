import { newPiece, withLast } from '../../plan/edit/pieces'
import { suggestedFor } from '../../suggest/suggested'
import { commonPractice, piecesOf, type Finding } from './finding'
import { isGentle } from './gentle-block'
import { type Judged } from '../../class/fix'

/** No cool-down: the last circuit is neither called so nor easy. */
export function coolDown({ document, computed, library, newId }: Judged): Finding[] {
  // What a wave does while it waits is no end of the class.
  const last = piecesOf(document).findLast((piece) => piece.type === 'circuit')
  if (!last || isGentle(document.plan, last, 'coolDown', library)) return []
  return [
    {
      id: 'coolDown',
      severity: 'weigh',
      what: 'No cool-down',
      why: 'Let the pulse come down, and stretch what was worked.',
      source: commonPractice,
      fix: {
        label: 'Add 4 × 0:45 at the end',
        apply: (now) => ({
          ...now,
          plan: withLast(now.plan, newPiece('coolDown', newId, suggestedFor(now.plan, computed, library)), newId),
        }),
      },
    },
  ]
}
