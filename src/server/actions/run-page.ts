import { blocksOf, type Block } from '../../core/timeline/blocks'
import { drawnActual } from '../../core/records/actual'
import { changesTold } from '../../core/records/changes-told'
import { runRecord } from '../../core/records/run-record'
import type { RunTold } from '../../core/records/run-told'
import type { InHall } from '../db/in-hall'
import { findRow } from '../services/runs'
import { notesOf } from '../services/run-notes'
import { openedRun, resultsSheet } from './results-sheet'

/** Nothing of it is worked out from the class as it is now: a run stays as it was. */
export async function runPage(hall: InHall, runId: string): Promise<RunTold> {
  const row = await findRow(hall, runId)
  const run = await openedRun(hall, row)
  const { snapshot, actual, attendances } = run
  const { startedAt, endedAt, timeline } = actual.end
  const names = snapshot.pieceNames
  const phases = drawnActual(actual.stretches)
  return {
    id: row.id,
    classId: row.classId,
    name: snapshot.name,
    roomName: snapshot.roomName,
    ...(startedAt !== undefined && { startedAt: new Date(startedAt).toISOString() }),
    ...(endedAt !== undefined && { endedAt: new Date(endedAt).toISOString() }),
    slotSeconds: snapshot.slotSeconds,
    plannedSeconds: snapshot.timeline.total,
    planned: lean(blocksOf(snapshot.timeline, names)),
    actual: lean(blocksOf({ ...timeline, phases }, names)),
    pressed: actual.pressed,
    changes: startedAt === undefined ? [] : changesTold(snapshot, startedAt),
    people: snapshot.people.map(({ id, name, ease }) => ({ id, name, ...(ease && { ease }) })),
    late: snapshot.people.filter(({ id }) => Object.values(snapshot.been?.[id] ?? {}).includes(notHere)).map(({ name }) => name),
    left: (snapshot.left ?? []).map(({ name }) => name),
    attendances,
    record: runRecord(snapshot, actual, attendances),
    sheet: await resultsSheet(hall, run, true),
    notes: await notesOf(hall, row.id),
    putAway: row.deletedAt !== null,
  }
}

/** As it is kept in `been` of who was not there yet. */
const notHere = -1

/** Of each phase only what is drawn of it. */
const lean = (blocks: Block[]): Block[] =>
  blocks.map((block) => ({
    ...block,
    phases: block.phases.map(({ index, start, seconds, kind, optional, partId, pieceId, repeat, moves }) => ({
      ...{ index, start, seconds, kind, optional, partId, pieceId, repeat, moves },
    })),
  }))
