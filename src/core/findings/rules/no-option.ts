import { strainNames } from '../../library/exercise'
import { formOf } from '../../library/form'
import { swapsFor, withSwaps } from '../../suggest/ladder'
import { circuitsOf, exerciseOf, type Finding } from './finding'
import { type Judged } from '../../class/fix'

/** Somebody goes easy on what an exercise asks, and none of its options spares it. */
export function noOption({ document, computed, library }: Judged): Finding[] {
  const findings = new Map<string, Finding>()
  for (const circuit of circuitsOf(document)) {
    for (const station of circuit.stations) {
      station.uses.forEach((use, position) => {
        const exercise = exerciseOf(library, station, position)
        if (!exercise) return
        for (const strain of formOf(exercise, use.optionId).asks) {
          if (exercise.options.some((option) => !option.asks.includes(strain))) continue
          const names = computed.people.filter((person) => person.goEasy.includes(strain)).map((person) => person.name)
          if (names.length === 0) continue
          const swap = swapsFor(document.plan, library, strain).find((each) => each.useId === use.id)
          findings.set(`${exercise.id}-${strain}`, {
            id: `noOption-${exercise.id}-${strain}`,
            severity: 'mend',
            what: `${exercise.name} has nothing for ${names.join(', ')}`,
            why: `It asks of ${strainNames[strain]}, and so does every option of it. Choose another exercise, or agree on something else.`,
            pieceId: circuit.id,
            ...(swap && {
              fix: {
                label: `Do ${swap.to.toLowerCase()} instead`,
                apply: (now: typeof document) => ({ ...now, plan: withSwaps(now.plan, [swap]) }),
              },
            }),
          })
        }
      })
    }
  }
  return [...findings.values()]
}
