import { describe, expect, it } from 'vitest'
import { listed, snapshotOf } from '../../../../tests/fixtures/demo-run'
import { wayOfAll, waysRound } from './ways-round'

const id = 'll-stations'
const by = (rule: 'loop' | 'twoFiles' | 'hostAndTraveller' | 'wholeClass') =>
  snapshotOf('demo-lunch', (document) => {
    document.rotations = { [id]: { rule } }
  }).circuits[id]!
const nextOf = (circuit: ReturnType<typeof by>, unit: number) =>
  [0, 1].map((turn) => circuit.turns![turn]!.findIndex((here) => here.includes(unit)))

describe('which way each goes round', () => {
  it('two files: one of each pair up, the other down, as the table has them', () => {
    const circuit = by('twoFiles')
    const ways = waysRound(circuit, { repeat: 0, turn: 0 })!
    expect([...ways.values()].filter((way) => way === 'up')).toHaveLength(8)
    expect([...ways.values()].filter((way) => way === 'down')).toHaveLength(8)
    for (const [unit, way] of ways) {
      const [from, to] = nextOf(circuit, unit)
      expect((to! - from! + 8) % 8).toBe(way === 'up' ? 1 : 7)
    }
  })

  it('host and traveller: one stays through the lap, the other goes; on the next they change about', () => {
    const circuit = by('hostAndTraveller')
    const at = (turn: number) => [0, 1].map((unit) => waysRound(circuit, { repeat: 0, turn })!.get(unit))
    expect([at(0), at(3), at(8), at(15)]).toEqual([
      ['stays', 'up'],
      ['stays', 'up'],
      ['up', 'stays'],
      ['up', 'stays'],
    ])
  })

  it('of all, where they go alike: one up the numbers in a loop, also when it is over; nothing in two files, or several stations on', () => {
    expect([0, 3, 7].map((turn) => wayOfAll(by('loop'), { repeat: 0, turn }))).toEqual(['up', 'up', 'up'])
    expect(wayOfAll(by('twoFiles'), { repeat: 0, turn: 0 })).toBeUndefined()
    const skipping = snapshotOf('demo-lunch', (document) => void (document.rotations = { [id]: { rule: 'loopByK', step: 3 } }))
    expect(wayOfAll(skipping.circuits[id]!, { repeat: 0, turn: 0 })).toBeUndefined()
  })

  it('nothing where all go alike, or everyone looks for their name, or nobody goes', () => {
    for (const rule of ['loop', 'wholeClass'] as const) expect(waysRound(by(rule), { repeat: 0, turn: 2 })).toBeUndefined()
    const list = Object.values(listed.circuits).find(({ rotates }) => !rotates)!
    expect(waysRound(list, { repeat: 0 })).toBeUndefined()
  })
})
