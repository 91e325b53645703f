import type { Milliseconds } from '../../base/units'
import { mostNoted, type NotedChange } from './noted-change'
import type { RoomChange } from './room-change'
import type { RunSnapshot } from './snapshot'

/** The room with a note of a change that was made in it. A change that is taken back goes with its note. */
export function noted(snapshot: RunSnapshot, change: RoomChange, at: Milliseconds): RunSnapshot {
  const changes = snapshot.changes ?? []
  return changes.length >= mostNoted ? snapshot : { ...snapshot, changes: [...changes, { at, ...noteOf(change) }] }
}

function noteOf(change: RoomChange): Omit<NotedChange, 'at'> {
  switch (change.type) {
    case 'arrives':
      return { type: change.type, personIds: [change.id] }
    case 'tradePlaces':
      return { type: change.type, personIds: [change.one, change.other] }
    case 'closes':
    case 'opens':
      return { type: change.type, pieceId: change.pieceId, station: change.station }
    case 'ease':
      return { type: change.type, ease: change.ease, ...(change.personId !== undefined && { personIds: [change.personId] }) }
    default:
      return { type: change.type, personIds: [change.personId] }
  }
}
