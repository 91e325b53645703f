import { midSentence } from '../../base/mid-sentence'
import { exercisesById } from '../../library/by-id'
import { formOf, formsOf } from '../../library/form'
import { usesAsDone } from '../../plan/as-done'
import { usesChanged } from '../../plan/pieces-changed'
import { commonPractice, type Finding } from './finding'
import type { Judged } from '../../class/fix'

/** Work that wants more height than the room has: raised arms with a weight, a rope, a jump. */
export function lowCeiling({ document, library, room }: Judged): Finding[] {
  if (!room) return []
  const exercises = exercisesById(library.exercises)
  return usesAsDone(document.plan).flatMap(({ use, circuit, lap }): Finding[] => {
    const exercise = exercises.get(use.exerciseId)
    const form = exercise && formOf(exercise, use.optionId)
    if (!exercise || !form || (form.clearMetres ?? 0) <= room.ceilingMetres) return []
    const low = formsOf(exercise).find((known) => known.optionId && (known.clearMetres ?? 0) <= room.ceilingMetres)
    const planned = (now: typeof document) =>
      usesChanged(now.plan, (known) =>
        known.id === use.id && known.exerciseId === use.exerciseId ? { ...known, optionId: low!.optionId } : known,
      )
    return [
      {
        id: `lowCeiling-${use.id}${lap > 0 ? `-${lap}` : ''}`,
        severity: 'mend',
        what: `${form.name} under a ceiling of ${room.ceilingMetres.toFixed(1)} m`,
        why: `It wants about ${form.clearMetres!.toFixed(1)} m clear. Measure, and keep to your local rules.`,
        source: commonPractice,
        pieceId: circuit.id,
        // What stands there in one lap alone is changed where it stands.
        ...(low &&
          lap === 0 && {
            fix: {
              label: `Do ${midSentence(low.name)} instead`,
              apply: (now: typeof document) => ({ ...now, plan: planned(now) }),
            },
          }),
      },
    ]
  })
}
