import { uniqBy } from 'es-toolkit'
import type { Judged } from '../../class/fix'
import { exercisesById } from '../../library/by-id'
import { usesAsDone } from '../../plan/as-done'
import type { Finding } from './finding'

/** An exercise that the hall does not have: nothing that depends on it can be judged. */
export function notOfHall({ document, library }: Judged): Finding[] {
  const known = exercisesById(library.exercises)
  const missed = usesAsDone(document.plan).filter(({ use }) => use.exerciseId !== '' && !known.has(use.exerciseId))
  return uniqBy(missed, ({ use }) => use.exerciseId).map(({ use: { exerciseId }, circuit }) => ({
    id: `notOfHall-${exerciseId}`,
    severity: 'weigh',
    what: `“${exerciseId}” is not among this hall’s exercises`,
    why: 'Who has to go easy on it, what it loads and which gear it takes is not known, so none of that is judged. Choose another where it stands, or add it under Exercises.',
    pieceId: circuit.id,
  }))
}
