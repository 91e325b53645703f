import { isOwnPace, type Phase, type Timeline } from '../timeline/phase'
import { stationFor } from '../run/room/done-here'
import { linesOf } from '../run/room/eased'
import type { CircuitView, RunSnapshot } from '../run/room/snapshot'
import { stationIn } from '../run/room/station-in'
import type { Measure } from '../results/outcome'
import type { ResultPlace } from '../results/sheet'
import type { Task } from '../results/task'

/** What was to be done at a place, and what somebody does otherwise there. */
export interface TaskAtPlace {
  name: string
  task: Task
  option: string
}

export interface ResultPlaces {
  /** Lists in their order first, then exercises of intervals by load and reps, then the whole class by effort. */
  all: ResultPlace[]
  ofList: (list: Phase) => ResultPlace | undefined
  /** Nothing where there is no such place, or somebody has no station there. */
  taskAt: (at: Pick<ResultPlace, 'place' | 'measure'>, personId: string) => TaskAtPlace | undefined
}

type Located = ResultPlace & { taskOf: (personId: string) => Omit<TaskAtPlace, 'name'> | undefined }

/** Of a list, how long it took, where it is to be finished; else how much of it was done. */
export const measureOf = ({ selfPaced }: Phase): Measure => (selfPaced?.open === undefined ? 'rounds' : 'time')

const listKey = ({ pieceId, repeat, lap = 0, turn = 0, set = 0 }: Phase): string => [pieceId, repeat, lap, turn, set].join('/')

/** The places of a run at which results can be put down. */
export function placesOf(snapshot: RunSnapshot, { phases }: Timeline): ResultPlaces {
  const lists = phases.filter(isOwnPace)
  const ofLists = new Set(lists.map(({ pieceId }) => pieceId))
  const stations = Object.entries(snapshot.circuits).flatMap(([pieceId, circuit]) =>
    ofLists.has(pieceId) ? [] : exercisePlaces(snapshot, pieceId, circuit),
  )
  const all: Located[] = [...lists.map((list) => listPlace(snapshot, list, lists)), ...stations, wholeClass]
  const byKey = new Map(all.map((one) => [`${one.place} ${one.measure}`, one]))
  return {
    all: all.map(placeOnly),
    ofList: (list) => {
      const found = byKey.get(`${listKey(list)} ${measureOf(list)}`)
      return found && placeOnly(found)
    },
    taskAt: ({ place, measure }, personId) => {
      const found = byKey.get(`${place} ${measure}`)
      const task = found?.taskOf(personId)
      return task && { name: found!.name, ...task }
    },
  }
}

const placeOnly = ({ place, measure, name }: ResultPlace): ResultPlace => ({ place, measure, name })

const wholeClass: Located = {
  place: '',
  measure: 'effort',
  name: 'The whole class',
  taskOf: () => ({ task: { measure: 'effort', lines: [] }, option: '' }),
}

function listPlace(snapshot: RunSnapshot, list: Phase, lists: readonly Phase[]): Located {
  const { pieceId, repeat, lap, selfPaced, seconds } = list
  const measure = measureOf(list)
  const cap = selfPaced?.open === undefined ? seconds : selfPaced.capSeconds
  const linesAt = (station: number, who?: string) => {
    const there = stationFor(snapshot, { pieceId, repeat, lap, station }, who)
    return there ? linesOf(there) : []
  }
  return {
    place: listKey(list),
    measure,
    name: listName(list, snapshot, lists),
    taskOf: (personId) => {
      const station = snapshot.circuits[pieceId]?.rotates ? stationIn(snapshot, pieceId, list, personId) : (list.station ?? 0)
      if (station === undefined) return undefined
      const lines = linesAt(station)
      const task = { measure, ...(cap !== undefined && { capSeconds: cap }), lines }
      return { task, option: otherLines(lines, linesAt(station, personId)) }
    },
  }
}

/** The piece, and which of the lists that are called so, where there are several. */
function listName({ pieceId, index }: Phase, { pieceNames }: RunSnapshot, lists: readonly Phase[]): string {
  const name = pieceNames[pieceId] ?? ''
  const same = lists.filter((known) => (pieceNames[known.pieceId] ?? '') === name)
  return same.length > 1 ? `${name} ${same.findIndex((known) => known.index === index) + 1}` : name
}

const exercisePlaces = (snapshot: RunSnapshot, pieceId: string, { stations }: CircuitView): Located[] =>
  stations.flatMap(({ exercises, rest }, station) =>
    (rest ? [] : exercises).flatMap(({ name }, position) =>
      (['load', 'reps'] as const).map((measure): Located => {
        // Of a load, how much is the result, and what is asked for no part of the task.
        const shown = (who?: string) => {
          const exercise = stationFor(snapshot, { pieceId, repeat: 0, lap: 0, station }, who)?.exercises[position]
          return exercise ? [measure === 'load' || !exercise.how ? exercise.name : `${exercise.name}, ${exercise.how}`] : []
        }
        return {
          place: [pieceId, station, position].join('/'),
          measure,
          name,
          taskOf: (personId) => ({ task: { measure, lines: shown() }, option: otherLines(shown(), shown(personId)) }),
        }
      }),
    ),
  )

const otherLines = (everyones: readonly string[], theirs: readonly string[]): string =>
  theirs.filter((line, index) => line !== everyones[index]).join('; ')
