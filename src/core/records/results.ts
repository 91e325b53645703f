import { groupBy, uniqBy } from 'es-toolkit'
import { isOwnPace, type Phase } from '../timeline/phase'
import { foldEvents } from '../run/clock/apply'
import type { RunEvent } from '../run/clock/events'
import type { RunSnapshot } from '../run/room/snapshot'
import { doneWords, standingsIn, type Standing } from './standing'

/** What was tapped in one self-paced part of a run. */
export interface PartResult {
  /** The same in every run of the same part. */
  key: string
  pieceId: string
  name: string
  /** What each person has done, as it is read: a time, or rounds. Who was not tapped is not there. */
  done: Done[]
}

export interface Done {
  personId: string
  words: string
  /** The time, else the rounds. */
  measure: Pick<Standing, 'finished' | 'rounds'>
  /** What they did in it the time before. */
  before?: string
  /** Better than every time before. */
  best?: true
}

/** The results of a run, part by part in the order of the class, in each the first first. */
export function resultsOf(snapshot: RunSnapshot, events: readonly RunEvent[]): PartResult[] {
  const { timeline, taps } = foldEvents(snapshot.timeline, events)
  return timeline.phases.flatMap((phase): PartResult[] => {
    if (!isOwnPace(phase)) return []
    const done = standingsIn(snapshot, taps, phase.index).flatMap((standing) => {
      const words = doneWords(standing)
      return words === ''
        ? []
        : [
            {
              personId: standing.personId,
              words,
              measure: { rounds: standing.rounds, ...(standing.finished !== undefined && { finished: standing.finished }) },
            },
          ]
    })
    return done.length === 0
      ? []
      : [
          {
            key: [phase.pieceId, phase.repeat, phase.lap ?? 0, phase.turn ?? 0, phase.set ?? 0].join('/'),
            pieceId: phase.pieceId,
            name: nameOf(phase, snapshot, timeline.phases),
            done,
          },
        ]
  })
}

/** The piece, and which of its lists, where it has more than one. */
function nameOf(phase: Phase, { pieceNames }: RunSnapshot, phases: readonly Phase[]): string {
  const same = phases.filter((known) => isOwnPace(known) && known.pieceId === phase.pieceId)
  const name = pieceNames[phase.pieceId] ?? ''
  return same.length > 1 ? `${name} ${same.indexOf(phase) + 1}` : name
}

/** Whether somebody has got further: finished sooner, or at all, or else more rounds. */
const isBetter = (one: Done['measure'], other: Done['measure']): boolean =>
  one.finished === undefined && other.finished === undefined
    ? one.rounds > other.rounds
    : (one.finished ?? Infinity) < (other.finished ?? Infinity)

/** Each with what everyone did in the same part the time before, and whether it is their best yet; the latest run first. */
export const compared = (runs: readonly PartResult[][]): PartResult[][] =>
  runs.map((parts, index) => {
    const earlier = runs.slice(index + 1).flat()
    const before = (key: string, personId: string) =>
      earlier.flatMap((part) => (part.key === key ? part.done : [])).filter((entry) => entry.personId === personId)
    return parts.map((part) => ({
      ...part,
      done: part.done.map((entry) => {
        const [last, ...others] = before(part.key, entry.personId)
        if (!last) return entry
        const best = [last, ...others].every((time) => isBetter(entry.measure, time.measure))
        return { ...entry, before: last.words, ...(best && { best }) }
      }),
    }))
  })

/** What each person did last in the parts of these pieces, of runs the latest first; the parts in the order of their run. */
export function lastTime(runs: readonly PartResult[][], pieceIds: ReadonlySet<string>): PartResult[] {
  const parts = runs.flat().filter(({ pieceId }) => pieceIds.has(pieceId))
  return Object.values(groupBy(parts, ({ key }) => key)).map((same) => ({
    ...same[0]!,
    done: uniqBy(
      same.flatMap(({ done }) => done),
      ({ personId }) => personId,
    ),
  }))
}
