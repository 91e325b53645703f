import { describe, expect, it } from 'vitest'
import { snapshotOf } from '../../../tests/fixtures/demo-run'
import { nameless } from '../library/erase'
import { noted } from '../run/room/note-change'
import { mostNoted } from '../run/room/noted-change'
import { forOne, forTheWall } from '../run/room/public-snapshot'
import type { RoomChange } from '../run/room/room-change'
import { RunSnapshotSchema } from '../run/room/snapshot-schema'
import { changesTold } from './changes-told'

const lunch = snapshotOf('demo-lunch')
const [first, second] = lunch.people
const after = (...changes: RoomChange[]) => changes.reduce((room, change, minute) => noted(room, change, 1000 + minute * 60_000), lunch)

const all: RoomChange[] = [
  { type: 'leaves', personId: first!.id },
  { type: 'takesBreak', personId: second!.id },
  { type: 'isBack', personId: second!.id },
  { type: 'tradePlaces', one: first!.id, other: second!.id },
  { type: 'closes', pieceId: 'll-stations', station: 2 },
  { type: 'opens', pieceId: 'll-stations', station: 2 },
  { type: 'ease', ease: 'easier' },
  { type: 'ease', ease: 'harder', personId: second!.id },
]

describe('what was changed in a class under way', () => {
  it('is told with its minute, whatever it was', () => {
    const place = `station 3 of ${lunch.pieceNames['ll-stations']}`
    const [one, other] = [first!.name, second!.name]
    expect(changesTold(after(...all), 1000)).toEqual(
      [
        `${one} left`,
        `${other} took a break`,
        `${other} was back from a break`,
        `${one} and ${other} traded places`,
        `${place} was closed`,
        `${place} was opened again`,
        'everyone: a rung easier',
        `${other}: a rung harder`,
      ].map((words, minute) => ({ at: minute * 60_000, words })),
    )
    expect(RunSnapshotSchema.safeParse(after(...all)).success).toBe(true)
  })

  it('keeps no name of whoever is erased', () => {
    const arrival: RoomChange = { type: 'arrives', id: first!.id, name: first!.name }
    const erased = nameless(after(arrival, ...all), { id: first!.id, name: first!.name, instead: 'gone-1' })
    expect(changesTold(erased, 0).map(({ words }) => words)).toEqual(expect.arrayContaining(['somebody came', 'somebody left']))
    expect(JSON.stringify(erased.changes)).not.toMatch(new RegExp(`"${first!.id}"|${first!.name}`))
  })

  it('stays on the coach’s own screens, and does not grow for ever', () => {
    for (const seen of [forTheWall(after(...all)), forOne(after(...all), second!.id)]) expect(seen).not.toHaveProperty('changes')
    expect(after(...Array.from({ length: mostNoted + 3 }, () => all[1]!)).changes).toHaveLength(mostNoted)
  })
})
