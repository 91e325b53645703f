import { newPiece, withFirst } from '../../plan/pieces'
import { warmUpExercises } from '../../suggest/warm-up'
import { circuitsOf, commonPractice, type Finding, type Judged } from '../finding'

/** No warm-up: the first circuit is neither done together nor easy. An easy first block counts. */
export function warmUp({ document, library, newId }: Judged): Finding[] {
  const first = circuitsOf(document)[0]
  if (!first || first.travel === 'together' || first.name?.toLowerCase().includes('warm')) return []
  const warm = warmUpExercises(library.exercises, 4).map((exercise) => exercise.id)
  return [
    {
      id: 'warmUp',
      severity: 'weigh',
      what: 'No warm-up',
      why: 'Five to ten rising minutes before the stations.',
      source: commonPractice,
      fix: {
        label: 'Add 4 × 1:00 in front',
        apply: (now) => ({ ...now, plan: withFirst(now.plan, newPiece('warmUp', newId, { warmUp: warm, coolDown: [] }), newId) }),
      },
    },
  ]
}
