import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { demoGear } from '../../../scripts/demo/hall'
import { libraryExercises } from '../../../scripts/library/exercises'
import { shapes } from '../../../tests/fixtures/shapes'
import { classDocument, demoLibrary } from '../../../tests/fixtures/demo-run'
import { computeClass } from '../class/compute'
import { commonSettings } from '../library/hall-settings'
import { Plan, type Circuit } from '../plan/plan'
import { read } from '../base/read'
import { compileTimeline } from '../timeline/compile'
import { briefChoices, briefSeconds, wayOf, type BriefWay } from './ways'
import { walkThrough } from './walk-through'

const library = { exercises: libraryExercises, gear: demoGear }
let counter = 0
const newId = () => `new${counter++}`
const lunch = () => demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document.plan
const shape = (id: string) => Plan.parse(shapes.find((shape) => shape.id === id)!.plan)
const choice = (plan: Plan, way: BriefWay) => briefChoices(plan, commonSettings, newId).find((choice) => choice.way === way)!
const totalOf = (plan: Plan) => {
  const timeline = compileTimeline(plan)
  return timeline.ok ? timeline.value.total : NaN
}

describe('the walk-through', () => {
  it('goes round the stations in order, with set-up, fault, options, gear and cautions', () => {
    const items = walkThrough(lunch(), library)
    expect(items.map((item) => item.station)).toEqual([...items.map((item) => item.station)].sort((a, b) => a - b))
    expect(items.every((item) => item.setUp && item.fault && item.options.length > 0)).toBe(true)
    expect(items.some((item) => item.gear.length > 0)).toBe(true)
    expect(items.flatMap((item) => item.cautions).length).toBeGreaterThan(0)
  })

  it('says what comes in one lap alone, and when', () => {
    const plan = lunch()
    const stations = plan.parts.flatMap((part) => part.pieces).find((piece) => piece.id === 'll-stations') as Circuit
    stations.vary.push({ at: 1, id: stations.stations[0]!.uses[0]!.id, field: 'exerciseId', value: 'plank' })
    const items = walkThrough(plan, library)
    expect(items.filter(({ when }) => when !== '')).toMatchObject([{ station: 1, when: 'lap 2', name: 'Plank' }])
    expect(items).toHaveLength(walkThrough(lunch(), library).length + 1)
  })

  it('an exercise that the hall does not have is still named', () => {
    expect(walkThrough(shape('A'), { exercises: [], gear: [] }).map((item) => item.name)).toEqual(Array(6).fill('march'))
  })
})

describe('ways to brief, common practice', () => {
  it('six exercises take 1:42 to 3:12', () => {
    expect(briefSeconds(6, commonSettings)).toMatchObject({ least: 102, most: 192 })
  })

  it('every way makes a sound plan, knows itself again, and tells its own total', () => {
    for (const plan of [lunch(), shape('A'), shape('B'), shape('C')]) {
      for (const { way, plan: made, total, spare } of briefChoices(plan, commonSettings, newId)) {
        expect(read(Plan, made).ok, way).toBe(true)
        expect(wayOf(made, commonSettings), way).toBe(way)
        expect(totalOf(made)).toBe(total)
        expect(spare).toBe(plan.slotSeconds - total)
      }
    }
  })

  it('explained as it goes, the 15 s gaps of the first lap run to 25 s, and one brief goes before', () => {
    const plan = shape('A')
    expect(choice(plan, 'eachBefore').total).toBe(totalOf(plan) + 6 * 10 + 25)
  })

  it('half by half uses the swap that is there, and only lengthens it if it must', () => {
    const plan = shape('B')
    const { total } = choice(plan, 'halfByHalf')
    // 6 × 24 s = 144 s before the first half; the swap of 150 s is long enough for the second.
    expect(total).toBe(totalOf(plan) + 145)
    expect(briefChoices(shape('A'), commonSettings, newId).some((choice) => choice.way === 'halfByHalf')).toBe(false)
  })

  it('over the warm-up costs no time when that is long enough', () => {
    const plan = lunch()
    const { total } = choice(plan, 'overWarmUp')
    expect(total).toBeLessThan(choice(plan, 'allFirst').total)
  })

  it('changing back and forth ends where it began', () => {
    const first = choice(choice(lunch(), 'eachBefore').plan, 'allFirst')
    const there = choice(first.plan, 'eachBefore').plan
    expect(choice(there, 'allFirst').total).toBe(first.total)
  })

  it('says at each exercise who does something else tonight, and never why', () => {
    const document = classDocument('demo-lunch')
    const computed = computeClass(document, demoLibrary)
    const squat = walkThrough(document.plan, demoLibrary, computed).find(({ name }) => name === 'Goblet squat')!
    expect(squat.instead).toEqual([{ name: 'Sit to a high chair', who: ['Ilse', 'Hettie'] }])
    expect(JSON.stringify(squat.instead)).not.toContain('knee')
  })
})
