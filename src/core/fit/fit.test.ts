import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoPlans } from '../../../scripts/demo/plans'
import { isSimple, type SimpleCircuit } from '../plan/edit'
import { Plan, type PlanInput } from '../plan/plan'
import { starterPlan } from '../plan/starter'
import { compileTimeline } from '../timeline/compile'
import { fitWords, withFit } from './apply'
import { costOf, fitToSlot, timingOf, withTiming, type Timing } from './fit'

let counter = 0
const newId = () => `n${counter++}`
const totalOf = (plan: Plan) => {
  const timeline = compileTimeline(plan)
  if (!timeline.ok) throw new Error(timeline.problems[0]!.message)
  return timeline.value.total
}
const circuitOf = (plan: Plan): SimpleCircuit => plan.parts.flatMap((part) => part.pieces).filter(isSimple).sort((a, b) => Number(b.travel === 'rotate') - Number(a.travel === 'rotate'))[0]!
const free = { locked: new Set<keyof Timing>() }

describe('fit to slot', () => {
  it('45 minutes, 8 stations, about 2 : 1: fills the slot to the second, in steps of 5 s', () => {
    const plan = starterPlan('Forty-five', 2700, 8, newId)
    const circuit = circuitOf(plan)
    const fits = fitToSlot(plan, circuit, { ...free, ratio: 2 })
    expect(fits.length).toBeGreaterThanOrEqual(3)
    for (const fit of fits) {
      expect(totalOf(withFit(plan, circuit, fit, newId))).toBe(2700)
      expect(fit.workSeconds % 5 + (fit.transitionSeconds % 5)).toBe(0)
      expect(fit.workSeconds / fit.transitionSeconds).toBeGreaterThan(1.4)
      expect(fit.workSeconds / fit.transitionSeconds).toBeLessThan(2.9)
    }
  })

  it('keeps what is locked, and ranks by cost', () => {
    const plan = demoPlans.find((each) => each.id === 'lunch-loop')!
    const circuit = circuitOf(plan)
    const fits = fitToSlot(plan, circuit, { locked: new Set<keyof Timing>(['workSeconds', 'transitionSeconds']) })
    expect(fits.length).toBeGreaterThan(0)
    for (const fit of fits) expect(fit).toMatchObject({ workSeconds: 40, transitionSeconds: 15 })
    expect(fits.map((fit) => fit.cost)).toEqual(fits.map((fit) => fit.cost).sort((a, b) => a - b))
    expect(fitWords(circuit, fits[0]!, free).join()).toMatch(/lap more/)
  })

  it('numbers that need too long come down by the least that fits', () => {
    const plan = { ...demoPlans.find((each) => each.id === 'lunch-loop')!, slotSeconds: 1500 }
    const circuit = circuitOf(plan)
    const [best] = fitToSlot(plan, circuit, free)
    expect(totalOf(withFit(plan, circuit, best!, newId))).toBe(1500)
  })

  it('finds nothing where there is nothing', () => {
    const plan = { ...starterPlan('Short', 60, 8, newId) }
    expect(fitToSlot(plan, circuitOf(plan), free)).toEqual([])
  })

  it('is never worse than trying everything and compiling it', () => {
    const shape = fc.record({
      stations: fc.integer({ min: 1, max: 4 }),
      rotate: fc.boolean(),
      slot: fc.integer({ min: 3, max: 14 }),
      work: fc.constantFrom(20, 33, 45),
      transition: fc.constantFrom(0, 10, 25),
      gap: fc.constantFrom(0, 12),
      water: fc.constantFrom(undefined, 0, 20),
      repeat: fc.integer({ min: 1, max: 2 }),
      drop: fc.boolean(),
      own: fc.boolean(),
    })
    fc.assert(
      fc.property(shape, ({ stations, rotate, slot, work, transition, gap, water, repeat, drop, own }) => {
        const input: PlanInput = {
          id: 'p',
          name: 'P',
          slotSeconds: slot * 60,
          parts: [
            {
              id: 'a',
              repeat,
              pieces: [
                {
                  id: 'c',
                  type: 'circuit',
                  travel: rotate ? 'rotate' : 'together',
                  laps: 2,
                  lapRestSeconds: 30,
                  lastGap: drop ? 'drop' : 'keep',
                  transition: { seconds: transition },
                  stay: { kind: 'intervals', workSeconds: [work], gapSeconds: gap },
                  stations: Array.from({ length: stations }, (_, index) => ({ id: `s${index}`, uses: [{ id: `u${index}`, exerciseId: 'x', sides: own ? ('ownInterval' as const) : ('none' as const) }] })),
                },
                ...(water === undefined ? [] : [{ id: 'w', type: 'pause' as const, kind: 'water' as const, seconds: water }]),
              ],
            },
          ],
        }
        const plan = Plan.parse(input)
        const circuit = circuitOf(plan)
        const now = timingOf(circuit)
        // Two numbers are locked, so that everything can be tried.
        const locked = new Set<keyof Timing>(['transitionSeconds', 'lapRestSeconds'])
        const fits = fitToSlot(plan, circuit, { locked, ratio: 2 })
        let best = Infinity
        const works = [...Array.from({ length: 34 }, (_, index) => 15 + index * 5), work]
        for (const workSeconds of works) {
          for (let laps = 1; laps <= 10; laps++) {
            const timing = { ...now, workSeconds, laps }
            const timeline = compileTimeline(withTiming(plan, circuit, timing))
            const spare = timeline.ok ? plan.slotSeconds - timeline.value.total : -1
            if (spare >= 0 && spare <= 180) best = Math.min(best, costOf(timing, spare, now, 2))
          }
        }
        expect(fits[0]?.cost ?? Infinity).toBeCloseTo(best, 9)
      }),
      { numRuns: 12 },
    )
  }, 30_000)
})
