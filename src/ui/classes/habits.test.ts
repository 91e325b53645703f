import { describe, expect, it } from 'vitest'
import { habitAt, nextFree, type Habit } from './habits'

const habit = (startsAt: string, minutes: number, roomId = 'floor'): Habit => ({ startsAt, time: startsAt.slice(11, 16), roomId, minutes })

describe('what a new class is most like', () => {
  it('the latest at that time of day', () => {
    const habits = [habit('2026-11-27T18:00:00Z', 45), habit('2026-11-20T18:00:00Z', 30), habit('2026-11-19T12:00:00Z', 40)]
    expect(habitAt(habits, '18:00')).toBe(habits[0])
    expect(habitAt(habits, '12:00')?.minutes).toBe(40)
    expect(habitAt(habits, '09:00')).toBeUndefined()
  })

  it('starts at the first quarter at which its room is free for all of it', () => {
    const habits = [habit('2026-11-27T18:30:00Z', 45), habit('2026-11-27T17:00:00Z', 50), habit('2026-11-27T18:00:00Z', 600, 'loft')]
    expect(nextFree(habits, '2026-11-27T16:50:00Z', 'floor', 45)).toBe('2026-11-27T19:15:00.000Z')
    expect(nextFree(habits, '2026-11-27T16:50:00Z', 'floor', 30)).toBe('2026-11-27T18:00:00.000Z')
    expect(nextFree([], '2026-11-27T16:50:00Z', 'floor', 45)).toBe('2026-11-27T17:00:00.000Z')
  })
})
