import { describe, expect, it } from 'vitest'
import { demoGear } from '../../../scripts/demo/hall'
import { libraryExercises } from '../../../scripts/library/exercises'
import { exerciseSearch } from './exercises'

const search = exerciseSearch(libraryExercises, new Map(demoGear.map((kind) => [kind.id, kind.name])))
const ids = (query: string) => search(query).map((exercise) => exercise.id)

describe('search of exercises', () => {
  it('"core, no jump, no gear" finds just those', () => {
    const found = search('core, no jump, no gear')
    expect(found.length).toBeGreaterThan(2)
    for (const exercise of found)
      expect([
        exercise.regions.includes('core') || exercise.name.includes('ore'),
        exercise.gear.length,
        exercise.asks.includes('jumps'),
      ]).toEqual([true, 0, false])
  })

  it('finds by name first, then by gear, option, pattern and what is asked', () => {
    expect(ids('plank')[0]).toBe('plank')
    expect(ids('gobl')[0]).toBe('goblet-squat')
    expect(ids('mini-trampoline')).toContain('trampoline-jog')
    expect(ids('heel taps')).toContain('dead-bug')
    expect(ids('hinge standing')).toContain('hip-hinge')
    expect(ids('pull without shoulder without gear')).not.toContain('strap-row')
  })

  it('takes a letter for the same with its marks and without', () => {
    const [bridge] = libraryExercises.filter(({ id }) => id === 'dead-bug')
    const own = exerciseSearch(
      [...libraryExercises, { ...bridge!, id: 'own', name: 'Brückenschlag', setUp: 'Füße an die Wand' }],
      new Map(),
    )
    for (const query of ['brückenschlag', 'bruckenschlag', 'fusse', 'füße an'])
      expect([query, own(query).map(({ id }) => id)]).toEqual([query, ['own']])
    expect(own('no brückenschlag').map(({ id }) => id)).not.toContain('own')
  })

  it('a plural is a singular, an empty query is everything, nonsense is nothing', () => {
    expect(ids('squats')[0]).toBe(ids('squat')[0])
    expect(search('')).toHaveLength(libraryExercises.length)
    expect(search('zzzz')).toEqual([])
  })
})
