import { describe, expect, it } from 'vitest'
import { read } from '../base/read'
import { compileTimeline } from '../timeline/compile'
import { tidyPlan } from './edit/tidy'
import { Plan, type Circuit, type PlanInput, type VariationRule } from './plan'
import { circuitAtLap, piecesAtRepeat } from './vary'

const use = { id: 'u', exerciseId: 'squat', sides: 'none', reps: { count: 20, most: 24 } } as const
const written = (rules: { circuit?: VariationRule[]; part?: VariationRule[]; gap?: number; work?: number[] }): PlanInput => ({
  id: 'p',
  name: 'P',
  slotSeconds: 3600,
  parts: [
    {
      id: 'part',
      repeat: 3,
      ...(rules.part && { varyRules: rules.part }),
      pieces: [
        {
          id: 'c',
          type: 'circuit',
          travel: 'together',
          laps: 4,
          stay: { kind: 'intervals', workSeconds: rules.work ?? [50], gapSeconds: rules.gap ?? 30 },
          stations: [{ id: 's', uses: [use] }],
          ...(rules.circuit && { varyRules: rules.circuit }),
        },
      ],
    },
  ],
})
const planOf = (rules: Parameters<typeof written>[0]) => {
  const found = read(Plan, written(rules))
  if (!found.ok) throw new Error(JSON.stringify(found.problems))
  return found.value
}
const circuitOf = (plan: Plan, repeat = 0) => piecesAtRepeat(plan.parts[0]!, repeat)[0] as Circuit
const flip: VariationRule = { rule: 'exchange', id: 'c', fields: ['workSeconds', 'gapSeconds'] }

describe('rules by which figures differ', () => {
  it('50 and 30, then 30 and 50: and the flip follows when a figure is changed', () => {
    const workAt = (gap: number) => [0, 1, 2, 3].map((lap) => circuitAtLap(circuitOf(planOf({ circuit: [flip], gap })), lap).stay)
    expect(workAt(30)).toMatchObject([50, 30, 50, 30].map((work) => ({ workSeconds: [work], gapSeconds: 80 - work })))
    expect(workAt(20)).toMatchObject([50, 20, 50, 20].map((work) => ({ workSeconds: [work], gapSeconds: 70 - work })))
  })

  it('50 + 30, then 30 + 50: lengths of work change places among themselves, and go on to when one is changed', () => {
    const turned: VariationRule = { rule: 'exchange', id: 'c', fields: ['workSeconds', 'workSeconds'] }
    const works = (work: number[]) =>
      [0, 1, 2].map((at) => (circuitOf(planOf({ part: [turned], work }), at).stay as { workSeconds: number[] }).workSeconds)
    expect(works([50, 30])).toEqual([
      [50, 30],
      [30, 50],
      [50, 30],
    ])
    expect(works([40, 30, 20])[1]).toEqual([20, 30, 40])
    expect(read(Plan, written({ circuit: [turned], work: [40, 40] }))).toMatchObject({
      problems: [{ message: expect.stringContaining('that differ') }],
    })
  })

  it('the class lasts as its laps say', () => {
    const timeline = compileTimeline(planOf({ part: [flip] }))
    if (!timeline.ok) return expect.unreachable()
    const work = timeline.value.phases.filter((phase) => phase.kind === 'work').map((phase) => phase.seconds)
    expect(work).toEqual([50, 50, 50, 50, 30, 30, 30, 30, 50, 50, 50, 50])
  })

  it('18, 15, 12, 9: a series gives each lap its figure, the last one stays, and ranges go', () => {
    const plan = planOf({ circuit: [{ rule: 'series', id: 'u', field: 'reps', values: [18, 15, 12] }] })
    const reps = [0, 1, 2, 3].map((lap) => circuitAtLap(circuitOf(plan), lap).stations[0]!.uses[0]!.reps)
    expect(reps).toEqual([18, 15, 12, 12].map((count) => ({ count, counted: 'total' })))
    const works = planOf({ part: [{ rule: 'series', id: 'c', field: 'workSeconds', values: [40, 30] }], work: [50, 50] })
    expect([0, 1, 2].map((repeat) => circuitOf(works, repeat).stay)).toMatchObject(
      [40, 30, 30].map((seconds) => ({ workSeconds: [seconds, seconds] })),
    )
  })

  it('what is said of one lap stands over the rule', () => {
    const plan = planOf({ circuit: [flip] })
    const circuit = circuitOf(plan)
    const own = { ...circuit, vary: [{ at: 1, id: 'c', field: 'workSeconds' as const, value: [45] }] }
    expect(circuitAtLap(own, 1).stay).toMatchObject({ workSeconds: [45], gapSeconds: 50 })
  })

  it.each([
    ['different positions', { work: [50, 40] }],
    ['no gap to exchange with', { gap: 0 }],
  ])('an exchange with %s is refused, and tidied away', (_, figures) => {
    expect(read(Plan, written({ circuit: [flip], ...figures }))).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringContaining('cannot be exchanged: work needs one length') }],
    })
    const plan = planOf(figures)
    const circuit = { ...circuitOf(plan), varyRules: [flip] }
    expect(tidyPlan({ ...plan, parts: [{ ...plan.parts[0]!, pieces: [circuit] }] }).parts[0]!.pieces[0]).not.toHaveProperty('varyRules')
  })
})
