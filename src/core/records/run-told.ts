import type { ResultsSheet } from '../results/sheet'
import type { Block } from '../timeline/blocks'
import type { Pressed } from './actual'
import type { ToldChange } from './changes-told'
import type { Attendance } from './did'
import type { RunRecord } from './run-record'

/** What somebody added to a run, long after it. */
export interface Note {
  id: string
  text: string
  by: string
  at: string
}

/** A run as it happened. */
export interface RunTold {
  id: string
  classId: string
  name: string
  roomName: string
  startedAt?: string
  endedAt?: string
  slotSeconds: number
  plannedSeconds: number
  /** Drawn above each other, to one scale. */
  planned: Block[]
  actual: Block[]
  pressed: Pressed[]
  changes: ToldChange[]
  people: { id: string; name: string; ease?: string }[]
  left: string[]
  /** Who came after the class had begun. */
  late: string[]
  attendances: Attendance[]
  record: RunRecord
  sheet: ResultsSheet
  notes: Note[]
  putAway: boolean
}
