import { describe, expect, it } from 'vitest'
import { demoPlans } from '../../../scripts/demo/plans'
import { shapes } from '../../../tests/fixtures/shapes'
import { walkThrough } from '../brief/walk-through'
import { libraryExercises } from '../../../scripts/library/exercises'
import { demoGear } from '../../../scripts/demo/hall'
import { mainCircuits, mainPiece } from './main-circuits'
import { Plan, type Part } from './plan'
import { roleOf, rolesOf } from './roles'

const shape = (id: string) => Plan.parse(shapes.find((found) => found.id === id)!.plan)
const demo = (id: string) => demoPlans.find((plan) => plan.id === id)!
const rolesIn = (plan: Plan) => plan.parts.map((part) => roleOf(plan, part))
const withRole = (plan: Plan, at: number, role: Part['role']): Plan => ({
  ...plan,
  parts: plan.parts.map((part, index) => (index === at ? { ...part, role } : part)),
})

describe('what each part is for', () => {
  it('where people rotate: what is before warms up, what is after cools down', () => {
    expect(rolesIn(demo('lunch-loop'))).toEqual(['warmUp', 'main', 'coolDown'])
    expect(mainCircuits(demo('early-two-halves')).map(({ name }) => name)).toEqual(['First half', 'Second half'])
    // Without any names the same.
    const unnamed = structuredClone(demo('lunch-loop'))
    for (const part of unnamed.parts) for (const piece of part.pieces) delete piece.name
    expect(rolesIn(unnamed)).toEqual(['warmUp', 'main', 'coolDown'])
  })

  it('where nobody does, every part that is no small beginning or end is main: of shapes F, K, L, M, N and Q all that is done', () => {
    for (const id of ['F', 'K', 'L', 'M', 'N', 'Q']) {
      const plan = shape(id)
      const circuits = plan.parts.flatMap(({ pieces }) => pieces.filter(({ type }) => type === 'circuit'))
      expect([id, mainCircuits(plan)]).toEqual([id, circuits])
    }
    expect(rolesIn(demo('long-short'))).toEqual(['warmUp', 'main', 'main', 'coolDown'])
    expect(mainCircuits(demo('brick-by-brick')).map(({ name }) => name)).toEqual(['Rounds', 'Ladder'])
  })

  it('a short first one by the clock warms up, however much work its stations are by themselves', () => {
    const plan = structuredClone(shape('Q'))
    const [first] = plan.parts[0]!.pieces
    if (first?.type !== 'circuit' || first.stay.kind !== 'intervals') throw new Error('shape')
    first.stay.workSeconds = [5]
    first.laps = 1
    first.stay.sets = 1
    expect(rolesIn(plan)).toEqual(['warmUp', 'main'])
    expect(mainPiece(plan)).toBe(plan.parts[1]!.pieces[0])
    // A station of its own length counts with that.
    first.stations[0]!.stay = { kind: 'intervals', workSeconds: [900], gapSeconds: 0, sets: 1, setRestSeconds: 0 }
    expect(rolesIn(plan)[0]).toBe('main')
  })

  it('what is said holds: a part that is called a finisher is one, and is explained; a warm-up is not', () => {
    const plan = demo('long-short')
    expect(rolesIn(withRole(plan, 2, 'finisher'))[2]).toBe('finisher')
    expect(mainCircuits(withRole(plan, 2, 'finisher')).map(({ name }) => name)).toEqual(['Long and short', 'Four more'])
    expect(mainCircuits(withRole(plan, 2, 'warmUp')).map(({ name }) => name)).toEqual(['Long and short'])
    expect([...rolesOf(withRole(plan, 1, 'coolDown')).values()]).toEqual(['warmUp', 'coolDown', 'main', 'coolDown'])
  })

  it('the brief explains all of it, each exercise, and tells once how to breathe', () => {
    const sections = walkThrough(demo('long-short'), { exercises: libraryExercises, gear: demoGear })
    expect(sections.filter(({ asDone }) => !asDone).map(({ name }) => name)).toEqual(['Long and short', 'Four more'])
    const breaths = sections.flatMap(({ items }) => items).flatMap(({ breathing }) => (breathing ? [breathing] : []))
    expect(new Set(breaths).size).toBe(breaths.length)
    expect(breaths.length).toBeGreaterThan(0)
  })
})
