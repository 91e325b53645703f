import type { PairsWork, Sides, Use } from '../../plan/plan'
import type { ListMarks } from '../../timeline/list-marks'
import type { Timeline } from '../../timeline/phase'
import type { Milliseconds, Seconds } from '../../base/units'
import type { Ease } from './ease'

export interface ExerciseView {
  name: string
  points: string[]
  sides: Sides
  how: string
  /** For the count of an interval: its tempo, or its reps at an even pace. */
  tempo?: NonNullable<Use['tempo']>
  reps?: number
  /** Its rungs, for whom it is made easier or harder under way. */
  easier?: Pick<ExerciseView, 'name' | 'points'>
  harder?: Pick<ExerciseView, 'name' | 'points'>
}

export interface StationView {
  /** One for each position. */
  exercises: ExerciseView[]
  rest: boolean
  /** The lines of a self-paced list as they are read out, and what is aimed at. */
  list?: { items: string[]; aim: string; marks?: ListMarks }
}

export interface CircuitView {
  name: string
  rotates: boolean
  laps: number
  turnsPerLap: number
  pairs: PairsWork
  pairsSentence: string
  stations: StationView[]
  /** The stations where they differ at a repeat and lap, by `repeat/lap`. */
  varied?: Record<string, StationView[]>
  /** Groups at each station, turn by turn; absent when all do the same together. */
  turns?: number[][][]
  /** Ids of the people of each unit that moves, where they are not the groups of the class. */
  units?: string[][]
  say?: string
  /** Stations (from 0) that are out of order. */
  closed?: number[]
}

/**
 * A class as it was when its run began: all that controls and wall show. Later changes to the plan, the people or the library do
 * not reach into a running class.
 */
export interface RunSnapshot {
  name: string
  roomName: string
  startsAt: Milliseconds
  slotSeconds: Seconds
  sentences: [string, string]
  /** Whom to follow for the easier, standard and harder version. */
  follow?: string
  timeline: Timeline
  /** Ids of the people of each group. */
  groups: string[][]
  people: { id: string; name: string; goEasy: string[]; goEasyNote: string; ease?: Ease; onBreak?: boolean }[]
  /** Who was here and has left. */
  left?: { id: string; name: string }[]
  /** How often somebody has asked for something on their card. */
  asks?: number
  /** How hard it is made for everyone, under way. */
  ease?: Ease
  /**
   * Stations (from 0) of those who have traded places or come late, by person and `piece/turn`, in the turns before they did; -1
   * where a late arrival was not there yet.
   */
  been?: Record<string, Record<string, number>>
  /** Whether the room sees how people stand in self-paced parts. */
  scores?: boolean
  /** By the id of the piece: a circuit, or a pause by its name. */
  circuits: Record<string, CircuitView>
  pieceNames: Record<string, string>
  notes: Record<string, string>
  /** Who does something else than everyone (runs of before have it not): at a station (from 0) and position of a piece. */
  exceptions?: { personId: string; pieceId: string; station: number; position: number; text: string }[]
  /** What each person does at each station (from 0) and position, for their cards: the form, and its load and dose. */
  doings?: { personId: string; pieceId: string; station: number; position: number; name: string; how: string }[]
}
