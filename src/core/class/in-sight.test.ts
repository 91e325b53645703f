import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Person } from '../library/person'
import { inSightOrder, sightOf } from './in-sight'

const person = (id: string, level: Person['level'] = 'regular'): Person => ({ id, name: id, level, goEasy: [], goEasyNote: '', loads: {} })
const shown = { demonstrators: { easier: 'E', agreed: 'E' } }

describe('newcomers in sight of whom they follow', () => {
  it('counts who begins at the same station or the next, round the end too', () => {
    const groups = [[person('E')], [person('a', 'newcomer')], [person('b')], [person('c', 'newcomer')], [person('d', 'newcomer')]]
    expect(sightOf(shown, groups, 5)!.seeing.map(({ id }) => id)).toEqual(['a', 'd'])
    expect(sightOf(shown, groups, 6)!.seeing.map(({ id }) => id)).toEqual(['a'])
  })

  it('has nothing to say when nobody shows, or nobody is new', () => {
    expect(sightOf({}, [[person('a', 'newcomer')]], 3)).toBeUndefined()
    expect(sightOf({ demonstrators: { easier: 'gone' } }, [[person('a', 'newcomer')]], 3)).toBeUndefined()
    expect(sightOf(shown, [[person('E')], [person('b')]], 3)).toBeUndefined()
  })

  it('puts as many in sight as any order could, drops nobody, and leaves who shows in place', () => {
    const room = fc.record({ news: fc.array(fc.boolean(), { minLength: 0, maxLength: 5 }), at: fc.nat(5), spare: fc.nat(2) })
    fc.assert(
      fc.property(room, ({ news, at, spare }) => {
        const others = news.map((isNew, index) => [person(`p${index}`, isNew ? 'newcomer' : 'regular')])
        const groups = [...others.slice(0, at), [person('E')], ...others.slice(at)]
        const places = groups.length + spare
        const ordered = inSightOrder(shown, groups, places)
        const ids = (of: Person[][]) =>
          of
            .flat()
            .map(({ id }) => id)
            .sort()
        expect(ids(ordered)).toEqual(ids(groups))
        expect(ordered.indexOf(groups[Math.min(at, others.length)]!)).toBe(Math.min(at, others.length))
        const seen = (order: Person[][]) => sightOf(shown, order, places)?.seeing.length ?? 0
        const best = Math.max(...permutations(others).map((known) => seen([...known.slice(0, at), [person('E')], ...known.slice(at)])))
        expect(seen(ordered)).toBe(best)
      }),
      { numRuns: 60 },
    )
  })
})

function permutations<T>(items: readonly T[]): T[][] {
  if (items.length === 0) return [[]]
  return items.flatMap((item, index) => permutations([...items.slice(0, index), ...items.slice(index + 1)]).map((rest) => [item, ...rest]))
}
