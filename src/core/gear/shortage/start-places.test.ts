import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../../scripts/demo/classes'
import { demoGear, demoRooms } from '../../../../scripts/demo/hall'
import { demoPeople } from '../../../../scripts/demo/people'
import { libraryExercises } from '../../../../scripts/library/exercises'
import { computeClass } from '../../class/compute'
import { judge } from '../../findings/judge'
import type { ClassDocument } from '../../class/class-document'
import { rotatingCircuits } from '../../plan/turns'
import { solvedPlacement } from '../../../../tests/fixtures/solver'
import { placementProblem, shortOf, startPlaces, type PlacementProblem } from './start-places'

const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }
const lunch = (): ClassDocument => structuredClone(demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document)

function permutations(items: number[]): number[][] {
  if (items.length < 2) return [items]
  return items.flatMap((item, index) => permutations(items.filter((_, at) => at !== index)).map((rest) => [item, ...rest]))
}

const problem: fc.Arbitrary<PlacementProblem> = fc.integer({ min: 2, max: 5 }).chain((stations) =>
  fc.record({
    stations: fc.constant(stations),
    owned: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 2, maxLength: 2 }),
    needs: fc.array(
      fc.array(fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 2, maxLength: 2 }), { minLength: stations, maxLength: stations }),
      { minLength: 1, maxLength: stations },
    ),
  }),
)

describe('where groups begin', () => {
  it('is never worse than as it was, never below its bound, and mostly the best of all orders', () => {
    let best = 0
    let all = 0
    fc.assert(
      fc.property(problem, (placementProblem) => {
        const now = placementProblem.needs.map((_, group) => group)
        const { order, short, bound } = startPlaces(placementProblem)
        const least = Math.min(...permutations(now).map((other) => shortOf(placementProblem, other)))
        expect([...order].sort((a, b) => a - b)).toEqual(now)
        expect(short).toBe(shortOf(placementProblem, order))
        expect(short).toBeLessThanOrEqual(shortOf(placementProblem, now))
        expect(bound).toBeLessThanOrEqual(least)
        all++
        if (short === least) best++
      }),
      { numRuns: 150 },
    )
    expect(best / all).toBeGreaterThan(0.9)
  })

  it('reaches the mixed-integer solver’s optimum (HiGHS), or shows a bound below it', () => {
    for (const placementProblem of fc.sample(problem, { numRuns: 40, seed: 11 })) {
      const { short, bound } = startPlaces(placementProblem)
      const least = solvedPlacement(placementProblem)
      expect(short).toBeGreaterThanOrEqual(least)
      expect(bound).toBeLessThanOrEqual(least)
      if (short > least) expect(bound).toBeLessThan(short)
    }
  })

  it('the demo class that is short of kettlebells: the press that starts groups elsewhere', () => {
    const document = lunch()
    const computed = computeClass(document, library)
    const [circuit] = rotatingCircuits(document.plan)
    const here = placementProblem(circuit!, computed.groups, libraryExercises, demoGear)
    const found = startPlaces(here)
    expect(found.short).toBeLessThanOrEqual(
      shortOf(
        here,
        computed.groups.map((_, group) => group),
      ),
    )
    const short = judge({ document, computed, library, room: demoRooms[0], newId: () => 'n' }).find((finding) =>
      finding.id.startsWith('gearShort'),
    )!
    if (
      found.short <
      shortOf(
        here,
        computed.groups.map((_, group) => group),
      )
    ) {
      const mended = computeClass(short.fix!.apply(document), library)
      const missing = (of: typeof mended) =>
        of.gear.lines.reduce((sum, line) => sum + line.byTurn.reduce((total, wanted) => total + Math.max(0, wanted - line.owned), 0), 0)
      expect(missing(mended)).toBeLessThan(missing(computed))
      expect(mended.groups.flat()).toHaveLength(computed.groups.flat().length)
    }
  })
})
