import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { demoGear } from '../../../scripts/demo/hall'
import { demoPeople } from '../../../scripts/demo/people'
import { libraryExercises } from '../../../scripts/library/exercises'
import { intervals, plainCircuit, plainPart } from '../plan/edit/make'
import type { Doer } from '../options/form-for'
import type { Circuit, Plan } from '../plan/plan'
import { compileTimeline } from '../timeline/compile'
import { commonPaces } from '../pace/pace'
import { kilocaloriesPerMinute, loadOf, regionsByLoad } from './load'

const library = { people: [], exercises: libraryExercises, gear: demoGear }
let counter = 0
const newId = () => `l${counter++}`
const station = (exerciseId: string) => ({
  id: newId(),
  uses: [{ id: newId(), exerciseId, sides: 'none' as const }],
  span: 1 as const,
  rest: false,
  skipLaps: [],
})

const load = (plan: Plan) => {
  const timeline = compileTimeline(plan, commonPaces)
  if (!timeline.ok) throw new Error(timeline.problems[0]!.message)
  return { ...loadOf(plan, timeline.value, library, commonPaces), timeline: timeline.value }
}
const planOfOne = (...exerciseIds: string[]): Plan => ({
  id: 'p',
  name: 'P',
  slotSeconds: 600,
  parts: [plainPart(newId, [plainCircuit(newId, 'C', exerciseIds.map(station), intervals([60]))])],
})

describe('energy', () => {
  it('8 MET at 70 kg is 9.8 kcal a minute (ACSM guidelines; from memory)', () => {
    expect(kilocaloriesPerMinute(8, 70)).toBeCloseTo(9.8)
  })

  it('an hour of vigorous circuit, about 8 MET, is 480 MET-minutes (Compendium of Physical Activities 2011; from memory)', () => {
    expect(kilocaloriesPerMinute(8, 60) * 60).toBeCloseTo((480 * 3.5 * 60) / 200)
  })
})

describe('the load picture', () => {
  it('shares an exercise of two regions between them, and a list by the time of its items', () => {
    const { byRegion, byPattern } = load(planOfOne('push-up', 'plank'))
    expect(byRegion).toEqual({ lower: 0, upper: 30, core: 90, cardio: 0 })
    expect([byPattern.push, byPattern.brace]).toEqual([60, 60])
  })

  it('is a range from the lower figures at 60 kg to the higher at 90 kg', () => {
    const { metMinutes, kilocalories } = load(planOfOne('rope-skip'))
    expect([metMinutes.low, metMinutes.high]).toEqual([8, 12.3])
    expect([kilocalories.low, kilocalories.high]).toEqual([expect.closeTo(8.4), expect.closeTo(19.37, 1)])
  })

  it('accounts for every second of work of every demo class, and follows the whole class', () => {
    for (const { document } of demoClasses(new Date(2026, 0, 5))) {
      const { byRegion, unknown, intensity, timeline } = load(document.plan)
      const work = timeline.phases.filter((phase) => phase.kind === 'work').reduce((sum, phase) => sum + phase.seconds, 0)
      const told = Object.values(byRegion).reduce((sum, seconds) => sum + seconds, 0)
      expect(told + unknown).toBeCloseTo(work)
      expect(intensity[0]!.start).toBe(0)
      expect(Math.max(...intensity.map(({ met }) => met))).toBeGreaterThan(3)
    }
  })

  it('who takes turns works half of it and rests the other half; who is alone works it all', () => {
    const inTurns = (pairs: 'both' | 'inTurns' | 'halfEach', groups: number[]) => {
      const plan: Plan = {
        ...planOfOne(),
        parts: [plainPart(newId, [plainCircuit(newId, 'C', [station('rope-skip')], intervals([60]), { travel: 'rotate', pairs })])],
      }
      const timeline = compileTimeline(plan, commonPaces)
      if (!timeline.ok) throw new Error(timeline.problems[0]!.message)
      const seconds = timeline.value.phases.reduce((sum, phase) => sum + (phase.kind === 'work' ? phase.seconds : 0), 0)
      const { byRegion, metMinutes } = loadOf(plan, timeline.value, library, commonPaces, {
        groups: groups.map((size) => demoPeople.slice(0, size)),
      })
      return { share: byRegion.cardio / seconds, met: metMinutes.low / (timeline.value.total / 60) }
    }
    expect(inTurns('both', [2, 2]).share).toBe(inTurns('both', []).share)
    const whole = inTurns('halfEach', [1, 1]).share
    expect([inTurns('halfEach', [2, 2]).share, inTurns('inTurns', [2, 2]).share]).toEqual([whole / 2, whole / 2])
    expect(inTurns('halfEach', [2, 1, 1]).share).toBeCloseTo((whole * 3) / 4)
    // 8 METs at the least while at work, 1.8 while the partner works.
    expect(inTurns('halfEach', [2, 2]).met).toBeCloseTo((8 + 1.8) / 2)
  })

  it('is of what those who are here do: who shows the harder version runs, who is new works a part of it', () => {
    const plan = planOfOne('shuttle-walk')
    const timeline = compileTimeline(plan, commonPaces)
    if (!timeline.ok) throw new Error(timeline.problems[0]!.message)
    const person = { id: 'a', name: 'Bo', level: 'regular' as const, goEasy: [], goEasyNote: '', loads: {} }
    const runs: Doer = { ...person, id: 'b', shows: 'harder' }
    const met = (people: Doer[]) => loadOf(plan, timeline.value, library, commonPaces, { people }).metMinutes.low
    // A walk is 3.5 MET in this library, a run 7.
    expect([met([]), met([person]), met([runs]), met([person, runs])]).toEqual([3.5, 3.5, 7, expect.closeTo(5.25)])
    const use = (plan.parts[0]!.pieces[0] as Circuit).stations[0]!.uses[0]!
    use.dose = { newcomer: { seconds: 30 } }
    expect(met([{ ...person, level: 'newcomer' }])).toBeCloseTo((3.5 + 1.8) / 2)
  })

  it('a rest station is a rest, not an exercise that nobody knows', () => {
    const plan = planOfOne('rope-skip', 'rope-skip')
    const circuit = plan.parts[0]!.pieces[0]!
    if (circuit.type !== 'circuit') return expect.unreachable()
    circuit.stations[1] = { ...circuit.stations[1]!, uses: [], rest: true }
    const { unknown, byRegion, metMinutes } = load(plan)
    expect([unknown, byRegion.cardio]).toEqual([0, load(planOfOne('rope-skip')).byRegion.cardio])
    expect(metMinutes.low).toBeCloseTo(8 + 1.8)
  })

  it('does not know an exercise that the hall does not have', () => {
    expect(load(planOfOne('nowhere')).unknown).toBe(60)
    expect(regionsByLoad({ byRegion: { lower: 1, upper: 5, core: 3, cardio: 0 } })).toEqual(['upper', 'core', 'lower', 'cardio'])
  })

  it('of a class in two waves everybody does both: half of the stations’ time, and the list once', () => {
    const list = plainCircuit(newId, 'Meanwhile', [station('plank')], intervals([60]))
    const circuit = plainCircuit(newId, 'C', [station('push-up'), station('push-up')], intervals([60]), {
      travel: 'rotate',
      waves: { meanwhile: list },
    })
    const { byPattern, timeline } = load({ id: 'p', name: 'P', slotSeconds: 600, parts: [plainPart(newId, [circuit])] })
    expect(timeline.total).toBe(240)
    expect([byPattern.push, byPattern.brace]).toEqual([120, 60])
  })
})
