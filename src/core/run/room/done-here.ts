import { eased, madeSlower, stationsAt } from './eased'
import type { Ease } from './ease'
import { ownAt, type DonePlace } from './own-doings'
import type { ExerciseView, OwnDoing, RunSnapshot, StationView } from './snapshot'

const resting: ExerciseView = { name: 'Rest', points: [], sides: 'none', how: 'this lap is yours to rest' }

/**
 * A station as it is at a repeat and lap: as everyone finds it (one of `stationsAt`, which shared screens and cues read); for one
 * person with their options, sizes, doses and ease, for whom `stationsAt` would be wrong.
 */
export function stationFor(
  snapshot: RunSnapshot,
  place: Omit<DonePlace, 'position'>,
  personId?: string,
): (StationView & { rounds?: number }) | undefined {
  const circuit = snapshot.circuits[place.pieceId]
  if (!circuit) return undefined
  if (personId === undefined) return stationsAt(circuit, place.repeat, place.lap, snapshot.ease)[place.station]
  const planned = stationsAt(circuit, place.repeat, place.lap)[place.station]
  if (!planned) return undefined
  const ease = snapshot.people.find(({ id }) => id === personId)?.ease ?? snapshot.ease ?? 'usual'
  const own = planned.exercises.map((_, position) => ownAt(snapshot, personId, { ...place, position }))
  const rounds = own.find((doing) => doing?.rounds !== undefined)?.rounds
  return {
    ...planned,
    exercises: planned.exercises.map((exercise, position) => ownExercise(exercise, own[position], ease, place.lap ?? 0)),
    ...(rounds !== undefined && { rounds }),
  }
}

function ownExercise(planned: ExerciseView, own: OwnDoing | undefined, ease: Ease, lap: number): ExerciseView {
  if (!own) return eased(planned, ease)
  const { watch: _, dose: __, keeps, laps, rounds: ___, ...mine } = own
  if (laps !== undefined && lap >= laps) return { ...resting, ...(planned.line !== undefined && { line: 'rest' }) }
  const done: ExerciseView = mine.name === planned.name ? { ...planned, ...mine } : { points: [], ...mine }
  // An option of one's own is kept, whatever everyone does, and so is what would ask too much.
  const isKept = done.name !== planned.name || keeps?.includes(ease)
  if (ease === 'usual' || (isKept && ease === 'harder')) return done
  if (isKept || (ease === 'easier' && !planned.easier)) return madeSlower(done)
  return { ...done, ...done[ease] }
}
