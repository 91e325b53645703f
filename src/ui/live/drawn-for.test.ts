import fc from 'fast-check'
import { expect, it } from 'vitest'
import { foldEvents } from '../../core/run/clock/apply'
import { changeKey, shownSeconds, stateAt } from '../../core/run/clock/state'
import { pressed, snapshotOf } from '../../../tests/fixtures/demo-run'
import { drawnFor } from './drawn-for'

const { timeline } = snapshotOf('demo-lunch')
const progress = foldEvents(timeline, pressed([0, 'start'], [900, 'pause'], [960, 'resume']))
/** From the second the class began, to its end. */
const moment = fc.integer({ min: 961_000, max: 3_000_000 })

it('where motion is not wanted, a screen that is not drawn anew shows the very second', () => {
  fc.assert(
    fc.property(moment, fc.integer({ min: 0, max: 400 }), (at, later) => {
      const [one, two] = [stateAt(progress, at), stateAt(progress, at + later)]
      fc.pre(drawnFor(one, at, true) === drawnFor(two, at + later, true))
      expect([changeKey(two), shownSeconds(two)]).toEqual([changeKey(one), shownSeconds(one)])
    }),
  )
})

it('in a pause a screen is drawn once a second, else as often as it is looked, or by the quarter where motion is not wanted', () => {
  const draws = (events: Parameters<typeof pressed>, still: boolean) => {
    const run = foldEvents(timeline, pressed(...events))
    const looks = Array.from({ length: 100 }, (_, index) => 700_000 + index * 100)
    return new Set(looks.map((at) => drawnFor(stateAt(run, at), at, still))).size
  }
  expect(draws([[0, 'start']], false)).toBe(100)
  expect(draws([[0, 'start']], true)).toBeLessThanOrEqual(42)
  for (const still of [true, false])
    expect(
      draws(
        [
          [0, 'start'],
          [600, 'pause'],
        ],
        still,
      ),
    ).toBe(10)
})
