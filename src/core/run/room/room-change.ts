import { z } from 'zod'
import { idField, nameField, wholeNumber } from '../../base/fields'
import { limits } from '../../base/limits'
import { failure, problem, success, type Result } from '../../base/result'
import { eases, easeWords, type Ease } from './ease'
import { isSpared } from './own-doings'
import { arrived, left, traded } from './people-change'
import type { RoomChanged } from './room-changed'
import type { RunSnapshot } from './snapshot'
import { withStation } from './station-change'

const station = { pieceId: idField, station: wholeNumber(0, limits.stations - 1) }

/** What really happens in a class under way: to its people, its stations, and how hard it is. */
export const RoomChange = z.discriminatedUnion(
  'type',
  [
    z.strictObject({ type: z.literal('arrives'), id: idField, name: nameField(40) }),
    z.strictObject({ type: z.literal('leaves'), personId: idField }),
    z.strictObject({ type: z.literal('tradePlaces'), one: idField, other: idField }),
    z.strictObject({ type: z.literal('closes'), ...station }),
    z.strictObject({ type: z.literal('opens'), ...station }),
    z.strictObject({ type: z.literal('takesBreak'), personId: idField }),
    z.strictObject({ type: z.literal('isBack'), personId: idField }),
    /** For one person, or for everyone. */
    z.strictObject({
      type: z.literal('ease'),
      ease: z.enum(eases, { error: 'must be easier, usual or harder' }),
      personId: idField.optional(),
    }),
  ],
  { error: 'must be a known change' },
)
export type RoomChange = z.infer<typeof RoomChange>

/**
 * The class after a change, from the present phase (`phaseIndex`, of the snapshot's timeline) on: the smallest change, so that
 * everybody else stays on their way. Fails in words where the change means nothing.
 */
export function withRoomChange(snapshot: RunSnapshot, change: RoomChange, phaseIndex: number): Result<RoomChanged> {
  switch (change.type) {
    case 'arrives':
      return arrived(snapshot, change.id, change.name, phaseIndex)
    case 'leaves':
      return left(snapshot, change.personId)
    case 'tradePlaces':
      return traded(snapshot, change.one, change.other, phaseIndex)
    case 'closes':
    case 'opens':
      return withStation(snapshot, change.pieceId, change.station, change.type === 'closes', phaseIndex)
    case 'takesBreak':
    case 'isBack':
      return withBreak(snapshot, change.personId, change.type === 'takesBreak')
    case 'ease':
      return withEase(snapshot, change.ease, change.personId)
  }
}

const notHere = failure(problem('notHere', 'That person is not in this class any more.', 'change.personId'))

/** Somebody stands by, or goes on: their place stays theirs. */
function withBreak(snapshot: RunSnapshot, personId: string, onBreak: boolean): Result<RoomChanged> {
  const person = snapshot.people.find((person) => person.id === personId)
  if (!person) return notHere
  const people = snapshot.people.map((person) => (person.id === personId ? { ...person, onBreak } : person))
  return success({ snapshot: { ...snapshot, people }, told: [onBreak ? `${person.name} takes a break.` : `${person.name} is back.`] })
}

function withEase(snapshot: RunSnapshot, ease: Ease, personId: string | undefined): Result<RoomChanged> {
  if (personId === undefined)
    return success({
      snapshot: { ...snapshot, ease },
      told: [`Everyone: ${easeWords[ease]}, where the exercise has such an option. Who has an option of their own keeps it.`],
    })
  const person = snapshot.people.find((person) => person.id === personId)
  if (!person) return notHere
  const spared = ease === 'harder' && isSpared(snapshot, personId)
  const people = snapshot.people.map((person) => (person.id === personId ? { ...person, ease } : person))
  return success({
    snapshot: { ...snapshot, people },
    told: [
      `${person.name}: ${easeWords[ease]}.`,
      ...(spared ? [`Where ${person.name} has to go easy on something, the option for that stays.`] : []),
    ],
  })
}
