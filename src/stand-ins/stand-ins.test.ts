import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf } from '../../tests/fixtures/demo-run'
import { foldEvents } from '../core/run/clock/apply'
import type { Circuit } from '../core/plan/plan'
import { standings } from '../core/records/standing'
import { stateAt } from '../core/run/clock/state'
import { upcomingCues } from '../core/run/screens/upcoming-cues'
import { tapsOfClass } from './people'
import { SimulatedSpeaker } from './speaker'
import { SimulatedWall } from './wall'

const lunch = snapshotOf('demo-lunch')
const { timeline } = lunch
const hour = 3_600_000

describe('a simulated wall', () => {
  it('slowed, skewed and cut off, it shows what the room does as soon as it has heard of it', () => {
    const delay = fc.integer({ min: 0, max: 300 })
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.integer({ min: 500, max: 90_000 }),
            fc.constantFrom('pause', 'resume', 'skip', 'back', 'repeat', 'hold', 'release'),
            delay,
            fc.boolean(),
          ),
          { maxLength: 20 },
        ),
        fc.integer({ min: -200, max: 200 }),
        (steps, skewPpm) => {
          const wall = new SimulatedWall(lunch, { skewPpm, offset: 123_456 })
          let truth = 1000
          const events = [...pressed([1, 'start'])]
          wall.ask(truth, 2, 2)
          wall.send(events[0]!, truth, 50)
          for (const [wait, type, late, cut] of steps) {
            truth += wait
            wall.ask(truth, late / 10, late / 10)
            const event = { ...events[0]!, sequence: events.length + 1, id: `s${events.length}`, at: truth, command: { type } }
            events.push(event)
            if (cut) {
              wall.cutOff()
              wall.send(event, truth, late)
              wall.rejoin(events, truth + 400, late)
            } else wall.send(event, truth, late)
          }
          truth += 1000
          wall.ask(truth, 1, 1)
          const [seen, is] = [wall.shown(truth + 2000), stateAt(foldEvents(timeline, events), truth + 2000)]
          expect(seen.sequence).toBe(events.length)
          expect(
            seen.status === is.status && seen.phase.index === is.phase.index
              ? Math.abs(seen.remaining - is.remaining)
              : Math.min(seen.remaining, is.remaining, seen.elapsed, is.elapsed),
          ).toBeLessThan(100)
        },
      ),
      { numRuns: 60 },
    )
  })

  it('drifts no further than its last question over an hour with a clock 200 ppm fast', () => {
    const wall = new SimulatedWall(lunch, { skewPpm: 200 })
    const [start] = pressed([0, 'start'])
    wall.send(start!, 0, 0)
    let worst = 0
    for (let truth = 0; truth < hour; truth += 10_000) {
      wall.ask(truth, 3, 3)
      const then = truth + 9_900
      const [seen, is] = [wall.shown(then), stateAt(foldEvents(timeline, [start!]), then)]
      if (is.status === 'finished') break
      worst = Math.max(worst, Math.abs(seen.endsAt - seen.left - (is.endsAt - is.left)), Math.abs(seen.gone - is.gone) % 1000)
    }
    // 200 ppm of ten seconds is 2 ms.
    expect(worst).toBeLessThan(4)
  })
})

describe('a simulated speaker', () => {
  it('hears every cue once and on its instant, however seldom it looks while it looks ahead far enough', () => {
    let now = 0
    const progress = foldEvents(timeline, pressed([0, 'start']))
    const speaker = new SimulatedSpeaker({ now: () => now, ahead: () => 6000 })
    for (; now < (timeline.total + 20) * 1000; now += 4000) speaker.look(progress)
    const due = upcomingCues(progress, 0, (timeline.total + 20) * 1000)
    expect(speaker.log.map((cue) => [cue.kind, cue.at])).toEqual(due.map((cue) => [cue.kind, cue.at]))
    expect(Math.max(...speaker.log.map((cue) => cue.late))).toBe(0)
  })

  it('without looking ahead, is as late as it looks', () => {
    let now = 0
    const progress = foldEvents(timeline, pressed([0, 'start']))
    const speaker = new SimulatedSpeaker({ now: () => now, ahead: () => 0 })
    for (; now < 60_000; now += 700) speaker.look(progress)
    expect(Math.max(...speaker.log.map((cue) => cue.late))).toBeGreaterThan(100)
  })
})

describe('a simulated class', () => {
  it('taps round after round at everyone’s own pace, and what is tapped is what stands', () => {
    const short = snapshotOf('demo-short', (document) => {
      const part = document.plan.parts.find((part) => part.pieces.some((piece) => piece.id === 'ls-extra'))!
      part.pieces = part.pieces.map((piece) =>
        piece.id === 'ls-extra'
          ? ({
              ...(piece as Circuit),
              laps: 1,
              stations: (piece as Circuit).stations.slice(0, 1).map((station) => ({
                ...station,
                uses: station.uses.map((use) => ({ ...use, sides: 'none' as const, reps: { count: 15, counted: 'total' as const } })),
              })),
              stay: { kind: 'task', openerCount: 0, rungRestSeconds: 0, goal: 'cap', capSeconds: 600 },
            } as Circuit)
          : piece,
      )
    })
    const phase = short.timeline.phases.find((phase) => phase.selfPaced)!
    let seed = 0
    const taps = tapsOfClass(short, phase, () => ((seed += 0.37), seed % 1))
    expect(taps.length).toBeGreaterThan(short.people.length)
    expect(taps.map((tap) => tap.at)).toEqual([...taps.map((tap) => tap.at)].sort((a, b) => a - b))
    const presses = taps.map(({ at, personId, what }): [number, { type: 'tap'; personIds: string[]; what: typeof what }] => [
      10 + at,
      { type: 'tap', personIds: [personId], what },
    ])
    const progress = foldEvents(short.timeline, pressed([0, 'start'], [10, { type: 'goto', phase: phase.index }], ...presses))
    for (const standing of standings(short, progress, stateAt(progress, progress.at)))
      expect(standing.rounds).toBe(taps.filter((tap) => tap.personId === standing.personId && tap.what === 'round').length)
    expect(tapsOfClass(short, short.timeline.phases[0]!, () => 0.5)).toEqual([])
  })
})
