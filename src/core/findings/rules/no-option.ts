import { midSentence } from '../../base/mid-sentence'
import { andList } from '../../base/and-list'
import { strainNames, type Strain } from '../../library/exercise'
import { exercisesById } from '../../library/by-id'
import { formOf, formsOf } from '../../library/form'
import { formFor } from '../../options/form-for'
import { usesAsDone, type UseAsDone } from '../../plan/as-done'
import { swapsFor, withSwaps } from '../../suggest/ladder'
import type { Finding } from './finding'
import { type Judged } from '../../class/fix'

/** Somebody goes easy on what an exercise asks, and no option of it spares all that they go easy on. */
export function noOption(judged: Judged): Finding[] {
  const { document, computed, library } = judged
  const exercises = exercisesById(library.exercises)
  const findings = new Map<string, Finding>()
  for (const done of usesAsDone(document.plan)) {
    const exercise = exercises.get(done.use.exerciseId)
    if (!exercise) continue
    const standard = formOf(exercise, done.use.optionId)
    const unspared = new Map<string, { strains: Strain[]; names: string[] }>()
    for (const person of computed.people) {
      if (!formFor(person, done.use, exercise).unspared) continue
      const strains = person.goEasy.filter((strain) => formsOf(exercise).some((form) => form.asks.includes(strain)))
      const found = unspared.get(strains.join()) ?? { strains, names: [] }
      unspared.set(strains.join(), { strains, names: [...found.names, person.name] })
    }
    for (const { strains, names } of unspared.values()) {
      const id = `noOption-${exercise.id}-${strains.join('-')}`
      if (!findings.has(id))
        findings.set(id, {
          id,
          severity: 'mend',
          what: `${standard.name} has nothing for ${names.join(', ')}`,
          why: `${whyOf(
            strains,
            formsOf(exercise).map(({ asks }) => asks),
          )} Choose another exercise, or agree on something else.`,
          pieceId: done.circuit.id,
          ...fixOf(judged, done, strains),
        })
    }
  }
  return [...findings.values()]
}

/** One limit that nothing spares, or several of which each way spares only some. */
function whyOf(strains: readonly Strain[], asked: readonly (readonly Strain[])[]): string {
  const always = strains.filter((strain) => asked.every((asks) => asks.includes(strain)))
  if (always.length > 0) return `It loads ${andList(always.map((strain) => strainNames[strain]))}, and so does every option of it.`
  return `No option of it spares ${andList(strains.map((strain) => strainNames[strain]))} at once.`
}

/** Another exercise in its place, where one limit is all there is to spare, and the exercise is not one of a lap or repeat alone. */
function fixOf({ document, library }: Judged, { use }: UseAsDone, strains: readonly Strain[]): Pick<Finding, 'fix'> {
  if (strains.length !== 1) return {}
  const swap = swapsFor(document.plan, library, strains[0]!).find(({ useId }) => useId === use.id)
  if (!swap) return {}
  return {
    fix: {
      label: `Do ${midSentence(swap.to.name)} instead`,
      apply: (now) => ({ ...now, plan: withSwaps(now.plan, [swap]) }),
    },
  }
}
