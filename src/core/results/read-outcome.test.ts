import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readCalled } from './called'
import type { Measure } from './outcome'
import { Outcome, type Value } from './outcome'
import { readOutcome } from './read-outcome'
import { outcomeWords, spokenOutcome } from './words'

const read = (text: string, measure: Measure, unit: 'kg' | 'lb' = 'kg') => {
  const result = readOutcome(text, measure, unit)
  return result.ok ? result.value : result.problems[0]!.message
}
const time = (tenths: number): Value => ({ measure: 'time', tenths })
const rounds = (count: number, reps = 0): Value => ({ measure: 'rounds', rounds: count, reps })

describe('a result as it is called out and typed', () => {
  it.each<[string, Measure, Outcome]>([
    ['2:14.3', 'time', { value: time(1343) }],
    ['2:14,3', 'time', { value: time(1343) }],
    ['134', 'time', { value: time(1340) }],
    ['1:02:14', 'time', { value: time(37340) }],
    ['DNF', 'time', { didNotFinish: true }],
    ['dnf 4+10', 'time', { didNotFinish: true, value: rounds(4, 10) }],
    // Who has so many rounds of something for time did not come to its end.
    ['4 + 10', 'time', { didNotFinish: true, value: rounds(4, 10) }],
    ['2:14 s', 'time', { value: time(1340), scaled: true }],
    ['scaled, 2:14, late 0:20', 'time', { value: time(1340), scaled: true, lateTenths: 200 }],
    ['5+12', 'rounds', { value: rounds(5, 12) }],
    ['5 rounds + 12 reps', 'rounds', { value: rounds(5, 12) }],
    ['5', 'rounds', { value: rounds(5) }],
    ['40 reps', 'reps', { value: { measure: 'reps', reps: 40 } }],
    ['24 kg', 'load', { value: { measure: 'load', kilograms: 24 } }],
    ['7.5', 'effort', { value: { measure: 'effort', effort: 7.5 } }],
    ['8/10', 'effort', { value: { measure: 'effort', effort: 8 } }],
  ])('%s, for %s', (text, measure, outcome) => expect(read(text, measure)).toEqual(outcome))

  it('in pounds where the hall reads them', () => {
    expect(read('10', 'load', 'lb')).toEqual({ value: { measure: 'load', kilograms: 4.536 } })
    expect(outcomeWords(read('10', 'load', 'lb') as Outcome, 'lb')).toBe('10 lb')
  })

  it('an empty cell is none; what is none says what the cell takes, and nothing of it is guessed', () => {
    expect(read('  ', 'time')).toBeUndefined()
    for (const [text, measure] of [
      ['2:0x', 'time'],
      ['2:75', 'time'],
      ['late soon', 'time'],
      ['2:14 fast', 'time'],
      ['five', 'rounds'],
      ['11', 'effort'],
      ['7.3', 'effort'],
      ['0', 'load'],
      ['s', 'reps'],
    ] as const)
      expect(read(text, measure), text).toMatch(/^".*" cannot be read here: it takes /)
  })

  it('comes back from its words as it was, whatever it is', () => {
    const value = fc.oneof(
      fc.record({ measure: fc.constant('time' as const), tenths: fc.integer({ min: 1, max: 216_000 }) }),
      fc.record({ measure: fc.constant('rounds' as const), rounds: fc.nat({ max: 99 }), reps: fc.nat({ max: 400 }) }),
      fc.record({ measure: fc.constant('reps' as const), reps: fc.nat({ max: 1000 }) }),
      fc.record({ measure: fc.constant('load' as const), kilograms: fc.integer({ min: 1, max: 1000 }).map((half) => half / 2) }),
      fc.record({ measure: fc.constant('effort' as const), effort: fc.nat({ max: 20 }).map((half) => half / 2) }),
    )
    const mark = fc.option(fc.constant(true as const), { nil: undefined })
    const outcome = fc.record({
      value,
      didNotFinish: mark,
      scaled: mark,
      lateTenths: fc.option(fc.integer({ min: 1, max: 9000 }), { nil: undefined }),
    })
    fc.assert(
      fc.property(outcome, (drawn) => {
        const wanted = Outcome.parse(JSON.parse(JSON.stringify(drawn)))
        expect(read(outcomeWords(wanted), wanted.value!.measure)).toEqual(wanted)
      }),
      { numRuns: 400 },
    )
  })

  it('is said with what is counted where no column says so', () => {
    expect(spokenOutcome({ value: rounds(1, 3) })).toBe('1 round + 3')
    expect(spokenOutcome({ value: rounds(4, 10), didNotFinish: true })).toBe('DNF 4 rounds + 10')
    expect(spokenOutcome({ value: { measure: 'effort', effort: 7 } })).toBe('effort 7')
  })
})

describe('a line that is called out', () => {
  const people = ['Tove', 'Tomas', 'Noor', 'Anna Lu', 'Anna'].map((name) => ({ id: name, name }))
  const called = (text: string) => {
    const result = readCalled(text, people, 'time')
    return result.ok ? [result.value.name, result.value.outcome?.value] : result.problems[0]!.code
  }

  it('names somebody by the beginning of their name, where that is one', () => {
    expect(called('tov 2:14.3')).toEqual(['Tove', time(1343)])
    expect(called('anna lu 58')).toEqual(['Anna Lu', time(580)])
    expect(called('anna 58')).toEqual(['Anna', time(580)])
    expect(called('to 2:14')).toBe('several')
    expect(called('wilf 2:14')).toBe('nobody')
    expect(called('noor soon')).toBe('unread')
  })
})
