import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shapes } from '../../../../tests/fixtures/shapes'
import { Plan } from '../../plan/plan'
import { compileTimeline } from '../../timeline/compile'
import type { Timeline } from '../../timeline/phase'
import { pressed, type Press } from '../../../../tests/fixtures/demo-run'
import type { Command, RunEvent } from './events'
import { applicable, countedIn, foldEvents } from './apply'
import { advance, phaseLimit } from './progress'
import { countsUp, shownSeconds, stateAt } from './state'
import { upcomingCues } from '../screens/upcoming-cues'

const timelineOf = (id: string): Timeline => {
  const result = compileTimeline(Plan.parse(shapes.find((shape) => shape.id === id)!.plan))
  if (!result.ok) throw new Error('shape')
  return result.value
}
/** 24 × (15 s work, 15 s transition). */
const timeline = timelineOf('A')

/** The same with two lists to be finished in it, one with a cap. */
const estimate = { low: 10, typical: 15, high: 25 }
const withLists: Timeline = {
  ...timeline,
  phases: timeline.phases.map((phase) =>
    phase.index === 4
      ? { ...phase, selfPaced: { open: estimate, capSeconds: 40 } }
      : phase.index === 8
        ? { ...phase, selfPaced: { open: estimate } }
        : phase,
  ),
}

const at = (seconds: number, ...presses: Press[]) => stateAt(foldEvents(timeline, pressed(...presses)), seconds * 1000)

describe('run', () => {
  it('counts ten seconds in, then goes through the phases', () => {
    expect(at(104, [100, 'start'])).toMatchObject({ status: 'countIn', countIn: 6000, left: 720_000 })
    expect(at(110, [100, 'start'])).toMatchObject({ status: 'running', phase: { index: 0 }, elapsed: 0, remaining: 15_000 })
    expect(at(141, [100, 'start'])).toMatchObject({ phase: { index: 2, kind: 'work' }, elapsed: 1000, gone: 31_000, endsAt: 830_000 })
    expect(at(830, [100, 'start'])).toMatchObject({ status: 'finished', endedAt: 830_000, startedAt: 110_000 })
  })

  it('stands while paused and goes on where it was', () => {
    const paused = at(200, [0, 'start'], [17, 'pause'])
    expect(paused).toMatchObject({ status: 'paused', elapsed: 7000, remaining: 8000 })
    expect(paused.endsAt).toBe(200_000 + paused.left)
    expect(at(201, [0, 'start'], [17, 'pause'], [200, 'resume'])).toMatchObject({ status: 'running', elapsed: 8000 })
  })

  it('skips the count-in, a phase, and past the end', () => {
    expect(at(3, [0, 'start'], [3, 'skip'])).toMatchObject({ status: 'running', phase: { index: 0 }, startedAt: 3000 })
    expect(at(14, [0, 'start'], [14, 'skip'])).toMatchObject({ phase: { index: 1 }, elapsed: 0 })
    const toEnd = Array.from({ length: 49 }, (_, index): Press => [1 + index / 100, 'skip'])
    expect(at(2, [0, 'start'], ...toEnd)).toMatchObject({ status: 'finished', left: 0 })
  })

  it('back is this phase’s start, and the one before within two seconds of it', () => {
    expect(at(30, [0, 'start'], [30, 'back'])).toMatchObject({ phase: { index: 1 }, elapsed: 0 })
    expect(at(26, [0, 'start'], [26, 'back'])).toMatchObject({ phase: { index: 0 }, elapsed: 0 })
    expect(at(11, [0, 'start'], [11, 'back'])).toMatchObject({ phase: { index: 0 }, elapsed: 0 })
  })

  it('stretches one phase, and cannot cut one so that it has already ended', () => {
    expect(at(26, [0, 'start'], [12, { type: 'extend', seconds: 10 }])).toMatchObject({
      phase: { index: 0 },
      length: 25_000,
      remaining: 9000,
    })
    expect(at(36, [0, 'start'], [12, { type: 'extend', seconds: 10 }])).toMatchObject({ phase: { index: 1 }, length: 15_000 })
    expect(at(20, [0, 'start'], [20, { type: 'extend', seconds: -60 }])).toMatchObject({ phase: { index: 1 }, elapsed: 0 })
  })

  it('hold lets the phase end and waits there; release goes on', () => {
    expect(at(24, [0, 'start'], [20, 'hold'])).toMatchObject({ status: 'running', holding: true, remaining: 1000 })
    expect(at(99, [0, 'start'], [20, 'hold'])).toMatchObject({ status: 'held', phase: { index: 0 }, remaining: 0 })
    expect(at(101, [0, 'start'], [20, 'hold'], [99, 'release'])).toMatchObject({ status: 'running', phase: { index: 1 }, elapsed: 2000 })
  })

  it('begins when its count-in is over, however long that was paused, jumped over, or cut off by the end', () => {
    expect(at(70, [0, 'start'], [4, 'pause'], [60, 'resume'])).toMatchObject({ status: 'running', elapsed: 4000, startedAt: 66_000 })
    expect(at(9, [0, 'start'], [3, { type: 'goto', phase: 4 }])).toMatchObject({ phase: { index: 4 }, startedAt: 3000 })
    expect(at(9, [0, 'start'], [5, 'finish'])).toMatchObject({ status: 'finished', startedAt: 5000, endedAt: 5000 })
    expect(at(9, [0, { type: 'goto', phase: 4 }], [1, 'start'], [5, 'finish'])).toMatchObject({
      status: 'finished',
      startedAt: 5000,
      endedAt: 5000,
    })
    expect(at(0, [0, { type: 'goto', phase: 4 }]).startedAt).toBeUndefined()
    expect(at(80, [0, 'start'], [30, 'stop'], [60, 'resume'], [65, 'pause'], [70, 'resume'])).toMatchObject({ startedAt: 10_000 })
  })

  it('stop clears the room, and going on counts in again without losing the place', () => {
    expect(at(60, [0, 'start'], [30, 'stop'])).toMatchObject({ status: 'stopped', phase: { index: 1 }, elapsed: 5000 })
    expect(at(65, [0, 'start'], [30, 'stop'], [60, 'resume'])).toMatchObject({ status: 'countIn', countIn: 5000 })
    expect(at(71, [0, 'start'], [30, 'stop'], [60, 'resume'])).toMatchObject({ status: 'running', elapsed: 6000, startedAt: 10_000 })
  })

  it('a new timeline comes in at the next boundary', () => {
    const amend: Command = { type: 'amend', timeline: timelineOf('O'), phase: 1 }
    expect(at(24, [0, 'start'], [20, amend])).toMatchObject({ phase: { index: 0 }, next: { index: 1, seconds: 30 }, left: 1000 + 690_000 })
    expect(at(30, [0, 'start'], [20, amend])).toMatchObject({ phase: { index: 1 }, elapsed: 5000, length: 30_000 })
    // Worked out for a phase that is over, it is not taken.
    expect(at(30, [0, 'start'], [26, amend])).toMatchObject({ phase: { index: 1 }, length: 15_000, timeline })
  })

  it('goto and finish; taps are kept, and taken away', () => {
    expect(at(20, [0, 'start'], [20, { type: 'goto', phase: 40 }])).toMatchObject({ phase: { index: 40 }, elapsed: 0 })
    expect(at(50, [0, 'start'], [20, 'finish'])).toMatchObject({ status: 'finished', endedAt: 20_000, endsAt: 20_000 })
    const list = timelineOf('J')
    const self = list.phases.findIndex((phase) => phase.selfPaced)
    const tapped = foldEvents(
      list,
      pressed([0, 'start'], [20, { type: 'goto', phase: self }], [30, { type: 'tap', personIds: ['x', 'y'], what: 'round' }]),
    )
    expect(tapped.taps).toEqual([{ id: 'e2', personIds: ['x', 'y'], what: 'round', at: 30_000, elapsed: 10_000, phase: self }])
    expect(
      foldEvents(
        list,
        pressed(
          [0, 'start'],
          [20, { type: 'goto', phase: self }],
          [30, { type: 'tap', personIds: ['x'], what: 'finish' }],
          [31, { type: 'untap', tapId: 'e2' }],
        ),
      ).taps,
    ).toEqual([])
    // A tap means something only in a list at one's own pace.
    expect(foldEvents(timeline, pressed([0, 'start'], [20, { type: 'tap', personIds: ['x'], what: 'finish' }])).taps).toEqual([])
  })

  it('counts in to a list that a press begins, and to nothing else', () => {
    const before = (seconds: number, ...presses: Press[]) => advance(foldEvents(withLists, pressed(...presses)), seconds * 1000)
    // Phases 4 and 8 are lists; 3 and 7 the breaks before them.
    const inBreak = before(60, [0, 'start'])
    expect(stateAt(inBreak, 60_000).phase.index).toBe(3)
    expect(countedIn(inBreak, { type: 'skip' })).toEqual({ type: 'skip', countsIn: true })
    expect(countedIn(inBreak, { type: 'release' })).toEqual({ type: 'release' })
    expect(countedIn(before(30, [0, 'start']), { type: 'skip' })).toEqual({ type: 'skip' })
    expect(countedIn(before(4, [0, 'start']), { type: 'skip' })).toEqual({ type: 'skip' })
    const held = before(90, [0, 'start'], [60, 'hold'])
    expect(countedIn(held, { type: 'release' })).toEqual({ type: 'release', countsIn: true })
    const presses: Press[] = [
      [0, 'start'],
      [60, 'hold'],
      [90, { type: 'release', countsIn: true }],
    ]
    const listAt = (seconds: number) => stateAt(foldEvents(withLists, pressed(...presses)), seconds * 1000)
    expect(listAt(93)).toMatchObject({ status: 'countIn', countIn: 7000, phase: { index: 4 }, elapsed: 0 })
    expect(listAt(103)).toMatchObject({ status: 'running', phase: { index: 4 }, elapsed: 3000 })
    expect(upcomingCues(foldEvents(withLists, pressed(...presses)), 90_000, 101_000).map(({ kind, at }) => [kind, at])).toEqual(
      expect.arrayContaining([
        ['three', 97_000],
        ['two', 98_000],
        ['one', 99_000],
      ]),
    )
  })

  it('gives both sides half of what a phase is stretched by, unless the first is over', () => {
    const halves: Timeline = {
      ...timeline,
      phases: timeline.phases.map((phase) => (phase.kind === 'work' ? { ...phase, changeAt: 8 } : phase)),
    }
    const changeOf = (...presses: Press[]) => stateAt(foldEvents(halves, pressed([0, 'start'], ...presses)), 24_900).phase.changeAt
    expect(changeOf()).toBe(8)
    expect(changeOf([12, { type: 'extend', seconds: 10 }])).toBe(13)
    expect(changeOf([19, { type: 'extend', seconds: 10 }])).toBe(8)
    expect(changeOf([12, { type: 'extend', seconds: 10 }], [14, 'undo'])).toBe(8)
    // Shorter, and never before now.
    expect(stateAt(foldEvents(halves, pressed([0, 'start'], [12, { type: 'extend', seconds: -4 }])), 20_000).phase.changeAt).toBe(6)
    expect(stateAt(foldEvents(halves, pressed([0, 'start'], [17, { type: 'extend', seconds: -6 }])), 17_500).phase.changeAt).toBe(7)
    const cues = upcomingCues(foldEvents(halves, pressed([0, 'start'], [12, { type: 'extend', seconds: 10 }])), 12_000, 34_000)
    expect(cues.find(({ kind }) => kind === 'changeOver')?.at).toBe(23_000)
    // The next phase has its own.
    expect(stateAt(foldEvents(halves, pressed([0, 'start'], [12, { type: 'extend', seconds: 10 }])), 52_000).phase.changeAt).toBe(8)
  })

  it('repeats the last work: at once while it is on, after a count-in out of the break behind it', () => {
    expect(at(20, [0, 'start'], [20, 'repeat'])).toMatchObject({ status: 'running', phase: { index: 0 }, elapsed: 0 })
    expect(at(35, [0, 'start'], [30, 'repeat'])).toMatchObject({ status: 'countIn', countIn: 5000, phase: { index: 0 }, elapsed: 0 })
  })

  it('undo puts the class back where it stood, or takes one figure back while time goes on', () => {
    expect(at(22, [0, 'start'], [17, 'skip'], [20, 'undo'])).toMatchObject({ status: 'running', phase: { index: 0 }, elapsed: 9000 })
    expect(at(22, [0, 'start'], [17, 'pause'], [20, 'undo'])).toMatchObject({ status: 'running', phase: { index: 0 }, elapsed: 9000 })
    expect(at(22, [0, 'start'], [17, { type: 'extend', seconds: 10 }], [20, 'undo'])).toMatchObject({
      phase: { index: 0 },
      elapsed: 12_000,
      length: 15_000,
    })
    expect(at(22, [0, 'start'], [17, 'hold'], [20, 'undo'])).toMatchObject({ holding: false, elapsed: 12_000 })
    // Stretched phase over, half a minute over, or nothing to take back: it means nothing.
    expect(at(40, [0, 'start'], [17, { type: 'extend', seconds: 1 }], [40, 'undo'])).toMatchObject({
      phase: { index: 1 },
      undoable: undefined,
    })
    expect(at(60, [0, 'start'], [17, 'skip'], [50, 'undo'])).toMatchObject({ phase: { index: 3 } })
    expect(at(12, [0, 'start'], [11, 'undo'])).toMatchObject({ status: 'running', elapsed: 2000 })
    expect(at(22, [0, 'start'], [6, 'pause'], [9, 'undo'])).toMatchObject({ startedAt: 13_000, elapsed: 9000 })
    expect(at(22, [0, 'start'], [6, 'skip'], [9, 'undo'])).toMatchObject({ startedAt: 13_000, elapsed: 9000 })
    expect(at(22, [0, 'start'], [17, 'skip'], [20, 'undo'], [21, 'undo'])).toMatchObject({ phase: { index: 0 } })
  })

  it('a command that means nothing now changes nothing', () => {
    expect(at(20, [0, 'pause'], [1, 'skip'])).toMatchObject({ status: 'ready', sequence: 2 })
    expect(applicable(foldEvents(timeline, pressed([0, 'start'])), { type: 'resume' })).toBe(false)
  })

  it('shows whole seconds, the one that is not over included', () => {
    expect(shownSeconds(at(10, [0, 'start']))).toBe(15)
    expect(shownSeconds(at(10.001, [0, 'start']))).toBe(15)
    expect(shownSeconds(at(11, [0, 'start']))).toBe(14)
    expect(shownSeconds(at(0.5, [0, 'start']))).toBe(10)
  })

  it('a list to be finished goes on until somebody ends it, however long it was reckoned to take, and its clock counts up', () => {
    const toFinish = timelineOf('N')
    const list = toFinish.phases.find((phase) => phase.selfPaced?.open)!
    const here = (seconds: number, ...more: Press[]) =>
      stateAt(foldEvents(toFinish, pressed([0, 'start'], [10, { type: 'goto', phase: list.index }], ...more)), seconds * 1000)
    const after = (toFinish.total - list.start - list.seconds) * 1000
    const late = here(10 + list.seconds + 90)
    expect(late).toMatchObject({
      status: 'running',
      phase: { index: list.index },
      left: after,
      endsAt: (10 + list.seconds + 90) * 1000 + after,
    })
    expect([shownSeconds(late), countsUp(late)]).toEqual([list.seconds + 90, true])
    expect(here(400, [400, 'skip'])).toMatchObject({ phase: { index: list.index + 1 }, elapsed: 0 })
    expect(upcomingCues(foldEvents(toFinish, pressed([0, 'start'], [10, { type: 'goto', phase: list.index }])), 11_000, 3_600_000)).toEqual(
      [],
    )
    // With a cap it ends there, and looking seldom does not run over it.
    const capped: Timeline = {
      ...toFinish,
      phases: toFinish.phases.map((phase) =>
        phase === list ? { ...phase, selfPaced: { ...phase.selfPaced, capSeconds: list.seconds + 100 } } : phase,
      ),
    }
    const over = advance(
      foldEvents(capped, pressed([0, 'start'], [10, { type: 'goto', phase: list.index }])),
      (10 + list.seconds + 100) * 1000,
    )
    expect(over).toMatchObject({ phase: list.index + 1, elapsed: 0 })
  })

  it('time never runs over a list to be finished, in one leap or in many', () => {
    const several = timelineOf('K')
    const list = several.phases.find((phase) => phase.selfPaced?.open)!
    const begun = foldEvents(several, pressed([0, 'start']))
    expect(advance(begun, 4 * 3_600_000)).toMatchObject({ phase: list.index, elapsed: 4 * 3_600_000 - 10_000 - list.start * 1000 })
  })

  it('is the same whenever it is asked: looking in between changes nothing, for any course of commands', () => {
    const type = fc.constantFrom('pause', 'resume', 'skip', 'back', 'repeat', 'undo', 'hold', 'release', 'stop')
    fc.assert(
      fc.property(
        fc.constantFrom(timeline, withLists),
        fc.array(fc.tuple(fc.integer({ min: 1, max: 60_000 }), type), { maxLength: 30 }),
        fc.integer({ min: 0, max: 900_000 }),
        (of, steps, later) => {
          let clock = 0
          const course = steps.map(([wait, name], index): RunEvent => {
            clock += wait
            return { sequence: index + 2, id: `x${index}`, at: clock, who: 'Coach', command: { type: name } as Command }
          })
          const all = [...pressed([0, 'start']), ...course]
          const folded = foldEvents(of, all)
          expect(advance(advance(folded, clock + later / 2), clock + later)).toEqual(advance(folded, clock + later))
          const state = stateAt(folded, clock + later)
          expect(state.remaining).toBeGreaterThanOrEqual(0)
          expect(state.elapsed).toBeLessThanOrEqual(phaseLimit(advance(folded, clock + later)))
          if (of === timeline) expect(state.gone + state.left).toBeLessThanOrEqual(timeline.total * 1000 + 1e-6)
          expect(state.sequence).toBe(all.length)
        },
      ),
    )
  })
})

describe('upcoming cues', () => {
  const cues = (from: number, until: number, ...presses: Press[]) =>
    upcomingCues(foldEvents(timeline, pressed(...presses)), from * 1000, until * 1000).flatMap((cue) =>
      cue.kind === 'next' ? [] : [[cue.kind, cue.at / 1000]],
    )

  it('three, two, one and the change, at the second, through the count-in and every boundary', () => {
    expect(cues(0, 26, [0, 'start'])).toEqual([
      ['three', 7],
      ['two', 8],
      ['one', 9],
      ['change', 10],
      ['three', 22],
      ['two', 23],
      ['one', 24],
      ['change', 25],
    ])
  })

  it('none while the clock stands, none beyond a hold', () => {
    expect(cues(20, 60, [0, 'start'], [20, 'pause'])).toEqual([])
    expect(cues(20, 60, [0, 'start'], [20, 'hold'])).toEqual([
      ['three', 22],
      ['two', 23],
      ['one', 24],
    ])
  })

  it('ends with the finish', () => {
    expect(cues(729.5, 800, [0, 'start'])).toEqual([['finish', 730]])
  })
})
