import { describe, expect, it } from 'vitest'
import { begunName, withWords } from './in-text'

describe('places of a text', () => {
  it('take other words', () => {
    expect(withWords('a\n1. sqaut, 8 kg', { line: 1, from: 3, to: 8, text: 'sqaut' }, 'squat')).toBe('a\n1. squat, 8 kg')
  })

  it('before the caret, letters may begin a name', () => {
    const begun = (text: string) => begunName(text, text.length)?.letters
    expect([begun('20 gob'), begun('1. Goblet sq'), begun('squats, pla'), begun('40 on'), begun('20 '), begun('a\npush-u')]).toEqual([
      'gob',
      'Goblet sq',
      'pla',
      undefined,
      undefined,
      'push-u',
    ])
    expect(begunName('goblet', 3)).toBeUndefined()
  })
})
