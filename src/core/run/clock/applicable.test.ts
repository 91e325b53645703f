import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf, type Press } from '../../../../tests/fixtures/demo-run'
import { applicable, foldEvents } from './apply'
import type { Command } from './events'
import { advance } from './progress'

const { timeline } = snapshotOf('demo-lunch')
const after = (second: number, ...presses: Press[]) => advance(foldEvents(timeline, pressed(...presses)), second * 1000)
const course = { timeline, phase: 0 }
const commands: Record<string, Command> = {
  start: { type: 'start' },
  resume: { type: 'resume' },
  pause: { type: 'pause' },
  stop: { type: 'stop' },
  clear: { type: 'clear' },
  finish: { type: 'finish' },
  hold: { type: 'hold' },
  release: { type: 'release' },
  skip: { type: 'skip' },
  back: { type: 'back' },
  repeat: { type: 'repeat' },
  goto: { type: 'goto', phase: 1 },
  extend: { type: 'extend', seconds: 10 },
  check: { type: 'check' },
  takeOver: { type: 'takeOver', device: 'tablet', name: 'Tablet' },
}
const meant = (progress: Parameters<typeof applicable>[0]) =>
  Object.entries(commands)
    .filter(([, command]) => applicable(progress, command))
    .map(([name]) => name)

describe('what a press means, by where the class is (as coaches expect it; common practice)', () => {
  const underWay = ['stop', 'finish', 'skip', 'goto', 'extend', 'takeOver']
  it.each([
    ['before the start', after(0), ['start', 'check', 'finish', 'goto', 'takeOver']],
    ['counted in', after(3, [0, 'start']), ['pause', 'hold', ...underWay]],
    ['under way', after(60, [0, 'start']), ['pause', 'hold', 'back', 'repeat', ...underWay]],
    ['held', after(61, [0, 'start'], [60, 'hold']), ['pause', 'release', 'back', 'repeat', ...underWay]],
    ['paused', after(61, [0, 'start'], [60, 'pause']), ['resume', 'hold', 'back', 'repeat', ...underWay]],
    ['stopped', after(61, [0, 'start'], [60, 'stop']), ['resume', 'clear', 'finish', 'goto', 'takeOver']],
    ['cleared', after(61, [0, 'start'], [60, 'stop'], [60.5, 'clear']), ['resume', 'finish', 'goto', 'takeOver']],
    ['over', after(61, [0, 'start'], [60, 'finish']), []],
  ])('%s', (_, progress, expected) => expect(meant(progress).sort()).toEqual([...expected].sort()))

  it('goes only to where there is something: into a phase before its end', () => {
    const now = after(60, [0, 'start'])
    const { length } = timeline.phases
    const { seconds } = timeline.phases[0]!
    const goes = (phase: number, into?: number) => applicable(now, { type: 'goto', phase, ...(into !== undefined && { into }) })
    expect([goes(0), goes(0, seconds - 1), goes(0, seconds), goes(length - 1), goes(length)]).toEqual([true, true, false, true, false])
    expect(applicable(after(61, [0, 'start'], [60, 'finish']), { type: 'goto', phase: 0 })).toBe(false)
  })

  it('takes another course from the next phase on, from the first before the start, and never once it is over', () => {
    const now = after(60, [0, 'start'])
    const amends = (progress: typeof now, phase: number) => applicable(progress, { type: 'amend', ...course, phase })
    expect([amends(now, now.phase), amends(now, now.phase + 1), amends(now, now.phase + 2)]).toEqual([false, true, false])
    expect([amends(after(0), 0), amends(after(0), 1)]).toEqual([true, false])
    expect(amends(after(61, [0, 'start'], [60, 'finish']), now.phase + 1)).toBe(false)
    const shorter = { ...timeline, phases: timeline.phases.slice(0, now.phase + 1) }
    expect(applicable(now, { type: 'amend', timeline: shorter, phase: now.phase + 1 })).toBe(false)
  })

  it('controls are taken over by another device only', () => {
    const held = after(61, [0, 'start'], [60, { type: 'takeOver', device: 'tablet', name: 'Tablet' }])
    expect(applicable(held, commands.takeOver!)).toBe(false)
    expect(applicable(held, { type: 'takeOver', device: 'phone', name: 'Phone' })).toBe(true)
  })
})
