import { describe, expect, it } from 'vitest'
import { demoLibrary, pressed, kilnFloor } from '../../../../tests/fixtures/demo-run'
import { shapes } from '../../../../tests/fixtures/shapes'
import { ClassDocument } from '../../class/class-document'
import { computeClass } from '../../class/compute'
import { Plan, type PlanInput } from '../../plan/plan'
import { foldEvents } from '../clock/apply'
import { canTap } from '../clock/taps'
import { stateAt } from '../clock/state'
import { takeSnapshot } from '../room/take-snapshot'
import type { RunSnapshot } from '../room/snapshot'
import { placeWords, whereWeAre } from './place-words'
import { roomView } from './room-view'
import { upcomingCues } from './upcoming-cues'

type CircuitInput = Extract<PlanInput['parts'][number]['pieces'][number], { type: 'circuit' }>

const stations = (count: number, value = 1): CircuitInput['stations'] =>
  Array.from({ length: count }, (_, index) => ({
    id: `s${index}`,
    uses: Array.from({ length: value }, (_, position) => ({
      id: `u${index}-${position}`,
      exerciseId: demoLibrary.exercises[index * value + position]!.id,
    })),
  }))

function run(pieces: CircuitInput[], part: Partial<PlanInput['parts'][number]> = {}): RunSnapshot {
  const plan = Plan.parse({ id: 'p', name: 'P', slotSeconds: 3600, parts: [{ id: 'part', pieces, ...part }] })
  const document = ClassDocument.parse({
    name: 'P',
    startsAt: '2026-01-05T12:00:00Z',
    roomId: 'kiln-floor',
    plan,
    here: [],
    walkIns: [],
    groupSize: 'solo',
  })
  const taken = takeSnapshot(document, computeClass(document, demoLibrary), demoLibrary, kilnFloor)
  if (!taken.ok) throw new Error(taken.problems[0]!.message)
  return taken.value
}

const together = (more: Partial<CircuitInput>): CircuitInput => ({
  id: 'c',
  type: 'circuit',
  travel: 'together',
  laps: 1,
  stations: stations(3),
  stay: { kind: 'intervals', workSeconds: [40] },
  ...more,
})

const works = (snapshot: RunSnapshot) => snapshot.timeline.phases.filter(({ kind }) => kind === 'work')
const told = (snapshot: RunSnapshot) => works(snapshot).map((work) => placeWords(snapshot, work))

describe('where we are', () => {
  it('in three blocks of three exercises, three sets each: the block, the set, and which of three', () => {
    const blocks = run([together({ stations: stations(3, 3), stay: { kind: 'intervals', workSeconds: [30, 30, 30], sets: 3 } })])
    const words = told(blocks)
    expect(words).toHaveLength(27)
    expect(words[0]).toBe('Block 1 of 3 · set 1 of 3 · exercise 1 of 3')
    expect(words[13]).toBe('Block 2 of 3 · set 2 of 3 · exercise 2 of 3')
    expect(words[26]).toBe('Block 3 of 3 · set 3 of 3 · exercise 3 of 3')
  })

  it('tells the times that a part is gone through, and rounds of a list that all do together', () => {
    const twice = run([together({ laps: 2 })], { repeat: 3 })
    expect(told(twice)[0]).toBe('Time 1 of 3 · round 1 of 2 · exercise 1 of 3')
    expect(told(twice).at(-1)).toBe('Time 3 of 3 · round 2 of 2 · exercise 3 of 3')
  })

  it('in a ladder that the room climbs together: the rung, and what it asks; nobody is tapped', () => {
    const led = run([
      together({
        name: 'Ladder',
        stations: stations(1, 2).map((station) => ({ ...station, uses: station.uses!.map((use) => ({ ...use, reps: { count: 1 } })) })),
        stay: { kind: 'task', goal: 'finish', rungs: [10, 6], rungRestSeconds: 15, rungClock: { led: true } },
      }),
    ])
    expect(told(led)).toEqual(['Rung 1 of 2', 'Rung 2 of 2'])
    const progress = foldEvents(led.timeline, pressed([0, 'start'], [10, 'skip'], [20, 'skip']))
    const state = stateAt(progress, progress.at + 10_000)
    expect(roomView(led, state).headline).toBe('6 of each, all together')
    expect(state.phase.rung).toBe(1)
    const heard = upcomingCues(foldEvents(led.timeline, pressed([0, 'start'], [10, 'skip'])), 10_000, 26_000, { snapshot: led })
    expect(heard.map(({ text }) => text)).toContain('Next: 6 of each')
    expect(canTap(progress, { type: 'tap', personIds: ['x'], what: 'round' })).toBe(false)
  })

  it('counts only the exercises that a lap has', () => {
    const skipping = run([
      together({ laps: 2, stations: stations(3).map((station, index) => (index === 1 ? { ...station, skipLaps: [1] } : station)) }),
    ])
    expect(told(skipping)).toEqual([
      'Round 1 of 2 · exercise 1 of 3',
      'Round 1 of 2 · exercise 2 of 3',
      'Round 1 of 2 · exercise 3 of 3',
      'Round 2 of 2 · exercise 1 of 2',
      'Round 2 of 2 · exercise 2 of 2',
    ])
  })

  it('never tells the fifth of four, in any shape of class', () => {
    for (const { id, plan } of shapes) {
      const document = { name: id, startsAt: '2026-01-05T12:00:00Z', roomId: 'kiln-floor', plan, here: [], walkIns: [], groupSize: 'solo' }
      const parsed = ClassDocument.parse(document)
      const taken = takeSnapshot(parsed, computeClass(parsed, demoLibrary), demoLibrary, kilnFloor)
      if (!taken.ok) continue
      for (const work of works(taken.value))
        for (const count of Object.values(whereWeAre(taken.value, work))) expect(count.at, id).toBeLessThanOrEqual(count.of)
    }
  })
})

describe('what comes next', () => {
  const direct = run([together({ transition: { seconds: 0 } })])
  const progress = foldEvents(direct.timeline, pressed([0, 'start']))
  const second = (at: number) => stateAt(progress, (10 + at) * 1000)
  const [, next] = works(direct)
  const name = direct.circuits.c!.stations[1]!.exercises[0]!.name

  it('is told in the last ten seconds also where there is no gap, on the wall and by the voice', () => {
    expect(next!.start).toBe(40)
    expect(roomView(direct, second(25)).detail).not.toContain(name)
    expect(roomView(direct, second(32)).detail).toBe(`Next: ${name}`)
    const said = upcomingCues(progress, 0, 60_000, { snapshot: direct }).map(({ text }) => text)
    expect(said).toContain(`Ten seconds. Next: ${name}`)
  })

  it('after the very last work is nowhere: nobody is told to move on', () => {
    const kept = run([{ ...together({}), travel: 'rotate', transition: { seconds: 20 }, lastGap: 'keep' }])
    const course = foldEvents(kept.timeline, pressed([0, 'start']))
    const said = upcomingCues(course, 0, 10_000_000, { snapshot: kept }).filter(({ kind }) => kind === 'change')
    expect(said.filter(({ text }) => text === 'Move on')).toHaveLength(works(kept).length - 1)
    expect(said.at(-1)!.text).toBe('Rest')
  })

  it('is told with how it is done: load and effort of what comes, while one rests', () => {
    const loaded = together({
      transition: { seconds: 20 },
      stations: stations(2).map((station) => ({
        ...station,
        uses: station.uses!.map((use) => ({ ...use, effort: '7 of 10', load: { kilograms: 12 } })),
      })),
    })
    const resting = run([loaded])
    const course = foldEvents(resting.timeline, pressed([0, 'start']))
    expect(roomView(resting, stateAt(course, (10 + 45) * 1000))).toMatchObject({
      headline: expect.stringContaining('Next: ') as string,
      detail: '12 kg, 7 of 10',
    })
  })

  it('the room is never told what is left of the coach’s slot', () => {
    expect(direct.sentences.join(' ')).not.toContain('slot')
  })
})
