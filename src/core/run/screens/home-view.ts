import { stationsAt } from '../room/eased'
import type { ExerciseView, RunSnapshot } from '../room/snapshot'
import type { RunState } from '../clock/state'
import { exerciseAt } from './sides-now'
import { isAhead } from '../room/whereabouts'

/** What those who follow from home do: they go through the stations in their order, with their own gear. */
export interface HomeView {
  exercise: ExerciseView
  /** Whether it is on, or comes next. */
  coming: boolean
  next?: string
}

export function homeView(snapshot: RunSnapshot, state: RunState): HomeView | undefined {
  const { phases } = snapshot.timeline
  if (state.status === 'finished') return undefined
  const works = phases.slice(state.phase.index).filter((phase) => phase.kind === 'work')
  const doneIn = (work: (typeof works)[number] | undefined) => {
    const circuit = work && snapshot.circuits[work.pieceId]
    if (!circuit?.rotates) return undefined
    const stations = stationsAt(circuit, work!.repeat, work!.lap, snapshot.ease)
    return exerciseAt(stations[(work!.turn ?? 0) % stations.length], work!)
  }
  const exercise = doneIn(works[0])
  if (!exercise) return undefined
  const next = works
    .slice(1)
    .find((work) => work.turn !== works[0]!.turn || work.pieceId !== works[0]!.pieceId || work.position !== works[0]!.position)
  const follows = doneIn(next)?.name
  return { exercise, coming: isAhead(state, works[0]!), ...(follows && { next: follows }) }
}
