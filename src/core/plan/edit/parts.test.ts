import { describe, expect, it } from 'vitest'
import { shapes } from '../../../../tests/fixtures/shapes'
import { Plan } from '../plan'
import { partOf, withPartFrom, withPartJoined, withPieceInPart } from './parts'
import { tidyPlan } from './tidy'

const shape = (id: string) => Plan.parse(shapes.find((known) => known.id === id)!.plan)
const idsIn = (plan: Plan) => plan.parts.map(({ pieces }) => pieces.map(({ id }) => id))
let counter = 0
const newId = () => `new${counter++}`

describe('parts of a plan', () => {
  it('one is split before a piece and joined again, with what varies of each', () => {
    const plan = shape('L')
    const [first, second] = plan.parts[0]!.pieces
    const split = withPartFrom(plan, second!.id, newId)
    expect(idsIn(split)[0]).toEqual([first!.id])
    expect(idsIn(split)[1]![0]).toBe(second!.id)
    expect(split.parts[0]!.vary.concat(split.parts[1]!.vary)).toHaveLength(plan.parts[0]!.vary.length)
    expect(split.parts[1]!.repeat).toBe(plan.parts[0]!.repeat)
    expect(Plan.safeParse(tidyPlan(split)).error).toBeUndefined()
    const joined = withPartJoined(split, split.parts[0]!.id)
    expect({ ...joined.parts[0]!, vary: joined.parts[0]!.vary.length }).toEqual({ ...plan.parts[0]!, vary: plan.parts[0]!.vary.length })
  })

  it('a pause that is split off comes once, however often its part does', () => {
    const plan = shape('L')
    const [part] = plan.parts
    const pause = { id: 'rest', type: 'pause', kind: 'rest', seconds: 120 } as const
    const split = withPartFrom({ ...plan, parts: [{ ...part!, pieces: [...part!.pieces, pause] }] }, 'rest', newId)
    expect(split.parts.map(({ repeat, restBetweenSeconds }) => [repeat, restBetweenSeconds])).toEqual([
      [4, 60],
      [1, 0],
    ])
  })

  it('the first piece of a part begins it already, and the last part has none to be joined with', () => {
    const plan = shape('Q')
    expect(withPartFrom(plan, plan.parts[0]!.pieces[0]!.id, newId)).toBe(plan)
    expect(withPartJoined(plan, plan.parts.at(-1)!.id)).toBe(plan)
  })

  it('a piece goes into another part, where it touches its own; a part left empty goes', () => {
    const plan = shape('Q')
    const [one, other] = plan.parts
    const moved = withPieceInPart(plan, one!.pieces[0]!.id, other!.id)
    expect(idsIn(moved)).toEqual([[one!.pieces[0]!.id, ...other!.pieces.map(({ id }) => id)]])
    expect(partOf(moved, one!.pieces[0]!.id)!.id).toBe(other!.id)
    expect(withPieceInPart(plan, 'none', other!.id)).toBe(plan)
  })
})
