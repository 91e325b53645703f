import { describe, expect, it } from 'vitest'
import { ownTap } from './own-tap'

const tapped = (id: string, ...personIds: string[]) => ({ id, personIds, what: 'round' as const, at: 0, phase: 1, elapsed: 0 })

describe('a tap on one’s own card', () => {
  it('counts for oneself', () => {
    const tap = ownTap([], { command: { type: 'tap', what: 'round', when: { phase: 1, elapsed: 5 } } }, 'oren')
    expect(tap).toMatchObject({ ok: true, value: { type: 'tap', what: 'round', personIds: ['oren'], when: { phase: 1, elapsed: 5 } } })
  })

  it('takes away what is one’s own, and nothing of others, not even where one is among them', () => {
    const taps = [tapped('own', 'oren'), tapped('theirs', 'tove'), tapped('both', 'oren', 'tove')]
    const away = (tapId: string) => ownTap(taps, { command: { type: 'untap', tapId } }, 'oren').ok
    expect(['own', 'theirs', 'both'].map(away)).toEqual([true, false, false])
  })
})
