import type { z } from 'zod'
import { midSentence } from '../../base/mid-sentence'
import type { HallLibrary } from '../../class/compute'
import type { Choices } from '../../gear/choices'
import { doingOf, type Doing, type Known } from '../../doing/doing'
import { knownIn } from '../../doing/exceptions'
import { strainNames } from '../../library/exercise'
import { formsOf } from '../../library/form'
import type { Doer } from '../../options/form-for'
import type { Circuit, Dose, Plan, Station, Stay, Use } from '../../plan/plan'
import { differing } from '../../plan/as-done'
import { everyCircuit } from '../../plan/every-circuit'
import { detailsOf, itemText, paceText } from '../../summary/items'
import { listOrder } from '../../summary/list-lines'
import type { Paces } from '../../pace/pace'
import { listMarks } from '../../timeline/list-marks'
import type { Seconds } from '../../base/units'
import { eases } from './ease'
import { rungsOf } from './eased'
import { keyOfFigure } from './figure-key'
import { gatherOwn, placeKey } from './own-doings'
import type { ExerciseView, OwnDoing, OwnDoings, StationView } from './snapshot'

/** Where a use stands: in an interval of so many seconds, or as an item of a list, under rungs or not. */
interface Standing {
  seconds?: Seconds | undefined
  item?: { onRungs: boolean }
}

const standingOf = (stay: Stay, position: number): Standing =>
  stay.kind === 'task' ? { item: { onRungs: stay.rungs !== undefined } } : { seconds: stay.workSeconds[position] }

/** What is done, as screens show it. */
function viewOf(doing: Doing, known: Known, { seconds, item }: Standing): ExerciseView {
  const { use, form, name, loads } = doing
  const worked = doing.workedSeconds !== undefined && seconds !== undefined && doing.workedSeconds < seconds
  const details = detailsOf(loads.length > 0 ? { ...use, load: undefined } : use, seconds)
  const own = [
    ...loads.map(({ kindName, sizeLabel }) => `${midSentence(kindName)} ${sizeLabel}`),
    ...(worked ? [`work ${doing.workedSeconds} of ${seconds} s, then rest`] : []),
    ...(doing.restSeconds ? [`rest ${doing.restSeconds} s after it`] : []),
  ]
  const note = use.note ? [use.note] : []
  const lineOf = (called: string) =>
    [itemText({ ...use, ...(loads.length > 0 && { load: undefined }) }, called, item?.onRungs), ...own, ...note].join(', ')
  const exercise = known.exercises.get(use.exerciseId)
  return {
    name,
    points: form?.points ?? [],
    sides: use.sides,
    how: [...own.slice(0, loads.length), ...details, ...own.slice(loads.length), ...note].join(', '),
    ...(item && { line: lineOf(name) }),
    ...(form && keyOfFigure(form)),
    ...(use.tempo && { tempo: use.tempo }),
    ...(use.reps && seconds !== undefined && { reps: use.reps.count }),
    ...(exercise && use.optionId === undefined && rungsOf(formsOf(exercise), item && lineOf)),
  }
}

/** The stations of a circuit, as it stands at a repeat and lap, as everyone finds them. */
export function stationViews(library: HallLibrary, paces: Paces): (circuit: Circuit) => StationView[] {
  const known = knownIn(library)
  const view = (circuit: Circuit, station: Station): StationView => {
    const stay = station.stay ?? circuit.stay
    return {
      rest: station.rest,
      ...(stay.kind === 'task' && {
        list: {
          lines: listOrder(stay, station.uses.length),
          aim: paceText(stay, station.uses, paces),
          marks: listMarks(stay, station.uses, paces),
        },
      }),
      exercises: station.uses.map((use, position) => viewOf(doingOf(use, undefined, known), known, standingOf(stay, position))),
    }
  }
  return (circuit) => circuit.stations.map((station) => view(circuit, station))
}

/** What each of these people does for themselves, wherever it is not quite what everyone does. Who is alike does alike. */
export function ownDoings(plan: Plan, people: readonly Doer[], library: HallLibrary, choices: Choices): OwnDoings {
  const alike = new Map<string, Doer[]>()
  for (const person of people) {
    const { level, goEasy, loads, shows } = person
    const chosen = [...choices].flatMap(([useId, taken]) => (taken.get(person) ? [[useId, taken.get(person)]] : []))
    const key = JSON.stringify([level, goEasy, loads, shows, chosen])
    alike.set(key, [...(alike.get(key) ?? []), person])
  }
  const ofFirsts = doingsOf(
    plan,
    [...alike.values()].map(([first]) => first!),
    knownIn(library, choices),
  )
  const wayByPerson = [...alike.values()].flatMap((group) => {
    const way = ofFirsts.of[group[0]!.id]
    return way === undefined ? [] : group.map(({ id }): [string, number] => [id, way])
  })
  return { ...ofFirsts, of: Object.fromEntries(wayByPerson) }
}

function doingsOf(plan: Plan, people: readonly Doer[], known: Known): OwnDoings {
  const { add, own } = gatherOwn()
  for (const planned of everyCircuit(plan)) {
    const ways = [
      { repeat: 0, lap: 0, circuit: planned, varies: false },
      ...differing(plan, planned).map((way) => ({ ...way, varies: true })),
    ]
    for (const { repeat, lap, circuit, varies } of ways)
      circuit.stations.forEach((station, index) =>
        station.uses.forEach((use, position) => {
          const asPlanned = planned.stations[index]!
          const stay = station.stay ?? circuit.stay
          // What is the same as ever at this repeat and lap is found as ever.
          if (varies && use === asPlanned.uses[position] && stay === (asPlanned.stay ?? planned.stay)) return
          const standing = standingOf(stay, position)
          const everyones = viewOf(doingOf(use, undefined, known), known, standing)
          const asEveryone = JSON.stringify(everyones)
          const key = placeKey({ pieceId: planned.id, repeat, lap, station: index, position }, varies)
          for (const person of people) {
            const doing = ownDoing(use, person, known, standing)
            if (JSON.stringify(doing) !== asEveryone) add(person.id, key, differingFrom(everyones, doing))
            else if (varies) add(person.id, key, undefined)
          }
        }),
      )
  }
  return own()
}

/** Of one's own doing what differs: of the same exercise, its points, rungs and picture are as everyone has them. */
function differingFrom(everyones: ExerciseView, doing: OwnDoing): OwnDoing {
  if (doing.name !== everyones.name || doing.line !== undefined) return doing
  const { points: _, easier: __, harder: ___, figure: ____, ...own } = doing
  return own
}

function ownDoing(use: Use, person: Doer, known: Known, standing: Standing): OwnDoing {
  const doing = doingOf(use, person, known, standing.item !== undefined)
  const { why, unspared, laps, rounds } = doing
  const text = [doing.name, ...doing.loads.map(({ sizeLabel }) => sizeLabel)].join(', ')
  const keeps = keptFrom(use, person, known)
  const dose = doseWords(use.dose?.[person.level], standing)
  return {
    ...viewOf(doing, known, standing),
    ...(why !== undefined && {
      watch: unspared
        ? `${doing.name}: nothing of it spares ${unspared.map((strain) => strainNames[strain]).join(', ')}`
        : `${text} (${why})`,
    }),
    ...(dose && { dose }),
    ...(keeps.length > 0 && { keeps }),
    ...(laps !== undefined && { laps }),
    ...(rounds !== undefined && { rounds }),
  }
}

/** What of a level's dose the coach keeps in mind; the laps worked are told in the lap that is rested. */
function doseWords(dose: z.infer<typeof Dose> | undefined, { seconds, item }: Standing): string {
  if (!dose) return ''
  const { reps, seconds: worked, rounds, restSeconds } = dose
  return [
    ...(reps === undefined ? [] : [reps === 1 ? '1 rep' : `${reps} reps`]),
    ...(worked === undefined ? [] : item ? [`${worked} s`] : seconds && worked < seconds ? [`works ${worked} of ${seconds} s`] : []),
    ...(rounds === undefined ? [] : [rounds === 1 ? '1 round' : `${rounds} rounds`]),
    ...(restSeconds ? [`rests ${restSeconds} s after it`] : []),
  ].join(', ')
}

/** The rungs of an exercise that ask what somebody goes easy on, though what they do does not. */
function keptFrom(use: Use, { goEasy }: Doer, { exercises }: Known): OwnDoing['keeps'] & object {
  const exercise = exercises.get(use.exerciseId)
  if (!exercise || goEasy.length === 0) return []
  return eases.filter((ease) => formsOf(exercise).some((form) => form.rung === ease && form.asks.some((strain) => goEasy.includes(strain))))
}
