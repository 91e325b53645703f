import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Outcome, Value } from './outcome'
import { betterOf, differenceWords, ranked } from './rank'

const time = (tenths: number, more: Partial<Outcome> = {}): Outcome => ({ value: { measure: 'time', tenths }, ...more })
const rounds = (count: number, reps = 0, more: Partial<Outcome> = {}): Outcome => ({
  value: { measure: 'rounds', rounds: count, reps },
  ...more,
})
const dnf = { didNotFinish: true } as const

const placesOf = (outcomes: Outcome[]) => {
  const places = ranked(outcomes.map((outcome, index) => ({ outcome, index })))
  return outcomes.map((_, index) => places.find((one) => one.index === index)!.rank)
}

describe('ranks', () => {
  // By hand, as results are written out at any competition: who ties shares a place, and the places after are left out.
  it.each<[string, Outcome[], number[]]>([
    ['times, the shortest first', [time(1340), time(1251), time(1400)], [2, 1, 3]],
    ['a tie shares, and leaves out', [time(1200), time(1300), time(1300), time(1301)], [1, 2, 2, 4]],
    ['three at the first place', [time(900), time(900), time(900), time(950)], [1, 1, 1, 4]],
    ['to the tenth', [time(1343), time(1342)], [2, 1]],
    [
      'who finished before who did not, and of those the most first',
      [rounds(4, 10, dnf), time(2400), rounds(5, 1, dnf), dnf],
      [3, 1, 2, 4],
    ],
    ['rounds, then reps', [rounds(5, 12), rounds(5, 3), rounds(6)], [2, 3, 1]],
    ['who did not finish without a figure tie at the end', [dnf, time(100), dnf], [2, 1, 2]],
  ])('%s', (_, outcomes, places) => expect(placesOf(outcomes)).toEqual(places))

  it('are an order: nobody is before who is before them, whatever the results', () => {
    const value = fc.oneof(
      fc.integer({ min: 1, max: 50 }).map((tenths): Value => ({ measure: 'time', tenths })),
      fc.tuple(fc.nat({ max: 4 }), fc.nat({ max: 4 })).map(([count, reps]): Value => ({ measure: 'rounds', rounds: count, reps })),
    )
    const outcome = fc.record({ value, didNotFinish: fc.constantFrom(true as const, undefined) }) as fc.Arbitrary<Outcome>
    fc.assert(
      fc.property(outcome, outcome, outcome, (a, b, c) => {
        expect(Math.sign(betterOf(a, b))).toBe(-Math.sign(betterOf(b, a)) + 0)
        if (betterOf(a, b) <= 0 && betterOf(b, c) <= 0) expect(betterOf(a, c)).toBeLessThanOrEqual(0)
      }),
      { numRuns: 500 },
    )
    fc.assert(
      fc.property(fc.array(outcome, { maxLength: 9 }), (outcomes) => {
        const places = placesOf(outcomes)
        // A place is one more than how many are better.
        outcomes.forEach((one, index) => expect(places[index]).toBe(1 + outcomes.filter((other) => betterOf(other, one) < 0).length))
      }),
    )
  })
})

describe('how far one is off another', () => {
  it.each<[Outcome, Outcome, string]>([
    [time(1343), time(1219), '+0:12.4'],
    [time(1200), time(1300), '−0:10'],
    [time(1200), time(1200), 'same'],
    [rounds(5), rounds(6), '−1 round'],
    [rounds(5, 12), rounds(5, 3), '+9 reps'],
    [rounds(6, 2), rounds(4, 10), '+2 rounds, 6 + 2 against 4 + 10'],
    [{ value: { measure: 'load', kilograms: 24 } }, { value: { measure: 'load', kilograms: 22.5 } }, '+1.5 kg'],
    [rounds(5), time(1200), ''],
    [time(1200, dnf), time(1200), ''],
  ])('%j against %j: %s', (one, other, words) => expect(differenceWords(one, other)).toBe(words))

  it('in the weights that the hall reads', () => {
    const lifted = (kilograms: number): Outcome => ({ value: { measure: 'load', kilograms } })
    expect(differenceWords(lifted(13.608), lifted(9.072), 'lb')).toBe('+10 lb')
  })
})
