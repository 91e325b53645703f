import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { loopRotation } from './loop'
import { loopByK } from './loop-by-k'
import { answerRotation, RotationRequest } from './request'

const station = { span: 1 as const, rest: false }
const stations = (count: number) => Array.from({ length: count }, () => station)

const found = (...args: Parameters<typeof loopRotation>) => {
  const result = loopRotation(...args)
  if (!result.ok) throw new Error(result.problems[0]!.message)
  return result.value
}

describe('loop', () => {
  it('in m turns takes every group to every station once, two never at one (any room up to 20 × 20)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 0, max: 20 }), (count, wanted) => {
        const groups = Math.min(count, wanted)
        const { turns, paths } = found(stations(count), Array(groups).fill(2), count)
        for (const path of paths) expect(new Set(path).size).toBe(count)
        for (const turn of turns) {
          expect(turn.flat().sort((a, b) => a - b)).toEqual(Array.from({ length: groups }, (_, group) => group))
          for (const here of turn) expect(here.length).toBeLessThanOrEqual(1)
        }
      }),
    )
  })

  it('groups stay in the same order: the one at station s comes next to s + 1', () => {
    const { turns } = found(stations(4), [1, 1, 1, 1], 2)
    expect(turns).toEqual([
      [[0], [1], [2], [3]],
      [[3], [0], [1], [2]],
    ])
  })

  it('says what is missed when there are fewer turns than stations', () => {
    expect(found(stations(6), [2, 2], 4).guarantees).toContainEqual({ met: false, text: '4 turns for 6 places: each group misses 2.' })
  })

  it('holds up to two groups at a station of span 2, for two turns each', () => {
    const { turns, paths } = found([{ ...station, span: 2 }, station], [2, 2, 2], 3)
    expect(turns[0]).toEqual([[0, 1], [2]])
    for (const path of paths) expect(path.filter((at) => at === 0)).toHaveLength(2)
  })

  it('refuses more groups than places, in words that help', () => {
    const result = loopRotation(stations(8), Array(9).fill(2), 8)
    expect(result).toMatchObject({
      ok: false,
      problems: [{ code: 'tooManyGroups', message: expect.stringContaining('9 groups for 8 places') }],
    })
    expect(result).toMatchObject({ problems: [{ message: expect.stringContaining('Groups of 3 would fit') }] })
  })

  it('several groups share a place where every station says how many it holds, and each still goes everywhere', () => {
    const wide = Array.from({ length: 4 }, () => ({ ...station, capacity: 6 }))
    const result = loopRotation(wide, [2, 2, 2, 2, 3], 4)
    if (!result.ok) throw new Error(result.problems[0]!.message)
    expect(result.value.turns.every((turn) => turn.flat().length === 5 && Math.max(...turn.map((groups) => groups.length)) === 2)).toBe(
      true,
    )
    expect(result.value.paths.every((path) => new Set(path).size === 4)).toBe(true)
    expect(result.value.guarantees.at(-1)!.text).toBe('Two groups share one of the places in every turn.')
    expect(loopRotation(wide, Array<number>(8).fill(3), 4)).toMatchObject({ ok: true })
    expect(loopRotation(wide, Array<number>(9).fill(3), 4)).toMatchObject({ ok: false, problems: [{ code: 'overCapacity' }] })
    expect(loopByK(4, 8, 4, 3)).toMatchObject({
      ok: true,
      value: { guarantees: expect.arrayContaining([{ met: true, text: '2 groups share every station.' }]) },
    })
  })

  it('refuses a group larger than a station holds', () => {
    expect(loopRotation([{ ...station, capacity: 1 }, station], [2], 2)).toMatchObject({
      ok: false,
      problems: [{ code: 'overCapacity', field: 'stations[0].capacity' }],
    })
  })
})

describe('a rotation asked for in JSON', () => {
  it('names who is where, every turn', () => {
    const answer = answerRotation(RotationRequest.parse({ people: ['Ann', 'Bo', 'Cy', 'Di', 'Ed'], stations: 2, groupSize: 'pairs' }))
    expect(answer).toMatchObject({
      ok: true,
      value: {
        groups: [
          ['Ann', 'Bo', 'Cy'],
          ['Di', 'Ed'],
        ],
        table: [
          [
            ['Ann', 'Bo', 'Cy'],
            ['Di', 'Ed'],
          ],
          [
            ['Di', 'Ed'],
            ['Ann', 'Bo', 'Cy'],
          ],
        ],
      },
    })
  })
})
