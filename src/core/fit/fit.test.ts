import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoPlans } from '../../../scripts/demo/plans'
import { planOf, presets } from '../plan/edit/presets'
import { Plan, type Circuit, type PlanInput } from '../plan/plan'
import { starterPlan } from '../plan/edit/starter'
import { compileTimeline } from '../timeline/compile'
import { fitWords, withFit } from './apply'
import { costOf, fitToSlot } from './fit'
import { alikeTo, canFit, timingOf, withTiming, workToBreaks, type Timing } from './timing'

let counter = 0
const newId = () => `n${counter++}`
const totalOf = (plan: Plan) => {
  const timeline = compileTimeline(plan)
  if (!timeline.ok) throw new Error(timeline.problems[0]!.message)
  return timeline.value.total
}
const circuitsOf = (plan: Plan): Circuit[] =>
  plan.parts.flatMap((part) => part.pieces.filter((piece): piece is Circuit => piece.type === 'circuit'))
const circuitOf = (plan: Plan): Circuit =>
  circuitsOf(plan).sort((a, b) => Number(b.travel === 'rotate') - Number(a.travel === 'rotate'))[0]!
const free = { locked: new Set<keyof Timing>() }

describe('fit to slot', () => {
  it('45 minutes, 8 stations, about 2 : 1: fills the slot to the second, in steps of 5 s', () => {
    const plan = starterPlan('Forty-five', 2700, 8, newId)
    const circuit = circuitOf(plan)
    const fits = fitToSlot(plan, circuit, { ...free, ratio: 2 })
    expect(fits.length).toBeGreaterThanOrEqual(3)
    for (const fit of fits) {
      expect(totalOf(withFit(plan, circuit, fit, newId))).toBe(2700)
      expect((fit.workSeconds % 5) + (fit.transitionSeconds % 5)).toBe(0)
      expect(fit.workSeconds / fit.transitionSeconds).toBeGreaterThan(1.4)
      expect(fit.workSeconds / fit.transitionSeconds).toBeLessThan(2.9)
    }
  })

  it('keeps what is locked, and ranks by cost', () => {
    const plan = demoPlans.find((plan) => plan.id === 'lunch-loop')!
    const circuit = circuitOf(plan)
    const fits = fitToSlot(plan, circuit, { locked: new Set<keyof Timing>(['workSeconds', 'transitionSeconds']) })
    expect(fits.length).toBeGreaterThan(0)
    for (const fit of fits) expect(fit).toMatchObject({ workSeconds: 40, transitionSeconds: 15 })
    expect(fits.map((fit) => fit.cost)).toEqual(fits.map((fit) => fit.cost).sort((a, b) => a - b))
    expect(fitWords(circuit, fits[0]!, free).join()).toMatch(/lap more/)
  })

  it('numbers that need too long come down by the least that fits', () => {
    const plan = { ...demoPlans.find((plan) => plan.id === 'lunch-loop')!, slotSeconds: 1500 }
    const circuit = circuitOf(plan)
    const [best] = fitToSlot(plan, circuit, free)
    expect(totalOf(withFit(plan, circuit, best!, newId))).toBe(1500)
  })

  it('fits every preset whose length follows from its numbers, to the second', () => {
    const makings = { newId, main: ['a', 'b', 'c'], suggested: { warmUp: [], coolDown: [] } }
    const fitted = presets.filter((preset) => {
      const plan = planOf(preset, preset.name, preset.slotSeconds, makings)
      const circuit = circuitsOf(plan).find((known) => canFit(known) && known.name !== 'Warm-up')!
      const [best] = fitToSlot(plan, circuit, free)
      if (best) expect(totalOf(withFit(plan, circuit, best, newId)), preset.id).toBe(preset.slotSeconds)
      return best !== undefined
    })
    // A hold and its list share one window; an alternation of two is not long enough for its slot in any numbers near it.
    expect(fitted.length).toBeGreaterThanOrEqual(presets.length - 2)
  })

  it('a second set of exercises keeps the figures of the first', () => {
    const plan = planOf(
      presets.find((preset) => preset.id === 'two-sets')!,
      'Two',
      2400,
      {
        newId,
        main: [],
        suggested: { warmUp: [], coolDown: [] },
      },
    )
    const first = circuitsOf(plan).find((circuit) => circuit.name === 'First set')!
    expect(alikeTo(plan, first).map((circuit) => circuit.name)).toEqual(['First set', 'Second set'])
    const then = withFit(plan, first, fitToSlot(plan, first, { ...free, ratio: 1 })[0]!, newId)
    const [one, two] = circuitsOf(then).filter((circuit) => circuit.name?.endsWith('set'))
    expect(timingOf(one!)).toEqual(timingOf(two!))
    expect(timingOf(one!)).not.toEqual(timingOf(first))
  })

  it('unequal work keeps its differences, and the ratio is over the whole stay', () => {
    const stay = { kind: 'intervals' as const, workSeconds: [20, 20, 20], gapSeconds: 0, sets: 4, setRestSeconds: 60 }
    // Row G: 3 × 20 s of work to 60 s of rest.
    expect(workToBreaks({ stay, transition: { seconds: 15, how: 'walk' } })).toBe(1)
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
      shape: fc.constantFrom('plain' as const, 'several' as const, 'varied' as const, 'waves' as const, 'list' as const),
    })
    fc.assert(
      fc.property(shape, ({ stations, rotate, slot, work, transition, gap, water, repeat, drop, own, shape }) => {
        const travel = rotate || shape === 'waves' ? 'rotate' : 'together'
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
                  travel,
                  laps: 2,
                  lapRestSeconds: 30,
                  lastGap: drop ? 'drop' : 'keep',
                  transition: { seconds: transition },
                  stay:
                    shape === 'list'
                      ? { kind: 'task', goal: 'cap', capSeconds: work * 3 }
                      : shape === 'several'
                        ? { kind: 'intervals', workSeconds: [work, work + 15], gapSeconds: gap, sets: 2, setRestSeconds: 20 }
                        : { kind: 'intervals', workSeconds: [work], gapSeconds: gap },
                  vary: shape === 'varied' ? [{ at: 1, id: 'c', field: 'transitionSeconds', value: 40 }] : [],
                  ...(shape === 'waves' && {
                    waves: {
                      meanwhile: {
                        id: 'm',
                        type: 'circuit',
                        travel: 'together',
                        laps: 1,
                        stay: { kind: 'intervals', workSeconds: [60] },
                        stations: [{ id: 'ms' }],
                      },
                    },
                  }),
                  stations: Array.from({ length: stations }, (_, index) => ({
                    id: `s${index}`,
                    uses: [
                      { id: `u${index}`, exerciseId: 'x', sides: own && shape !== 'list' ? ('ownInterval' as const) : ('none' as const) },
                    ],
                    ...(index === 2 && travel === 'together' && { skipLaps: [1] }),
                  })),
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
        const lapsKept = shape === 'varied' || (travel === 'together' && stations > 2)
        const fits = fitToSlot(plan, circuit, { locked, ratio: 2 })
        let best = Infinity
        const works =
          shape === 'list'
            ? [...Array.from({ length: 109 }, (_, index) => 60 + index * 5), work * 3]
            : [...Array.from({ length: 34 }, (_, index) => 15 + index * 5), work]
        for (const workSeconds of works) {
          for (const laps of lapsKept ? [2] : Array.from({ length: 10 }, (_, index) => index + 1)) {
            const timing = { ...now, workSeconds, laps }
            const timeline = compileTimeline(withTiming(plan, [circuit], timing))
            const spare = timeline.ok ? plan.slotSeconds - timeline.value.total : -1
            if (spare >= 0 && spare <= 180) best = Math.min(best, costOf(circuit, timing, spare, 2))
          }
        }
        expect(fits[0]?.cost ?? Infinity).toBeCloseTo(best, 9)
      }),
      { numRuns: 12 },
    )
  })
})
