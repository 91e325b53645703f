import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf } from '../../../../tests/fixtures/demo-run'
import { foldEvents } from '../clock/apply'
import { nextWords } from './next-words'
import { stateAt } from '../clock/state'

const lunch = snapshotOf('demo-lunch')
const nextAt = (second: number) => nextWords(lunch, stateAt(foldEvents(lunch.timeline, pressed([0, 'start'])), (10 + second) * 1000))

describe('what comes next, for the coach', () => {
  it('the piece that begins, the exercise of a list, the way to the next stations, and the end', () => {
    expect(nextWords(lunch, stateAt(foldEvents(lunch.timeline, []), 0))).toEqual({ headline: 'Brief', detail: '' })
    expect(nextAt(5)).toEqual({ headline: 'Warm-up', detail: '' })
    const [first, second] = lunch.timeline.phases.filter((phase) => phase.pieceId === 'll-warm' && phase.kind === 'work')
    expect(nextAt(first!.start + 1).headline).not.toBe('Work')
    expect(nextAt(second!.start - 1).headline).toBe(nextAt(first!.start + 1).headline)
    expect(nextAt(480 - 1)).toEqual({ headline: 'Stations', detail: 'Everyone finds their station' })
    expect(nextAt(480 + 5)).toEqual({ headline: 'Move on', detail: 'On to the next station. 8 goes round to 1.' })
    expect(nextAt(480 + 45)).toEqual({ headline: 'Work', detail: '' })
    expect(nextAt(lunch.timeline.total + 5)).toEqual({ headline: 'The class is over', detail: '' })
    expect(nextAt(lunch.timeline.total - 1)).toEqual({ headline: 'The end', detail: '' })
  })

  it('of a break in what all do together, the exercise that follows it', () => {
    const gapped = snapshotOf('demo-lunch', (document) => {
      for (const { pieces } of document.plan.parts)
        for (const piece of pieces) if (piece.type === 'circuit' && piece.id === 'll-warm') piece.transition = { seconds: 15, how: 'walk' }
    })
    const work = gapped.timeline.phases.filter((phase) => phase.pieceId === 'll-warm' && phase.kind === 'work')
    const at = (second: number) => nextWords(gapped, stateAt(foldEvents(gapped.timeline, pressed([0, 'start'])), (10 + second) * 1000))
    const comes = at(work[1]!.start - 1).headline
    expect(at(work[0]!.start + 1)).toEqual({ headline: comes, detail: 'after 0:15 of rest' })
    expect(comes).not.toBe('Rest')
  })
})
