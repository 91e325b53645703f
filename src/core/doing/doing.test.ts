import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { demoGear } from '../../../scripts/demo/hall'
import { demoPeople } from '../../../scripts/demo/people'
import { libraryExercises } from '../../../scripts/library/exercises'
import { Use } from '../plan/plan'
import { doingOf } from './doing'
import { exceptionsIn, knownIn } from './exceptions'

const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }
const exercise = (id: string) => libraryExercises.find((exercise) => exercise.id === id)!
const person = (more: object) => ({ id: 'x', name: 'X', level: 'regular' as const, goEasy: [], goEasyNote: '', loads: {}, ...more })
const known = knownIn(library)
const doing = (exerciseId: string, more: object, use: object = {}, isItem = false) =>
  doingOf(Use.parse({ id: 'u', exerciseId, ...use }), person(more), known, isItem)

describe('the option of each person', () => {
  it('is what everyone does, where nothing speaks against it', () => {
    expect(doing('goblet-squat', {})).toMatchObject({ name: 'Goblet squat', loads: [{ sizeLabel: '12 kg' }] })
    expect(doing('goblet-squat', {}).why).toBeUndefined()
  })

  it('spares what the person goes easy on, as mildly as it can', () => {
    expect(doing('goblet-squat', { goEasy: ['knee'] })).toMatchObject({ form: { name: 'Sit to a high chair' }, why: 'easy on knee' })
    expect(doing('push-up', { goEasy: ['wrist', 'floor'] }).form!.asks).not.toContain('wrist')
  })

  it('marks what nothing spares, and takes the least', () => {
    const bare = { ...exercise('push-up'), options: [] }
    const only = { ...known, exercises: new Map([['push-up', bare]]) }
    expect(doingOf(Use.parse({ id: 'u', exerciseId: 'push-up' }), person({ goEasy: ['wrist'] }), only)).toMatchObject({
      unspared: ['wrist'],
      name: 'Push-up',
    })
  })

  it('gives a newcomer the easier of what is hard in two ways, and nobody a harder one unasked', () => {
    expect(doing('bird-dog', { level: 'newcomer' })).toMatchObject({ form: { rung: 'easier' }, why: 'new' })
    expect(doing('bird-dog', { level: 'trained' }).form!.rung).toBeUndefined()
  })

  it('takes load and dose from person and plan', () => {
    expect(doing('goblet-squat', { loads: { kettlebell: '16kg' } }).loads).toEqual([{ kindName: 'Kettlebell', sizeLabel: '16 kg' }])
    expect(doing('goblet-squat', { level: 'newcomer' }, { dose: { newcomer: { reps: 8 } }, load: { kilograms: 9 } })).toMatchObject({
      use: { reps: { count: 8 } },
      loads: [{ sizeLabel: '8 kg' }],
    })
  })

  it('in a list takes the dose in the item, and at a station as the share of the interval that is worked', () => {
    const dose = { newcomer: { seconds: 20, rounds: 3, restSeconds: 10, laps: 2 } }
    const asItem = doing('plank', { level: 'newcomer' }, { seconds: 40, dose }, true)
    expect(asItem).toMatchObject({ use: { seconds: 20 }, rounds: 3, restSeconds: 10, laps: 2 })
    expect(asItem.workedSeconds).toBeUndefined()
    expect(doing('plank', { level: 'newcomer' }, { dose })).toMatchObject({ workedSeconds: 20 })
    expect(doing('plank', { level: 'regular' }, { dose })).not.toHaveProperty('workedSeconds')
  })

  it('of whoever shows a version to the others is that version, unless it asks what they go easy on', () => {
    expect(doing('goblet-squat', { shows: 'easier' })).toMatchObject({ form: { rung: 'easier' }, why: 'shows the easier version' })
    expect(doing('push-up', { shows: 'harder' }).form!.rung).toBe('harder')
    const careful = doing('push-up', { shows: 'harder', goEasy: [...doing('push-up', { shows: 'harder' }).form!.asks] })
    expect(careful.form!.rung).not.toBe('harder')
  })

  it('a coach sees only the exceptions, each with its reason', () => {
    const { plan, here } = demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document
    const people = demoPeople.filter((known) => here.includes(known.id))
    const exceptions = exceptionsIn(plan, people, library)
    expect(exceptions.length).toBeGreaterThan(0)
    for (const { person: who, doing: what } of exceptions) {
      expect(what.why).toBeTruthy()
      if (!what.unspared) expect(what.form!.asks.some((strain) => who.goEasy.includes(strain))).toBe(false)
    }
    expect(exceptions.some(({ person: who }) => who.name === 'Tove')).toBe(false)
  })
})
