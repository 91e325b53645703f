import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { demoGear } from '../../../scripts/demo/hall'
import { demoPeople } from '../../../scripts/demo/people'
import { libraryExercises } from '../../../scripts/library/exercises'
import { Use } from '../plan/plan'
import { exceptionsIn, pickFor } from './pick'

const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }
const exercise = (id: string) => libraryExercises.find((each) => each.id === id)!
const person = (more: object) => ({ id: 'x', name: 'X', level: 'regular' as const, goEasy: [], goEasyNote: '', loads: {}, ...more })
const pick = (exerciseId: string, more: object, use: object = {}) =>
  pickFor(person(more), Use.parse({ id: 'u', exerciseId, ...use }), exercise(exerciseId), demoGear)

describe('the option of each person', () => {
  it('is what everyone does, where nothing speaks against it', () => {
    expect(pick('goblet-squat', {})).toMatchObject({ form: { name: 'Goblet squat' }, loads: [{ sizeLabel: '12 kg' }] })
    expect(pick('goblet-squat', {}).why).toBeUndefined()
  })

  it('spares what the person goes easy on, as mildly as it can', () => {
    expect(pick('goblet-squat', { goEasy: ['knee'] })).toMatchObject({ form: { name: 'Sit to a high chair' }, why: 'easy on knee' })
    expect(pick('push-up', { goEasy: ['wrist', 'floor'] }).form.asks).not.toContain('wrist')
  })

  it('marks what nothing spares, and takes the least', () => {
    const bare = { ...exercise('push-up'), options: [] }
    expect(pickFor(person({ goEasy: ['wrist'] }), Use.parse({ id: 'u', exerciseId: 'push-up' }), bare, demoGear)).toMatchObject({
      unspared: true,
      form: { name: 'Push-up' },
    })
  })

  it('gives a newcomer the easier of what is hard in two ways, and nobody a harder one unasked', () => {
    expect(pick('bird-dog', { level: 'newcomer' })).toMatchObject({ form: { rung: 'easier' }, why: 'new' })
    expect(pick('bird-dog', { level: 'trained' }).form.rung).toBeUndefined()
  })

  it('takes load and dose from person and plan', () => {
    expect(pick('goblet-squat', { loads: { kettlebell: '16kg' } }).loads).toEqual([
      { kindId: 'kettlebell', kindName: 'Kettlebell', sizeLabel: '16 kg' },
    ])
    expect(pick('goblet-squat', { level: 'newcomer' }, { dose: { newcomer: { reps: 8 } }, load: { kilograms: 9 } })).toMatchObject({
      dose: { reps: 8 },
      loads: [{ sizeLabel: '8 kg' }],
    })
  })

  it('a coach sees only the exceptions, each with its reason', () => {
    const { plan, here } = demoClasses(new Date(2026, 0, 5)).find((each) => each.id === 'demo-lunch')!.document
    const people = demoPeople.filter((each) => here.includes(each.id))
    const exceptions = exceptionsIn(plan, people, library)
    expect(exceptions.length).toBeGreaterThan(0)
    for (const { person: who, pick: what } of exceptions) {
      expect(what.why).toBeTruthy()
      if (!what.unspared) expect(what.form.asks.some((strain) => who.goEasy.includes(strain))).toBe(false)
    }
    expect(exceptions.some(({ person: who }) => who.name === 'Tove')).toBe(false)
  })
})
