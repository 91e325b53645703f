import { describe, expect, it } from 'vitest'
import { demoPlans } from '../../../../scripts/demo/plans'
import { shapes } from '../../../../tests/fixtures/shapes'
import { compileTimeline } from '../../timeline/compile'
import { readCycle, readLaps, readRungs, readTempo, showCycle, showLaps, showRungs, showTempo } from '../words/notation'
import { withMovedTo } from './pieces'
import { Plan, type Circuit } from '../plan'
import { read } from '../../base/read'
import { stretchedPiece, stretchStep, withStretched } from './stretch'
import { tidyPlan } from './tidy'

const all = [...shapes.map((shape) => Plan.parse(shape.plan)), ...demoPlans]
const circuitsIn = (plan: Plan) => plan.parts.flatMap((part) => part.pieces.filter((piece): piece is Circuit => piece.type === 'circuit'))

describe('tidy', () => {
  it('leaves a sound plan as it is', () => {
    for (const plan of all) expect(tidyPlan(plan)).toBe(plan)
  })

  it('makes any plan sound again after travel, laps, repeats or positions have changed', () => {
    for (const original of all) {
      for (const change of ['rotate', 'together', 'oneLap', 'oneRepeat', 'onePosition'] as const) {
        const plan = structuredClone(original)
        for (const part of plan.parts) if (change === 'oneRepeat') part.repeat = 1
        for (const circuit of circuitsIn(plan)) {
          if (change === 'rotate' || change === 'together') circuit.travel = change
          if (change === 'oneLap' && circuit.laps) circuit.laps = 1
          if (change === 'onePosition' && circuit.stay.kind === 'intervals') circuit.stay.workSeconds = circuit.stay.workSeconds.slice(0, 1)
        }
        const result = read(Plan, tidyPlan(plan))
        // A list to the finish needs a cap to rotate: that is for the coach to give.
        const problems = result.ok ? [] : result.problems.filter((problem) => !problem.field.endsWith('capSeconds'))
        expect(problems, `${original.id} ${change}`).toEqual([])
      }
    }
  })

  it('an opener is never longer than its list, and a ladder without rungs is not led', () => {
    const plan = Plan.parse(shapes.find((shape) => shape.id === 'M')!.plan)
    const [circuit] = circuitsIn(plan)
    if (circuit?.stay.kind !== 'task') throw new Error('no list')
    circuit.stay.rungClock = { led: true }
    expect(tidyPlan(plan)).toBe(plan)
    circuit.stay.openerCount = 20
    delete circuit.stay.rungs
    const tidied = tidyPlan(plan)
    expect(circuitsIn(tidied)[0]!.stay).toMatchObject({ openerCount: 8 })
    expect(circuitsIn(tidied)[0]!.stay).not.toHaveProperty('rungClock')
    expect(read(Plan, tidied).ok).toBe(true)
  })
})

describe('stretch and move', () => {
  it('makes a piece longer by about as much as asked, in steps of 5 s', () => {
    for (const plan of all) {
      const before = compileTimeline(plan)
      for (const piece of plan.parts.flatMap((part) => (part.repeat === 1 && part.vary.length === 0 ? part.pieces : []))) {
        const by = stretchStep(piece)
        const stretched = stretchedPiece(piece, by)
        if (stretched === piece) continue
        const after = compileTimeline(withStretched(plan, piece.id, by))
        if (
          !before.ok ||
          !after.ok ||
          (piece.type === 'circuit' &&
            (piece.vary.length > 0 || piece.stations.some((station) => station.stay || station.skipLaps.length > 0) || piece.withinSeconds))
        )
          continue
        const grown = after.value.total - before.value.total
        expect(Math.abs(grown - by), `${plan.id} ${piece.id}`).toBeLessThanOrEqual(piece.type === 'pause' ? by : 0)
      }
    }
  })

  it('moves a piece to where another is', () => {
    const plan = demoPlans[0]!
    const order = (of: Plan) => of.parts.flatMap((part) => part.pieces.map((piece) => piece.id))
    const ids = order(plan)
    expect(order(withMovedTo(plan, ids[0]!, ids[2]!)).indexOf(ids[0]!)).toBe(2)
    expect(order(withMovedTo(plan, ids.at(-1)!, ids[0]!))[0]).toBe(ids.at(-1))
    expect(withMovedTo(plan, ids[1]!, 'nowhere')).toBe(plan)
  })
})

describe('figures written by hand', () => {
  it('are read as they are shown', () => {
    expect(showRungs(readRungs('10-8-6-4-2')!)).toBe('10-8-6-4-2')
    expect(readRungs('10, 8 6')).toEqual([10, 8, 6])
    expect(showTempo(readTempo('4 2 1 0')!)).toBe('4-2-1-0')
    expect(showCycle(readCycle('5 squats + 3 small jumps')!)).toBe('5 squats + 3 small jumps')
    expect(showLaps(readLaps('1, 4,4')!)).toBe('1, 4')
  })

  it('are refused when they make no sense', () => {
    expect([
      readRungs(''),
      readRungs('10-x'),
      readRungs('0'),
      readTempo('4-2-1'),
      readTempo('0-0-0-0'),
      readTempo('61-0-0-0'),
      readCycle('squats'),
      readCycle('5 a +'),
      readLaps('0'),
      readLaps('x'),
    ]).toEqual(Array(10).fill(undefined))
  })
})
