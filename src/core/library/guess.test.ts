import { describe, expect, it } from 'vitest'
import { asksBy, guessOf, isToComplete } from './guess'

describe('what a name lets one guess (common practice)', () => {
  it.each([
    ['Jump squat hold', { pattern: 'squat', impact: 'high', stance: 'standing' }],
    ['Diamond push-up', { pattern: 'push', stance: 'lying', region: 'upper', impact: 'none' }],
    ['Deadlift to row', { pattern: 'pull', region: 'upper' }],
    ['Plank to pike', { pattern: 'brace', stance: 'lying', region: 'core' }],
    ['Chair march', { stance: 'seated', impact: 'low' }],
    ['Calf stretch at the step', { pattern: 'stretch', impact: 'low' }],
    ['Suitcase carry', { pattern: 'carry' }],
    ['Zigzag', { pattern: 'step', stance: 'standing', impact: 'none', region: 'lower' }],
  ])('%s', (name, expected) => expect(guessOf(name)).toMatchObject(expected))

  it('asks what follows: a jump, getting to the floor, a grip', () => {
    expect(asksBy({ stance: 'lying', impact: 'high' })).toEqual(['jumps', 'floor'])
    expect(asksBy({ stance: 'hanging', impact: 'none' })).toEqual(['grip'])
    expect(asksBy({ stance: 'standing', impact: 'low' })).toEqual([])
  })

  it('is to be completed while set-up or form points are missing', () => {
    expect(
      [
        { points: [], setUp: 'Stand.' },
        { points: ['Tall'], setUp: '' },
        { points: ['Tall'], setUp: 'Stand.' },
      ].map(isToComplete),
    ).toEqual([true, true, false])
  })
})
