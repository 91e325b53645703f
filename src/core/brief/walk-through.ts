import { exercisesById } from '../library/by-id'
import type { ComputedClass, HallLibrary } from '../class/compute'
import { exceptionsIn, type Exception } from '../doing/exceptions'
import { formOf, type Form } from '../library/form'
import { withLists } from '../plan/every-circuit'
import { mainCircuits } from '../plan/main-circuits'
import { usesAsDone } from '../plan/as-done'
import type { Plan, Use } from '../plan/plan'
import { detailsOf } from '../summary/items'
import { pieceName } from '../summary/names'
import { cautionsOf } from './cautions'

/** One exercise as the coach explains it. */
export interface BriefItem {
  circuitId: string
  circuitName: string
  /** The station's number, from 1. */
  station: number
  /** The lap or repeat that it comes in first, where that is not the first; else empty. */
  when: string
  name: string
  setUp: string
  points: string[]
  fault: string
  breathing: string
  repStandard: string
  /** Reps, tempo, effort: how it is done tonight. */
  how: string
  sides: string
  options: { rung: 'easier' | 'harder' | 'substitute'; name: string }[]
  gear: string[]
  /** Who does something else than what everyone does here, each thing once; why is theirs. */
  instead: { name: string; who: string[] }[]
  cautions: string[]
}

const sidesSaid = {
  none: '',
  half: 'Change sides at the half.',
  byLap: 'One side a lap.',
  ownInterval: 'Each side has its own interval.',
} as const

/**
 * Every exercise of the main circuits in the order in which a coach walks round, with those that come in one lap or repeat alone;
 * those that need no words said twice are said once.
 */
export function walkThrough(
  plan: Plan,
  library: Pick<HallLibrary, 'exercises' | 'gear'>,
  { people, choices }: Partial<Pick<ComputedClass, 'people' | 'choices'>> = {},
): BriefItem[] {
  const main = withLists(mainCircuits(plan)).map(({ id }) => id)
  const exercises = exercisesById(library.exercises)
  const gearNames = new Map(library.gear.map((kind) => [kind.id, kind.name.toLowerCase()]))
  const exceptions = exceptionsIn(plan, people ?? [], library, choices)
  const seen = new Set<string>()
  const breathed = new Set<string>()
  return usesAsDone(plan)
    .filter(({ circuit }) => main.includes(circuit.id))
    .sort((a, b) => main.indexOf(a.circuit.id) - main.indexOf(b.circuit.id))
    .flatMap(({ use, circuit, station, repeat, lap }): BriefItem[] => {
      const key = [circuit.id, station, use.exerciseId, use.optionId].join('/')
      if (seen.has(key)) return []
      seen.add(key)
      const exercise = exercises.get(use.exerciseId)
      const form = exercise && formOf(exercise, use.optionId)
      const words = wordsOf(use, form)
      // How to breathe is told once for all that are breathed alike.
      const breathing = breathed.has(words.breathing) ? '' : words.breathing
      breathed.add(words.breathing)
      const options = exercise?.options.filter((option) => option.id !== use.optionId).map(({ rung, name }) => ({ rung, name })) ?? []
      return [
        {
          circuitId: circuit.id,
          circuitName: pieceName(circuit),
          station: station + 1,
          when: lap > 0 ? `lap ${lap + 1}` : repeat > 0 ? `time ${repeat + 1}` : '',
          ...words,
          breathing,
          options,
          gear: form?.gear.map((need) => gearNames.get(need.kindId) ?? need.kindId) ?? [],
          instead: insteadOf(exceptions, { circuit, station, standard: form?.name }),
        },
      ]
    })
}

/** Of those who do something else, the ones who do it in place of this exercise at this station. */
function insteadOf(
  exceptions: readonly Exception[],
  { circuit, station, standard }: Pick<Exception, 'circuit' | 'station'> & { standard: string | undefined },
): BriefItem['instead'] {
  const here = exceptions.filter(
    (exception) => exception.circuit.id === circuit.id && exception.station === station && exception.standard === standard,
  )
  const byName = new Map<string, Set<string>>()
  for (const { doing, person } of here) byName.set(doing.name, (byName.get(doing.name) ?? new Set()).add(person.name))
  return [...byName].map(([name, who]) => ({ name, who: [...who] }))
}

function wordsOf(use: Use, form: Form | undefined) {
  return {
    name: form?.name ?? use.exerciseId,
    setUp: form?.setUp ?? '',
    points: form?.points ?? [],
    fault: form?.fault ?? '',
    breathing: form?.breathing ?? '',
    repStandard: form?.repStandard ?? '',
    how: detailsOf(use).join(', '),
    sides: sidesSaid[use.sides],
    cautions: form ? cautionsOf(form) : [],
  }
}
