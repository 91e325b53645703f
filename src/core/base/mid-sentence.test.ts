import { describe, expect, it } from 'vitest'
import { midSentence } from './mid-sentence'

describe('a name within a sentence', () => {
  it.each([
    ['Goblet squat', 'goblet squat'],
    ['Élan', 'élan'],
    ['V-up', 'V-up'],
    ['Romanian deadlift', 'Romanian deadlift'],
    ['Sit to a high chair', 'sit to a high chair'],
    ['Press, Arnold', 'press, Arnold'],
    ['A', 'A'],
    ['', ''],
  ])('%s is %s', (name, within) => expect(midSentence(name)).toBe(within))
})
