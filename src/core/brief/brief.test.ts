import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { demoGear } from '../../../scripts/demo/hall'
import { libraryExercises } from '../../../scripts/library/exercises'
import { shapes } from '../../../tests/fixtures/shapes'
import { classDocument, demoLibrary } from '../../../tests/fixtures/demo-run'
import { computeClass } from '../class/compute'
import { commonSettings } from '../library/hall-settings'
import { everyCircuit } from '../plan/every-circuit'
import { Plan, type Circuit } from '../plan/plan'
import { read } from '../base/read'
import { compileTimeline } from '../timeline/compile'
import { briefChoices, briefSeconds, wayOf, type BriefWay } from './ways'
import { exercisesToExplain } from './explained'
import { walkThrough, type BriefSection } from './walk-through'
import { whoGoes } from './who-goes'
import { exercisesById } from '../library/by-id'
import { formOf } from '../library/form'

const library = { exercises: libraryExercises, gear: demoGear }
let counter = 0
const newId = () => `new${counter++}`
const lunch = () => demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document.plan
/** A shape of class in which every use is of an exercise of its own. */
const shape = (id: string) => {
  const plan = Plan.parse(shapes.find((shape) => shape.id === id)!.plan)
  const uses = everyCircuit(plan).flatMap(({ stations }) => stations.flatMap((station) => station.uses))
  uses.forEach((use, index) => (use.exerciseId = `exercise-${index + 1}`))
  return plan
}
const choice = (plan: Plan, way: BriefWay) => briefChoices(plan, commonSettings, newId).find((choice) => choice.way === way)!
const totalOf = (plan: Plan) => {
  const timeline = compileTimeline(plan)
  return timeline.ok ? timeline.value.total : NaN
}

/** The section that is explained before it is done. */
const main = (sections: BriefSection[]) => sections.find(({ asDone }) => !asDone)!
const stationsOf = (plan: Plan) => plan.parts.flatMap((part) => part.pieces).find((piece) => piece.id === 'll-stations') as Circuit

describe('the walk-through', () => {
  it('goes round the stations in order, with set-up, fault, options, gear and cautions', () => {
    const { items } = main(walkThrough(lunch(), library))
    expect(items.map((item) => item.number)).toEqual(['1', '2', '3', '4', '5', '6', '7', '8'])
    expect(items.every((item) => item.setUp && item.fault && item.options.length > 0)).toBe(true)
    expect(items.some((item) => item.gear.length > 0)).toBe(true)
    expect(items.flatMap((item) => item.cautions).length).toBeGreaterThan(0)
  })

  it('says what comes in one lap alone, and when; and what figure differs', () => {
    const plan = lunch()
    const stations = stationsOf(plan)
    const [first, second] = stations.stations.map(({ uses }) => uses[0]!.id)
    stations.vary.push({ at: 1, id: first!, field: 'exerciseId', value: 'plank' })
    stations.vary.push({ at: 1, id: second!, field: 'reps', value: { count: 12, counted: 'eachSide' } })
    stations.vary.push({ at: 1, id: stations.id, field: 'workSeconds', value: [30] })
    const section = main(walkThrough(plan, library))
    expect(section.items.filter(({ when }) => when !== '')).toMatchObject([{ number: '1', when: 'lap 2', name: 'Plank' }])
    expect(section.items).toHaveLength(9)
    expect(section.items[1]!.differs).toEqual(['lap 2: 12 reps each side'])
    expect(section.differs).toEqual(['lap 2: work 0:30'])
  })

  it('covers the whole class in its order, warm-up and cool-down as they are done, and each exercise once', () => {
    for (const { document } of demoClasses(new Date(2026, 0, 5))) {
      const sections = walkThrough(document.plan, library)
      const told = sections.flatMap(({ items }) => items.filter(({ when }) => !when).map(({ name }) => name))
      expect(new Set(told).size, document.plan.name).toBe(told.length)
      const inPlan = document.plan.parts
        .flatMap(({ pieces }) => pieces)
        .flatMap((piece) => (piece.type === 'circuit' && piece.stations.some(({ uses }) => uses.length > 0) ? [piece.id] : []))
      expect(sections.map(({ circuitId }) => circuitId).filter((id) => inPlan.includes(id))).toEqual(inPlan)
      for (const piece of document.plan.parts.flatMap(({ pieces }) => pieces)) {
        if (piece.type === 'pause') continue
        const section = sections.find(({ circuitId }) => circuitId === piece.id)
        const all = [...(section?.items ?? []), ...(section?.again ?? [])].map(({ name }) => name)
        for (const { exerciseId, optionId } of piece.stations.flatMap(({ uses }) => uses))
          expect(all).toContain(formOf(exercisesById(libraryExercises).get(exerciseId)!, optionId).name)
      }
    }
  })

  it('an exercise at two stations is explained at the first, and named at the other', () => {
    const plan = lunch()
    const { stations } = stationsOf(plan)
    stations[4]!.uses = [{ ...stations[0]!.uses[0]!, id: 'twin', reps: { count: 8, counted: 'total' } }]
    const section = main(walkThrough(plan, library))
    expect(section.items.map(({ number }) => number)).toEqual(['1', '2', '3', '4', '6', '7', '8'])
    expect(section.again).toEqual([{ number: '5', name: section.items[0]!.name, how: '8 reps' }])
    expect(exercisesToExplain(plan)).toBe(7)
  })

  it('of what is held nothing is said of reps, unless they are counted', () => {
    const standardOf = (reps?: { count: number; counted: 'total' }) => {
      const plan = lunch()
      stationsOf(plan).stations[0]!.uses = [{ id: 'held', exerciseId: 'plank', sides: 'none', ...(reps && { reps }) }]
      return main(walkThrough(plan, library)).items[0]!.repStandard
    }
    expect([standardOf(), standardOf({ count: 20, counted: 'total' })]).toEqual(['Held for the time.', ''])
    expect(main(walkThrough(lunch(), library)).items[0]!.repStandard).toBe('A rep: Thighs level, then all the way up.')
  })

  it('says how a list is gone through: once and then round after round, on rungs, to the finish, or for its time', () => {
    const said = (id: string) => walkThrough(shape(id), library).map(({ list }) => list)
    expect(said('K')[0]).toBe('1 to 5 once, then the others round after round, at your own pace, for 8:00.')
    expect(said('J')).toEqual(['Round after round, at your own pace, for 15:00.'])
    expect(said('M')[0]).toBe('10-8-6-4-2 of each, at your own pace.')
    expect(said('N')[0]).toBe('Through the list once, at your own pace, until all of it is done.')
    expect(said('C2')).toEqual([''])
  })

  it('the items of a list have their numbers, and two exercises at one station a letter', () => {
    const [list] = walkThrough(shape('J'), library).filter(({ asDone }) => !asDone)
    expect(list!.items.map(({ number }) => number)).toEqual(list!.items.map((_, index) => String(index + 1)))
    const plan = lunch()
    const stations = stationsOf(plan)
    stations.stay = { kind: 'intervals', workSeconds: [20, 20], gapSeconds: 0, sets: 1, setRestSeconds: 0 }
    stations.stations[0]!.uses.push({ id: 'second', exerciseId: 'plank', sides: 'none' })
    expect(
      main(walkThrough(plan, library))
        .items.slice(0, 3)
        .map(({ number }) => number),
    ).toEqual(['1a', '1b', '2'])
  })

  it('names who goes which way where partners part, and nobody where groups stay together', () => {
    const document = classDocument('demo-lunch')
    const said = (rule: 'twoFiles' | 'loop') => {
      const computed = computeClass({ ...document, rotations: { 'll-stations': { rule } } }, demoLibrary)
      return whoGoes(computed.rotations[0]!)
    }
    const names = computeClass(document, demoLibrary).groups.map((group) => group.map(({ name }) => name))
    expect(said('loop')).toBeUndefined()
    expect(said('twoFiles')).toMatch(/^First partners: .* and \w+\. Second partners: .* and \w+\.$/)
    const [first, second] = said('twoFiles')!.split('Second partners')
    for (const [one, other] of names) {
      expect(first).toContain(one)
      expect(second).toContain(other)
    }
  })

  it('an exercise that the hall does not have is still named', () => {
    expect(walkThrough(shape('A'), { exercises: [], gear: [] }).flatMap(({ items }) => items.map(({ name }) => name))).toEqual([
      'exercise-1',
      'exercise-2',
      'exercise-3',
      'exercise-4',
      'exercise-5',
      'exercise-6',
    ])
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
    const squat = main(walkThrough(document.plan, demoLibrary, computed)).items.find(({ name }) => name === 'Goblet squat')!
    expect(squat.instead).toEqual([{ name: 'Sit to a high chair', who: ['Ilse', 'Hettie'] }])
    expect(JSON.stringify(squat.instead)).not.toContain('knee')
  })
})
