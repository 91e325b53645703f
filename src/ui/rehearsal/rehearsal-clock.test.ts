import { describe, expect, it } from 'vitest'
import { RehearsalClock } from './rehearsal-clock'

describe('RehearsalClock', () => {
  it('runs as fast as it is set, and never jumps when that changes', () => {
    let local = 500
    const clock = new RehearsalClock(10_000, () => local)
    expect(clock.now()).toBe(10_000)
    local += 100
    expect(clock.now()).toBe(10_100)
    clock.setRate(60)
    expect(clock.now()).toBe(10_100)
    local += 100
    expect(clock.now()).toBe(16_100)
    clock.setRate(1)
    local += 1
    expect(clock.now()).toBe(16_101)
  })
})
