import { exercisesById } from '@core/library/by-id'
import type { Exercise } from '@core/library/exercise'
import { formOf } from '@core/library/form'
import { limits } from '@core/base/limits'
import type { Piece, Stay, Use, Variation } from '@core/plan/plan'
import { figureNames } from '@core/summary/rule-words'
import { sideWords } from '@core/summary/sentence/use-clauses'
import { formatSeconds, parseSeconds } from '@core/base/units'
import { countNotation, decimalNotation, textNotation, timeNotation, type Notation } from '../../../kit/notation'
import { written } from '../sentence/slot-notation'

export type VaryField = Variation['field']

/** What may differ: the circuit itself, a station with a stay of its own, one exercise at a station, or a pause. */
export interface VaryTarget {
  id: string
  label: string
  fields: VaryField[]
  stay?: Stay
  /** Seconds between stations, of the circuit itself. */
  transition?: number
  use?: Use
  /** Of a pause. */
  seconds?: number
}

export const fieldNames: Record<VaryField, string> = {
  ...figureNames,
  openerCount: 'opener items',
  rungs: 'rungs',
  aimRounds: 'aim, rounds',
  exerciseId: 'exercise',
  optionId: 'option',
  load: 'load, kg',
  effort: 'effort',
  machine: 'machine',
  tempo: 'tempo',
  sides: 'sides',
}

const stayFields = (stay: Stay): VaryField[] =>
  stay.kind === 'intervals' ? ['workSeconds', 'gapSeconds', 'setRestSeconds'] : ['capSeconds', 'aimRounds', 'rungs', 'openerCount']

/** All of a piece that may differ from lap to lap or from one time through to the next. */
export function targetsOf(piece: Piece, exercises: readonly Exercise[]): VaryTarget[] {
  if (piece.type === 'pause') return [{ id: piece.id, label: 'its length', fields: ['seconds'], seconds: piece.seconds }]
  const byId = exercisesById(exercises)
  const stations = piece.stations.flatMap((station, index): VaryTarget[] => {
    const stay = station.stay ?? piece.stay
    const uses = station.uses.map((use): VaryTarget => {
      const exercise = byId.get(use.exerciseId)
      const how: VaryField[] = ['reps', 'load', 'sides', 'tempo', 'effort', 'machine']
      return {
        id: use.id,
        label: `station ${index + 1}, ${exercise ? formOf(exercise, use.optionId).name : use.exerciseId}`,
        fields: [
          'exerciseId',
          ...(exercise && exercise.options.length > 0 ? ['optionId' as const] : []),
          ...(stay.kind === 'task' ? ['seconds' as const] : []),
          ...how,
        ],
        use,
      }
    })
    return station.stay
      ? [{ id: station.id, label: `station ${index + 1}, its own length`, fields: stayFields(stay), stay }, ...uses]
      : uses
  })
  const whole: VaryTarget = {
    id: piece.id,
    label: 'all stations',
    fields: [...stayFields(piece.stay), 'transitionSeconds'],
    stay: piece.stay,
    transition: piece.transition.seconds,
  }
  return [whole, ...stations]
}

/** What a field of it is where nothing is said of a lap or time. */
export function baseOf(field: VaryField, { stay, use, transition, seconds }: VaryTarget): Variation['value'] | undefined {
  if (field === 'transitionSeconds') return transition
  if (field === 'seconds') return use ? use.seconds : seconds
  const own = (use ?? stay) as Partial<Record<VaryField, Variation['value']>> | undefined
  return own?.[field]
}

/** How the new value is asked for. Its `read` gives the value as a variation holds it. */
export type Entry =
  | { kind: 'text'; notation: Notation<unknown> }
  | { kind: 'choice'; choices: { value: string; label: string }[] }
  | { kind: 'exercise' }

/** A notation whose values are wrapped for the plan, such as kilograms into a load. */
const wrapped = <Inner, Value>(
  inner: Notation<Inner>,
  wrap: (value: Inner) => Value,
  unwrap: (value: Value) => Inner,
): Notation<unknown> => ({
  show: (value) => inner.show(unwrap(value as Value)),
  read: (text) => {
    const value = inner.read(text)
    return value === undefined ? undefined : wrap(value)
  },
  allowed: inner.allowed,
})

const plain = <Value>(inner: Notation<Value>): Notation<unknown> =>
  wrapped(
    inner,
    (value: Value) => value,
    (value: Value) => value,
  )

const works = (positions: number): Notation<number[]> => ({
  show: (value) => value.map(formatSeconds).join(' + '),
  read: (text) => {
    const read = text.split(/\s*\+\s*/).map((one) => parseSeconds(one))
    return read.length === positions && read.every((known) => known !== undefined && known >= 1) ? (read as number[]) : undefined
  },
  allowed: positions === 1 ? 'A time such as 0:30' : `${positions} times, such as ${Array(positions).fill('0:30').join(' + ')}`,
})

export function entryFor(field: VaryField, target: VaryTarget, exercises: readonly Exercise[]): Entry {
  const text = (notation: Notation<unknown>): Entry => ({ kind: 'text', notation })
  switch (field) {
    case 'exerciseId':
      return { kind: 'exercise' }
    case 'optionId':
      return {
        kind: 'choice',
        choices: (exercisesById(exercises).get(target.use?.exerciseId ?? '')?.options ?? []).map(({ id, name }) => ({
          value: id,
          label: name,
        })),
      }
    case 'sides':
      return { kind: 'choice', choices: Object.entries(sideWords).map(([value, label]) => ({ value, label })) }
    case 'workSeconds':
      return text(plain(works(target.stay?.kind === 'intervals' ? target.stay.workSeconds.length : 1)))
    case 'rungs':
      return text(plain(written.rungs))
    case 'aimRounds':
      return text(plain(countNotation(1, limits.reps)))
    case 'openerCount':
      return text(plain(countNotation(0, limits.uses)))
    case 'reps':
      return text(
        wrapped(
          countNotation(1, limits.reps),
          (count) => ({ count, counted: target.use?.reps?.counted ?? 'total' }),
          (reps) => reps.count,
        ),
      )
    case 'load':
      return text(
        wrapped(
          decimalNotation(0.1, 500, 'kilograms'),
          (kilograms) => ({ kilograms }),
          (load) => load.kilograms,
        ),
      )
    case 'tempo':
      return text(
        wrapped(
          written.tempo,
          (figures) => ({ figures, from: target.use?.tempo?.from ?? 'top' }),
          (tempo) => tempo.figures,
        ),
      )
    case 'effort':
    case 'machine':
      return text(plain(textNotation(limits.nameLength)))
    case 'capSeconds':
      return text(plain(timeNotation(1, 3600)))
    case 'seconds':
      return text(plain(timeNotation(target.use ? 1 : 0, 3600)))
    default:
      return text(plain(timeNotation(0, 3600)))
  }
}
