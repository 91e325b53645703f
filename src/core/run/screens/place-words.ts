import type { Phase, Place } from '../../timeline/phase'
import type { RunSnapshot } from '../room/snapshot'

/** Which of how many, both from 1. */
interface Count {
  at: number
  of: number
}

/** Where the class is, as the timeline now has it: what is not there is one of one, or does not apply. */
export interface WhereWeAre {
  /** Of the times that a part is gone through. */
  time?: Count
  lap?: Count
  /** Of the turns of a lap, where people move on. */
  turn?: Count
  set?: Count
  /** Of a ladder that the room climbs together. */
  rung?: Count
  /** Of the exercises of a lap that all do together, or of a stay. */
  exercise?: Count
  /** Of the blocks of exercises of a lap, where each has several. */
  block?: Count
}

const several = (at: number, most: number): Count | undefined => (most > 1 ? { at: at + 1, of: most } : undefined)

/**
 * Where a work stands, counted from the timeline as it now is, which may have lost laps, sets or stations under way: the one
 * answer of wall, stations, cards, controls and voice.
 */
export function whereWeAre(snapshot: RunSnapshot, work: Phase): WhereWeAre {
  const circuit = snapshot.circuits[work.pieceId]
  const works = snapshot.timeline.phases.filter((phase) => phase.kind === 'work' && phase.pieceId === work.pieceId)
  const inRepeat = works.filter(({ repeat }) => repeat === work.repeat)
  const inLap = inRepeat.filter(({ lap }) => lap === work.lap)
  const inStay = inLap.filter(({ turn, station }) => turn === work.turn && station === work.station)
  // What is over may have had more than what is to come: nothing is ever the third of two.
  const most = (phases: readonly Phase[], field: keyof Pick<Place, 'repeat' | 'lap' | 'set' | 'position' | 'rung'>) =>
    1 + phases.reduce((highest, phase) => Math.max(highest, phase[field] ?? 0), 0)
  const positions = most(inStay, 'position')
  const stays = [...new Set(inLap.map(({ turn, station }) => `${turn}/${station}`))]
  const stay = stays.indexOf(`${work.turn}/${work.station}`)
  const counts = {
    time: several(work.repeat, most(works, 'repeat')),
    lap: several(work.lap ?? 0, most(inRepeat, 'lap')),
    set: several(work.set ?? 0, most(inStay, 'set')),
    rung: several(work.rung ?? 0, most(inStay, 'rung')),
    ...(circuit?.rotates
      ? { turn: several((work.turn ?? 0) % circuit.turnsPerLap, circuit.turnsPerLap), exercise: several(work.position ?? 0, positions) }
      : positions > 1
        ? { block: several(stay, stays.length), exercise: several(work.position ?? 0, positions) }
        : { exercise: several(stay, stays.length) }),
  }
  return Object.fromEntries(Object.entries(counts).filter(([, count]) => count !== undefined))
}

/**
 * The same in words: `Lap 1 of 2 · turn 3 of 8`, `Time 2 of 3 · round 2 of 4 · set 3 of 5 · exercise 2 of 3`. Empty where all
 * is one of one.
 */
export function placeWords(snapshot: RunSnapshot, work: Phase): string {
  const { time, lap, turn, block, set, rung, exercise } = whereWeAre(snapshot, work)
  const lapName = snapshot.circuits[work.pieceId]?.rotates ? 'lap' : 'round'
  const named: [string, Count | undefined][] = [
    ['time', time],
    [lapName, lap],
    ['turn', turn],
    ['block', block],
    ['set', set],
    ['exercise', exercise],
    ['rung', rung],
  ]
  const text = named.flatMap(([name, count]) => (count ? [`${name} ${count.at} of ${count.of}`] : [])).join(' · ')
  return text.charAt(0).toUpperCase() + text.slice(1)
}
