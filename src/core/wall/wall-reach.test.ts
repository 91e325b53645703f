import { describe, expect, it } from 'vitest'
import { classDocument, demoLibrary } from '../../../tests/fixtures/demo-run'
import { computeClass } from '../class/compute'
import { classReach, namesReach, startTiles } from './wall-reach'

const lunch = classDocument('demo-lunch')
const tiles = startTiles(computeClass(lunch, demoLibrary))

describe('from how far the names of a class read', () => {
  it('is reckoned with those who begin at each station', () => {
    expect(tiles).toHaveLength(1)
    expect(tiles[0]!.map(({ people }) => people.length)).toEqual(Array(8).fill(2))
    expect(tiles[0]![0]!.people).toEqual(['Oren', 'Maribel'])
    expect(startTiles(computeClass({ ...lunch, here: [] }, demoLibrary))).toEqual([])
  })

  it('is twice as far on a picture twice as wide, least at work, and nothing where nobody is named', () => {
    const [way, wide, room, far] = [
      classReach(tiles, 'way', 1.2)!,
      classReach(tiles, 'way', 2.4)!,
      classReach(tiles, 'room', 1.2)!,
      classReach(tiles, 'far', 1.2)!,
    ]
    expect(wide).toBeCloseTo(2 * way, 6)
    expect(way).toBeGreaterThanOrEqual(room)
    expect(far).toBeGreaterThanOrEqual(room)
    expect(classReach([], 'way', 1.2)).toBeUndefined()
    expect([[], [{ exercise: 'Row', people: [] }]].map((none) => namesReach(none, 'way', 1.2))).toEqual([undefined, undefined])
  })

  it('of several circuits, is that of the one that reads least far', () => {
    const crowded = [{ exercise: '', people: ['Maximilienne', 'Konstantinos', 'Wilhelmina', 'Oluwaseun'] }, ...tiles[0]!]
    expect(classReach([tiles[0]!, crowded], 'way', 1.2)).toBe(namesReach(crowded, 'way', 1.2))
  })
})
