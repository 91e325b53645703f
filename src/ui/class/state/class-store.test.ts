import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../../scripts/demo/classes'
import { copyOf, takenFrom } from '@core/plan/edit/copied'
import { newPiece, withAfter, withMoved, withoutPiece, type PieceKind } from '@core/plan/edit/pieces'
import type { Plan } from '@core/plan/plan'
import { createClassStore } from './class-store'

const documents = demoClasses(new Date(2026, 0, 5)).map((sample) => sample.document)
const kinds: PieceKind[] = ['warmUp', 'stations', 'together', 'coolDown', 'brief', 'water', 'swap', 'rest']

/** What a person may do to a plan, by two numbers that choose it. */
function edited(plan: Plan, what: number, which: number, newId: () => string): Plan {
  const pieces = plan.parts.flatMap((part) => part.pieces)
  const piece = pieces[which % pieces.length]!
  switch (what % 6) {
    case 0:
      return withAfter(plan, piece.id, newPiece(kinds[which % kinds.length]!, newId))
    case 1:
      return withoutPiece(plan, piece.id)
    case 2:
      return withMoved(plan, piece.id, which % 2 ? 1 : -1)
    case 3:
      return withAfter(plan, piece.id, copyOf(takenFrom(plan, piece.id)!, newId).piece)
    case 4:
      return { ...plan, slotSeconds: 600 + (which % 50) * 60 }
    default:
      return { ...plan, name: `Name ${which}` }
  }
}

describe('the edited class', () => {
  it('undo after any sequence of edits restores exactly, and redo brings all of it back', () => {
    fc.assert(
      fc.property(fc.constantFrom(...documents), fc.array(fc.tuple(fc.nat(1000), fc.nat(1000)), { maxLength: 40 }), (document, edits) => {
        let made = 0
        const store = createClassStore(structuredClone(document))
        for (const [what, which] of edits)
          store.getState().change((draft) => void (draft.plan = edited(draft.plan, what, which, () => `e${made++}`)))
        const last = store.getState().document
        const steps = store.temporal.getState().pastStates.length
        fc.pre(steps > 0)
        store.temporal.getState().undo(steps)
        expect(store.getState().document).toEqual(document)
        store.temporal.getState().redo(steps)
        expect(store.getState().document).toEqual(last)
      }),
      { numRuns: 60 },
    )
  })
})
