import { midSentence } from '../base/mid-sentence'
import { formatSeconds } from '../base/units'
import { exercisesById } from '../library/by-id'
import type { ComputedClass, HallLibrary } from '../class/compute'
import { exceptionsIn, type Exception } from '../doing/exceptions'
import type { Exercise } from '../library/exercise'
import { formOf, type Form } from '../library/form'
import { usesAsDone, whenWords, type UseAsDone } from '../plan/as-done'
import type { Circuit, Plan, Use } from '../plan/plan'
import { detailsOf } from '../summary/items'
import { pieceName } from '../summary/names'
import { ruleText, clockText } from '../summary/rule-words'
import { cautionsOf } from './cautions'
import { explainedAs, explainedIn } from './explained'

/** One exercise as the coach explains it. */
export interface BriefItem {
  /** Of the station, `3`; with a letter where more is done there, `3b`; of the item in a list. */
  number: string
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
  /** What of that differs in some laps: "lap 2: 16 kg". */
  differs: string[]
  sides: string
  options: { rung: 'easier' | 'harder' | 'substitute'; name: string }[]
  gear: string[]
  /** Who does something else than what everyone does here, each thing once; why is theirs. */
  instead: { name: string; who: string[] }[]
  cautions: string[]
  /** What it looks like. */
  figure?: Form['figure']
}

/** One circuit as it is explained. */
export interface BriefSection {
  circuitId: string
  name: string
  /** Shown as it is done: a warm-up or a cool-down. */
  asDone: boolean
  /** How a list at one's own pace is gone through; else empty. */
  list: string
  items: BriefItem[]
  /** What is done here too and is explained elsewhere. */
  again: { number: string; name: string; how: string }[]
  /** What differs of its clock by lap or repeat. */
  differs: string[]
}

const sidesSaid = {
  none: '',
  half: 'Change sides at the half.',
  byLap: 'One side a lap.',
  ownInterval: 'Each side has its own interval.',
} as const

/** What all items are explained from. */
interface Explaining {
  exercises: ReadonlyMap<string, Exercise>
  gearNames: ReadonlyMap<string, string>
  exceptions: readonly Exception[]
  done: readonly UseAsDone[]
  /** How to breathe is told once for all that are breathed alike. */
  breathed: Set<string>
}

/**
 * The whole class as it is explained, in its order: each exercise once, with what differs by lap or repeat, and how to breathe once
 * for all that are breathed alike.
 */
export function walkThrough(
  plan: Plan,
  library: Pick<HallLibrary, 'exercises' | 'gear'>,
  { people, choices }: Partial<Pick<ComputedClass, 'people' | 'choices'>> = {},
): BriefSection[] {
  const explaining: Explaining = {
    exercises: exercisesById(library.exercises),
    gearNames: new Map(library.gear.map((kind) => [kind.id, midSentence(kind.name)])),
    exceptions: exceptionsIn(plan, people ?? [], library, choices),
    done: usesAsDone(plan),
    breathed: new Set(),
  }
  return explainedIn(plan).flatMap(({ circuit, asDone, uses, again }): BriefSection[] =>
    uses.length + again.length === 0
      ? []
      : [
          {
            circuitId: circuit.id,
            name: pieceName(circuit),
            asDone,
            list: listWords(circuit),
            items: uses.map((known) => itemOf(known, explaining)),
            again: again.map((known) => ({
              number: numberOf(known),
              name: nameOf(known.use, explaining),
              how: detailsOf(known.use).join(', '),
            })),
            differs: clockDiffers(plan, circuit),
          },
        ],
  )
}

/** "1 to 5 once, then the others round after round, for 8:00." */
function listWords({ stay, stations }: Circuit): string {
  if (stay.kind !== 'task') return ''
  const until = stay.capSeconds === undefined ? 'until all of it is done' : `for ${formatSeconds(stay.capSeconds)}`
  if (stay.rungs) return `${stay.rungs.join('-')} of each, ${stay.rungClock ? 'rung by rung together' : 'at your own pace'}.`
  if (stay.goal === 'finish') return `Through the list once, at your own pace, ${until}.`
  const opener = stay.openerCount
  const rest = (stations[0]?.uses.length ?? 0) - opener
  const first =
    opener === 0 ? '' : `${opener === 1 ? 'The first' : `1 to ${opener}`} once, then ${rest === 1 ? 'the other' : 'the others'} `
  const aim = stay.aimRounds === undefined ? '' : ` The aim is ${stay.aimRounds} rounds.`
  const text = `${first}round after round, at your own pace, ${until}.${aim}`
  return text.charAt(0).toUpperCase() + text.slice(1)
}

function itemOf(known: UseAsDone, { exercises, gearNames, exceptions, done, breathed }: Explaining): BriefItem {
  const { use, circuit, station } = known
  const exercise = exercises.get(use.exerciseId)
  const form = exercise && formOf(exercise, use.optionId)
  const words = wordsOf(use, form)
  const breathing = breathed.has(words.breathing) ? '' : words.breathing
  breathed.add(words.breathing)
  return {
    ...words,
    number: numberOf(known),
    when: whenWords(known),
    breathing,
    differs: figuresOf(known, done),
    options: optionsOf(exercise, use),
    ...(form?.figure && { figure: form.figure }),
    gear: form?.gear.map((need) => gearNames.get(need.kindId) ?? need.kindId) ?? [],
    instead: insteadOf(exceptions, { circuit, station, standard: form?.name }),
  }
}

function nameOf({ exerciseId, optionId }: Use, { exercises }: Explaining): string {
  const exercise = exercises.get(exerciseId)
  return exercise ? formOf(exercise, optionId).name : exerciseId
}

function numberOf({ circuit, station, position }: UseAsDone): string {
  const { uses, stay } = circuit.stations[station]!
  if (circuit.stations.length === 1 && (stay ?? circuit.stay).kind === 'task') return String(position + 1)
  return `${station + 1}${uses.length > 1 ? String.fromCharCode(97 + position) : ''}`
}

/** What is another than at first where the same is done at other laps or repeats. */
function figuresOf(known: UseAsDone, done: readonly UseAsDone[]): string[] {
  const first = detailsOf(known.use)
  return done.flatMap((other) => {
    if (other === known || other.use.id !== known.use.id || explainedAs(other.use) !== explainedAs(known.use)) return []
    const changed = detailsOf(other.use).filter((detail) => !first.includes(detail))
    return changed.length > 0 && whenWords(other) !== '' ? [`${whenWords(other)}: ${changed.join(', ')}`] : []
  })
}

/** What differs of a circuit's own figures: by a rule, or at one lap or repeat. */
function clockDiffers(plan: Plan, circuit: Circuit): string[] {
  const part = plan.parts.find(({ pieces }) => pieces.some(({ id }) => id === circuit.id))
  const said = (varied: Pick<Circuit, 'vary' | 'varyRules'> | undefined, unit: 'lap' | 'time') => [
    ...(varied?.varyRules ?? []).flatMap((rule) => (rule.id === circuit.id ? [ruleText(rule, unit)] : [])),
    ...(varied?.vary ?? []).flatMap((change) => {
      const text = change.id === circuit.id ? clockText(change) : undefined
      return text === undefined ? [] : [`${unit} ${change.at + 1}: ${text}`]
    }),
  ]
  return [...said(part, 'time'), ...said(circuit, 'lap')]
}

const optionsOf = (exercise: Exercise | undefined, use: Use): BriefItem['options'] =>
  exercise?.options.filter((option) => option.id !== use.optionId).map(({ rung, name }) => ({ rung, name })) ?? []

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

/** "A rep: chest a fist from the floor"; what is held for its time counts no reps, and of that nothing is said where reps are counted. */
function standardOf({ reps }: Use, form: Form | undefined): string {
  const standard = form?.repStandard ?? ''
  if (/^held\b/i.test(standard)) return reps ? '' : standard
  return standard && `A rep: ${standard}`
}

function wordsOf(use: Use, form: Form | undefined) {
  return {
    name: form?.name ?? use.exerciseId,
    setUp: form?.setUp ?? '',
    points: form?.points ?? [],
    fault: form?.fault ?? '',
    breathing: form?.breathing ?? '',
    repStandard: standardOf(use, form),
    how: detailsOf(use).join(', '),
    sides: sidesSaid[use.sides],
    cautions: form ? cautionsOf(form) : [],
  }
}
