import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoPlans } from '../../../../scripts/demo/plans'
import { copyOf, newPiece, withAfter, withFirst, withLast, withMoved, withoutPiece, type PieceKind } from './pieces'
import { Plan } from '../plan'
import { read } from '../../base/read'

let counter = 0
const newId = () => `new${counter++}`
const order = (plan: Plan) => plan.parts.flatMap((part) => part.pieces.map((piece) => piece.id))
const lunch = demoPlans.find((plan) => plan.id === 'lunch-loop')!
const varied = demoPlans.find((plan) => plan.id === 'long-short')!

describe('pieces of a plan', () => {
  it('go first, last and after another', () => {
    const piece = newPiece('water', newId)
    expect(order(withFirst(lunch, piece, newId))[0]).toBe(piece.id)
    expect(order(withLast(lunch, piece, newId)).at(-1)).toBe(piece.id)
    expect(order(withAfter(lunch, 'll-brief', piece)).slice(0, 2)).toEqual(['ll-brief', piece.id])
  })

  it('move past their neighbours, and back again', () => {
    const later = withMoved(lunch, 'll-brief', 1)
    expect(order(later).slice(0, 2)).toEqual(['ll-warm', 'll-brief'])
    expect(order(withMoved(later, 'll-brief', -1))).toEqual(order(lunch))
    expect(order(withMoved(lunch, 'll-brief', -1))).toEqual(order(lunch))
  })

  it('do not slip into a part that is repeated: the parts change places', () => {
    expect(order(withMoved(varied, 'ls-warm', 1)).slice(0, 2)).toEqual(['ls-list', 'ls-warm'])
    expect(withMoved(varied, 'ls-warm', 1).parts[0]!.repeat).toBe(2)
  })

  it('go with their variations and their empty part; the last one stays', () => {
    const cut = withoutPiece(varied, 'ls-list')
    expect(cut.parts.map((part) => part.id)).not.toContain('ls-first')
    const one = order(lunch).reduce(withoutPiece, lunch)
    expect(order(one)).toHaveLength(1)
  })

  it('a copy has ids of its own and the same figures', () => {
    const piece = varied.parts[1]!.pieces[0]!
    const copy = copyOf(piece, newId)
    expect(read(Plan, withLast(varied, copy, newId)).ok).toBe(true)
    expect(copy).toMatchObject({ type: 'circuit', stay: { workSeconds: [45, 25] } })
  })

  it('stay a sound plan after any course of edits', () => {
    const kind = fc.constantFrom<PieceKind>('warmUp', 'stations', 'together', 'coolDown', 'brief', 'water', 'swap', 'rest')
    const edit = fc.tuple(fc.constantFrom('add', 'move', 'remove', 'copy'), fc.nat(), kind, fc.boolean())
    fc.assert(
      fc.property(fc.constantFrom(...demoPlans), fc.array(edit, { maxLength: 12 }), (start, edits) => {
        let plan = start
        for (const [what, where, of, forward] of edits) {
          const ids = order(plan)
          const id = ids[where % ids.length]!
          const piece = plan.parts.flatMap((part) => part.pieces).find((known) => known.id === id)!
          if (what === 'add') plan = withAfter(plan, id, newPiece(of, newId))
          if (what === 'copy') plan = withAfter(plan, id, copyOf(piece, newId))
          if (what === 'move') plan = withMoved(plan, id, forward ? 1 : -1)
          if (what === 'remove') plan = withoutPiece(plan, id)
          if (what === 'move') expect(order(plan).sort()).toEqual([...ids].sort())
        }
        const result = read(Plan, plan)
        expect(result.ok ? [] : result.problems).toEqual([])
      }),
    )
  })
})
