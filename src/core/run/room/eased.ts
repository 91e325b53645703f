import type { Form } from '../../library/form'
import type { Ease } from './ease'
import type { CircuitView, ExerciseView, StationView } from './snapshot'

/** The exercise's own rungs, where it has them. */
export function rungsOf(forms: readonly Form[]): Pick<ExerciseView, 'easier' | 'harder'> {
  const rung = (which: 'easier' | 'harder') => {
    const form = forms.find((each) => each.rung === which)
    return form && { [which]: { name: form.name, points: form.points } }
  }
  return { ...rung('easier'), ...rung('harder') }
}

/** The exercise at another ease; what has no such rung stays as it is. */
export function eased(exercise: ExerciseView, ease: Ease = 'usual'): ExerciseView {
  return ease === 'usual' ? exercise : { ...exercise, ...exercise[ease] }
}

const easedStations = (stations: readonly StationView[], ease: Ease = 'usual'): StationView[] =>
  stations.map((station) =>
    ease === 'usual' ? station : { ...station, exercises: station.exercises.map((exercise) => eased(exercise, ease)) },
  )

/** The stations of a circuit as they are at a repeat and lap, and at the ease that everyone has. */
export const stationsAt = (circuit: CircuitView, repeat: number, lap = 0, ease?: Ease): StationView[] =>
  easedStations(circuit.varied?.[`${repeat}/${lap}`] ?? circuit.stations, ease)
