import type { Form } from '../../library/form'
import { slower, type Ease } from './ease'
import { keyOfFigure } from './figure-key'
import type { CircuitView, ExerciseView, StationView } from './snapshot'

/** The exercise's own rungs, where it has them; `lineOf` says how a list reads them out. */
export function rungsOf(forms: readonly Form[], lineOf?: (name: string) => string): Pick<ExerciseView, 'easier' | 'harder'> {
  const rung = (which: 'easier' | 'harder') => {
    const form = forms.find((known) => known.rung === which)
    return form && { [which]: { name: form.name, points: form.points, ...keyOfFigure(form), ...(lineOf && { line: lineOf(form.name) }) } }
  }
  return { ...rung('easier'), ...rung('harder') }
}

/** The exercise at another ease: its rung, or, where it has no easier one, done slower; what has no harder rung stays as it is. */
export function eased(exercise: ExerciseView, ease: Ease = 'usual'): ExerciseView {
  if (ease === 'usual') return exercise
  if (exercise[ease]) return { ...exercise, ...exercise[ease] }
  return ease === 'easier' ? madeSlower(exercise) : exercise
}

/** Made easier by the way it is done. */
export const madeSlower = (exercise: ExerciseView): ExerciseView => ({
  ...exercise,
  how: [exercise.how, slower].filter(Boolean).join(', '),
  ...(exercise.line !== undefined && { line: `${exercise.line}, ${slower}` }),
})

const easedStations = (stations: readonly StationView[], ease: Ease = 'usual'): StationView[] =>
  stations.map((station) =>
    ease === 'usual' ? station : { ...station, exercises: station.exercises.map((exercise) => eased(exercise, ease)) },
  )

/** The stations of a circuit as they are at a repeat and lap, and at the ease that everyone has. */
export const stationsAt = (circuit: CircuitView, repeat: number, lap = 0, ease?: Ease): StationView[] =>
  easedStations(circuit.varied?.[`${repeat}/${lap}`] ?? circuit.stations, ease)

/** The lines of a station's list as they are read out; empty where it has none. */
export const linesOf = ({ list, exercises }: StationView): string[] =>
  list?.lines.map((line) => (typeof line === 'string' ? line : (exercises[line]?.line ?? exercises[line]?.name ?? ''))) ?? []
