import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoPlans } from '../../../../scripts/demo/plans'
import { copyOf, takenFrom } from './copied'
import { newPiece, withAfter, withFirst, withLast, withMoved, withoutPiece, type PieceKind } from './pieces'
import { Plan } from '../plan'
import { read } from '../../base/read'
import { piecesAtRepeat } from '../vary'

let counter = 0
const newId = () => `new${counter++}`
const order = (plan: Plan) => plan.parts.flatMap((part) => part.pieces.map((piece) => piece.id))
const withCopy = (plan: Plan, id: string) => {
  const { piece, ...about } = copyOf(takenFrom(plan, id)!, newId)
  return withAfter(plan, id, piece, about)
}
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
    const { piece } = copyOf(takenFrom(varied, varied.parts[1]!.pieces[0]!.id)!, newId)
    expect(read(Plan, withLast(varied, piece, newId)).ok).toBe(true)
    expect(piece).toMatchObject({ type: 'circuit', stay: { workSeconds: [45, 25] } })
    expect(takenFrom(varied, 'nobody')).toBeUndefined()
  })

  it('a copy differs at the same repeats as what it was made of, as far as there are repeats', () => {
    const at = varied.parts.findIndex((part) => part.vary.length > 0)
    const part = varied.parts[at]!
    const taken = takenFrom(varied, part.pieces[0]!.id)!
    const { piece, ...about } = copyOf(taken, newId)
    const beside = withAfter(varied, part.pieces[0]!.id, piece, about)
    expect(read(Plan, beside).ok).toBe(true)
    const figures = (changed: Plan, repeat: number, which: number) => piecesAtRepeat(changed.parts[at]!, repeat)[which]
    for (let repeat = 0; repeat < part.repeat; repeat++) {
      const [original, copy] = [figures(beside, repeat, 0), figures(beside, repeat, 1)]
      if (original?.type !== 'circuit' || copy?.type !== 'circuit') return expect.unreachable()
      expect(copy.stay).toEqual(original.stay)
      expect(copy.stations.map(({ uses }) => uses.map(({ id: _, ...use }) => use))).toEqual(
        original.stations.map(({ uses }) => uses.map(({ id: _, ...use }) => use)),
      )
    }
    expect(taken.vary.length).toBeGreaterThan(0)
    // Where nothing is repeated there is nothing to differ.
    const once = withAfter(lunch, 'll-brief', piece, about)
    expect(once.parts.flatMap(({ vary }) => vary).filter(({ id }) => about.vary.some((known) => known.id === id && known.at > 0))).toEqual(
      [],
    )
    expect(read(Plan, once).ok).toBe(true)
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
          if (what === 'add') plan = withAfter(plan, id, newPiece(of, newId))
          if (what === 'copy') plan = withCopy(plan, id)
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
