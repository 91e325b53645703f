import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf, type Press } from '../../../../tests/fixtures/demo-run'
import { foldEvents } from './apply'
import { stateAt } from './state'

const { timeline } = snapshotOf('demo-lunch')
const at = (second: number, ...presses: Press[]) => stateAt(foldEvents(timeline, pressed(...presses)), second * 1000)

describe('a check of the screens', () => {
  it('shows them for a quarter of a minute, and again when it is asked for again', () => {
    expect([11, 24, 26].map((second) => at(second, [10, 'check']).checking)).toEqual([true, true, false])
    expect(at(30, [10, 'check'], [20, 'check']).checking).toBe(true)
  })

  it('is over with the start, and means nothing after it', () => {
    expect(at(13, [10, 'check'], [12, 'start'])).toMatchObject({ checking: false, status: 'countIn' })
    expect(at(31, [10, 'start'], [30, 'check'])).toMatchObject({ checking: false, status: 'running' })
  })
})
