import type { Figure } from '../../figure/figure'
import type { PairsWork, Sides, Use } from '../../plan/plan'
import type { ListLine } from '../../summary/list-lines'
import type { ListMarks } from '../../timeline/list-marks'
import type { Timeline } from '../../timeline/phase'
import type { Milliseconds, Seconds } from '../../base/units'
import type { Ease } from './ease'
import type { NotedChange } from './noted-change'

export interface ExerciseView {
  name: string
  points: string[]
  sides: Sides
  how: string
  /** As an item of a list is read out. */
  line?: string
  /** For the count of an interval: its tempo, or its reps at an even pace. */
  tempo?: NonNullable<Use['tempo']>
  reps?: number
  /** Under which its picture is kept. */
  figure?: string
  /** Its rungs, for whom it is made easier or harder under way. */
  easier?: Pick<ExerciseView, 'name' | 'points' | 'line' | 'figure'>
  harder?: Pick<ExerciseView, 'name' | 'points' | 'line' | 'figure'>
}

/** What somebody does where it is not quite what everyone does. */
export interface OwnDoing extends Omit<ExerciseView, 'points'> {
  /** Absent where they are as everyone has them. */
  points?: string[]
  /** What the coach watches for, with its reason; absent where it is only a size or a figure of one's own. */
  watch?: string
  /** What of it is the dose of their level: fewer reps, rounds or seconds. */
  dose?: string
  /** What it must not become, whatever everyone does. */
  keeps?: Ease[]
  /** Laps that are worked; the later ones are rested through. */
  laps?: number
  /** Rounds of a list. */
  rounds?: number
}

/**
 * What people do for themselves, each thing once: the `ways` in which somebody goes through the class, which thing is done at
 * `piece/station/position` (with `/repeat/lap` where that differs; -1: what everyone does), and which way each person goes.
 */
export interface OwnDoings {
  doings: OwnDoing[]
  ways: Record<string, number>[]
  of: Record<string, number>
}

/** A picture, and how long a rep of it usually takes. */
export interface KeptFigure {
  figure: Figure
  repSeconds: Seconds
}

export interface StationView {
  /** One for each position. */
  exercises: ExerciseView[]
  rest: boolean
  /** The lines of a self-paced list, items by their number, and what is aimed at. */
  list?: { lines: ListLine[]; aim: string; marks?: ListMarks }
}

/** What is carried at a station when people come to it from another circuit. */
export interface Carried {
  away: string[]
  here: string[]
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
  /** The same at repeats of the part that have been, or are under way, since something changed: what is past stays as it was. */
  turnsBefore?: Record<string, number[][][]>
  /** The same as it would be with every station open; absent while none was ever closed. */
  plannedTurns?: number[][][]
  /** Ids of the people of each unit that moves, where they are not the groups of the class. */
  units?: string[][]
  say?: string
  /** With which item of a list each person begins, so that nobody waits for gear: by station (from 0) and person. */
  begins?: Record<string, Record<string, number>>
  /** What the longest of its ways takes whoever is slowest, where its stations have spots. */
  walkSeconds?: Seconds
  /** What each unit brings along to a station, by `station/unit`, where there is too little to stand at every station. */
  brings?: Record<string, string[]>
  /** How one crosses to the next station, where the plan says so. */
  cross?: string
  /** Stations (from 0) that are out of order. */
  closed?: number[]
  /** By the circuit before it, station by station, where gear is carried between them. */
  carried?: Record<string, Carried[]>
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
  /** The same by their ids. */
  showing?: Partial<Record<'easier' | 'standard' | 'harder', string>>
  timeline: Timeline
  /** Ids of the people of each group. */
  groups: string[][]
  people: {
    id: string
    name: string
    /** On screens that all see: another name, or none. */
    shownAs?: string | null
    /** Whose name nobody took. */
    counted?: true
    /** Wants to be on no board. */
    offBoards?: true
    goEasy: string[]
    goEasyNote: string
    ease?: Ease
    onBreak?: boolean
  }[]
  /** Who was here and has left. */
  left?: { id: string; name: string; shownAs?: string | null }[]
  /** What was changed in it under way. */
  changes?: NotedChange[]
  /** How often somebody has asked for something on their card. */
  asks?: number
  /** How hard it is made for everyone, under way. */
  ease?: Ease
  /**
   * Stations (from 0) of those who have traded places or come late, by person and `piece/turn/repeat`, in the turns before they did; -1
   * where a late arrival was not there yet.
   */
  been?: Record<string, Record<string, number>>
  /** Whether the room sees how people stand in self-paced parts. */
  scores?: boolean
  /** Whether people tap their own rounds and finish on their cards. */
  ownTaps?: boolean
  /** By the id of the piece: a circuit, or a pause by its name. */
  circuits: Record<string, CircuitView>
  pieceNames: Record<string, string>
  notes: Record<string, string>
  /** The pictures of what is done, each once. */
  figures?: Record<string, KeptFigure>
  own?: OwnDoings
}
