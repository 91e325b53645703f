import type { RunRecord } from '../records/run-record'
import type { ClassTrend } from './class-trend'

/** A line of the log; nothing of it is read out of a snapshot. */
export interface LogEntry {
  id: string
  classId: string
  className: string
  roomName: string
  /** By name, those who have left too. */
  people: string[]
  startedAt: string | null
  endedAt: string | null
  /** Absent where the run cannot be read. */
  plannedSeconds?: number
  slotSeconds?: number
  record?: RunRecord
}

/** A page of the log, the latest first; `older` is where the next begins. */
export interface LogPage {
  entries: LogEntry[]
  older?: string
}

/** What each person did last at a place of a piece. */
export interface LastDone {
  place: string
  measure: string
  name: string
  done: { personId: string; words: string; at: string }[]
}

export interface ClassLog {
  /** Its own, those of its series, and of classes that are called the same, the latest first. */
  log: LogEntry[]
  trend: ClassTrend
  /** What everyone did last in the pieces that the class has, in whichever class: what it goes on from. */
  last: LastDone[]
}
