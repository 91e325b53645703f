import { newPiece, withLast } from '../../plan/edit/pieces'
import { suggestedFor } from '../../suggest/suggested'
import { circuitsOf, commonPractice, type Finding } from './finding'
import { type Judged } from '../../class/fix'

/** The class ends with its stations: nothing to cool down with. */
export function coolDown({ document, computed, library, newId }: Judged): Finding[] {
  const last = circuitsOf(document).at(-1)
  if (!last || last.travel === 'together') return []
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
          plan: withLast(now.plan, newPiece('coolDown', newId, suggestedFor(now.plan, computed.timeline, library)), newId),
        }),
      },
    },
  ]
}
