import fc from 'fast-check'
import { expect, it } from 'vitest'
import { libraryExercises } from '../../../scripts/library/exercises'
import { anyPlan } from '../../../tests/fixtures/any-plan'
import type { Plan } from '../plan/plan'
import { keepIds } from './keep-ids'
import { planText } from './print'
import { readText } from './read'

let counter = 0
const newId = () => `new${counter++}`
const known = libraryExercises.map(({ id, options }) => ({ id, options: options.map((option) => option.id) }))
const edited = (plan: Plan, edit: (text: string) => string) =>
  keepIds(plan, readText(edit(planText(plan, libraryExercises)), libraryExercises, newId).plan)
const stationsOf = (plan: Plan) =>
  plan.parts.flatMap(({ pieces }) => pieces.flatMap((piece) => (piece.type === 'circuit' ? piece.stations : [])))

it('a text that is not changed gives the very plan', () => {
  fc.assert(
    fc.property(anyPlan(known), (plan) => {
      expect(edited(plan, (text) => text)).toEqual(plan)
    }),
    { numRuns: 8 },
  )
})

it('lines that did not change keep their ids, whatever becomes of one of them', () => {
  fc.assert(
    fc.property(anyPlan(known), fc.nat(), fc.constantFrom('taken out', 'another', 'one more'), (plan, which, how) => {
      const places = stationsOf(plan).filter(({ uses, rest }) => uses.length === 1 && !rest)
      const ids = new Set<string>()
      const after = edited(plan, (text) => {
        const lines = text.split('\n')
        const isPlace = (line: string | undefined) => line !== undefined && /^\d+\. /.test(line)
        // Without its only station a circuit is a head, which goes on to the next line.
        const numbered = lines.flatMap((line, at) => (isPlace(line) && (isPlace(lines[at - 1]) || isPlace(lines[at + 1])) ? [at] : []))
        const at = numbered[which % Math.max(1, numbered.length)]
        if (at === undefined) return text
        if (how === 'taken out') lines.splice(at, 1)
        else if (how === 'another') lines[at] = '9. Wall sit'
        else lines.splice(at + 1, 0, '9. Wall sit')
        return lines.join('\n')
      })
      for (const { id } of stationsOf(after)) {
        expect(ids.has(id)).toBe(false)
        ids.add(id)
      }
      // No more than the one that was changed loses what is said of it.
      expect(places.filter(({ id }) => !ids.has(id)).length).toBeLessThanOrEqual(1)
    }),
    { numRuns: 8 },
  )
})
