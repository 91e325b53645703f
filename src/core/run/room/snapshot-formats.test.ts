import { describe, expect, it } from 'vitest'
import { snapshotOf } from '../../../../tests/fixtures/demo-run'
import { presentFormat, readStored } from '../../base/stored'
import { linesOf } from './eased'
import { doingsAtPlaces } from './own-doings'
import { snapshotFormat } from './snapshot-formats'
import { snapshotKind } from './snapshot-schema'

/** A run as it was stored in the first format: what people do in two lists, and lists as texts. */
function stored(): Record<string, unknown> {
  const { own, circuits, ...rest } = snapshotOf('demo-bricks')
  const pieceId = 'bb-rounds'
  const place = { personId: rest.people[0]!.id, pieceId, station: 0, position: 1 }
  const first = Object.entries(circuits).map(([id, circuit]) => [
    id,
    {
      ...circuit,
      stations: circuit.stations.map(({ list, exercises, ...station }) => ({
        ...station,
        exercises: exercises.map(({ line: _, easier: __, harder: ___, ...exercise }) => exercise),
        ...(list && { list: { items: linesOf({ list, exercises, ...station }), aim: list.aim, ...(list.marks && { marks: list.marks }) } }),
      })),
    },
  ])
  expect(own).toBeDefined()
  return {
    ...rest,
    circuits: Object.fromEntries(first) as object,
    doings: [{ ...place, name: 'Sit to a high chair', how: '12 reps' }],
    exceptions: [{ ...place, text: 'Sit to a high chair (easy on knee)' }],
  }
}

describe('a run stored in the first format', () => {
  it('is two formats with the present one, as screens are told', () => {
    expect(presentFormat(snapshotKind)).toBe(snapshotFormat)
  })

  it('is read with its lists, what people did, and what the coach watched for', () => {
    const now = snapshotOf('demo-bricks')
    const found = readStored(snapshotKind, 1, JSON.parse(JSON.stringify(stored())))
    if (!found.ok) throw new Error(found.problems[0]!.message)
    const list = found.value.circuits['bb-rounds']!.stations[0]!
    expect(linesOf(list)).toEqual(linesOf(now.circuits['bb-rounds']!.stations[0]!))
    const [first] = doingsAtPlaces(found.value.own!, now.people[0]!.id)
    expect(first![0]).toBe('bb-rounds/0/1')
    expect(first![1]).toMatchObject({ name: 'Sit to a high chair', watch: 'Sit to a high chair (easy on knee)' })
  })
})
