import { demoLibrary as library, kilnFloor, listed, snapshotOf } from '../../../../tests/fixtures/demo-run'
import { commonPaces } from '../../pace/pace'
import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../../scripts/demo/classes'
import { demoPlans } from '../../../../scripts/demo/plans'
import { computeClass } from '../../class/compute'
import type { Circuit } from '../../plan/plan'
import { swapLists } from '../../gear/lists/lists'
import { paceText } from '../../summary/items'
import { classSentences } from '../../summary/sentence/class-sentences'
import type { Command, RunEvent } from '../clock/events'
import { foldEvents } from '../clock/apply'
import { roomView } from './room-view'
import { takeSnapshot } from '../room/take-snapshot'
import { stateAt } from '../clock/state'

const lunch = snapshotOf('demo-lunch')
/** The view `second` seconds into the class, after `more` at the same instant. */
const view = (second: number, snapshot = lunch, ...more: Command[]) => {
  const start: RunEvent = { sequence: 1, id: 'a', at: 0, who: 'Coach', command: { type: 'start' } }
  const later = more.map((command, index): RunEvent => ({
    sequence: index + 2,
    id: `b${index}`,
    at: 10_000 + second * 1000,
    who: 'Coach',
    command,
  }))
  return roomView(snapshot, stateAt(foldEvents(snapshot.timeline, [start, ...later]), 10_000 + second * 1000))
}

describe('what the room sees', () => {
  it('in the brief: what comes, and its form', () => {
    expect(view(0)).toMatchObject({
      word: 'Brief',
      place: 'Brief',
      headline: 'Next: March on the spot',
      points: ['Knees to hip height', 'Arms swing', 'Land softly'],
    })
  })

  it('at work: lap and turn, who is where, whom to watch, and when sides change', () => {
    const work = view(480 + 16)
    expect(work).toMatchObject({
      word: 'Work',
      place: 'Lap 1 of 2 · turn 1 of 8',
      headline: 'Station 8: change sides in 4',
      detail: 'In pairs, both working',
    })
    expect(work.tiles[0]).toMatchObject({ number: 1, exercise: 'Goblet squat', people: ['Oren', 'Maribel'], coming: false })
    expect(work.watch.map((watched) => watched.name)).toEqual(['Jun', 'Hettie'])
    expect(view(480 + 20).headline).toBe('Station 8: second side')
  })

  it('whom to watch: each person once, with the dose of their level and the lap that they rest through', () => {
    const dosed = snapshotOf('demo-lunch', (document) => {
      const circuit = document.plan.parts
        .flatMap((part) => part.pieces)
        .find((piece): piece is Circuit => 'stations' in piece && piece.travel === 'rotate')!
      circuit.stations[0]!.uses[0]!.dose = { newcomer: { seconds: 20, laps: 1 } }
    })
    // Maribel is a newcomer; Oren, beside her, is not.
    expect(view(480 + 16, dosed).watch.filter(({ station }) => station === 1)).toEqual([
      { name: 'Maribel', station: 1, text: 'works 20 of 40 s' },
    ])
    const secondLap = dosed.timeline.phases.find((phase) => phase.kind === 'work' && phase.lap === 1 && phase.turn === 8)!
    expect(view(secondLap.start + 1, dosed).watch.find(({ name }) => name === 'Maribel')?.text).toBe('rests through this lap')
    const list = view(listed.timeline.phases.find((phase) => phase.selfPaced)!.start + 5, listed).watch
    expect(list.length).toBeGreaterThan(0)
    expect(new Set(list.map(({ name }) => name)).size).toBe(list.length)
  })

  it('at a swap: what is carried away and here at each station, as the list to carry by has it', () => {
    const early = snapshotOf('demo-early')
    const { document } = demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-early')!
    const computed = computeClass(document, library)
    const swap = early.timeline.phases.find(({ pause }) => pause === 'swap')!
    const [list] = swapLists(
      document.plan,
      early.timeline,
      computed.gear,
      computed.groups.map(({ length }) => length),
    )
    const { tiles, onward } = view(swap.start + 5, early)
    // From one circuit to the other, not one up the numbers.
    expect(onward).toBeUndefined()
    const pieces = (lines: string[]) => lines.reduce((sum, line) => sum + Number(line.split(' ×')[0]), 0)
    for (const { station, goes, comes } of list!.stations) {
      const carried = tiles[station - 1]!.carried!
      expect(pieces(carried.away)).toBe(goes.reduce((sum, { count }) => sum + count, 0))
      expect(pieces(carried.here)).toBe(comes.reduce((sum, { count }) => sum + count, 0))
    }
    expect(tiles.some(({ carried }) => carried!.here.length > 0)).toBe(true)
    // At work, and between the stations of one circuit, nothing is carried.
    expect(view(480 + 45).tiles.every(({ carried }) => carried === undefined)).toBe(true)
  })

  it('on the way: who is coming in, and the way to go', () => {
    const move = view(480 + 45)
    expect(move).toMatchObject({
      word: 'Move on',
      place: 'Lap 1 of 2 · turn 2 of 8',
      headline: 'On to the next station',
      detail: '8 goes round to 1.',
      onward: 'up',
    })
    expect(move.tiles[1]).toMatchObject({ people: ['Oren', 'Maribel'], coming: true })
  })

  it('after a stop everybody is where they were; on the way they are still on the way', () => {
    expect(view(480 + 5, lunch, { type: 'stop' }, { type: 'resume' }).tiles[0]).toMatchObject({ coming: false })
    expect(view(480 + 45, lunch, { type: 'stop' }, { type: 'resume' }).tiles[1]).toMatchObject({ coming: true })
  })

  it('between sets nobody is coming', () => {
    const empty = snapshotOf('demo-evening')
    const rest = empty.timeline.phases.find((phase) => phase.kind === 'rest' && !phase.moves && phase.pieceId === 'eb-stations')!
    expect(view(rest.start + 1, empty)).toMatchObject({
      headline: 'Stay at your station.',
      tiles: expect.not.arrayContaining([expect.objectContaining({ coming: true })]),
    })
  })

  it('in the lap rest people still move on, into lap 2', () => {
    expect(view(480 + 8 * 55 - 10)).toMatchObject({ word: 'Rest', place: 'Lap 2 of 2 · turn 1 of 8', headline: 'On to the next station' })
  })

  it('at the end, and when the room is stopped', () => {
    expect(view(4000)).toMatchObject({ word: 'Done', tiles: [] })
    expect(view(500, lunch, { type: 'stop' })).toMatchObject({
      word: 'Stop',
      headline: 'Let the machine run down. Put the weight down. Stand still and look to the coach.',
    })
    expect(view(500, lunch, { type: 'stop' }, { type: 'clear' })).toMatchObject({
      word: 'Clear the room',
      headline: expect.stringContaining('nearest free exit'),
    })
    expect(view(500, lunch, { type: 'stop' }, { type: 'clear' }, { type: 'resume' }).word).toBe('Get set')
  })

  it('together: the exercise and its side', () => {
    const cool = lunch.timeline.phases.filter((phase) => phase.pieceId === 'll-cool')
    expect(view(cool[1]!.start)).toMatchObject({ headline: 'Calf stretch, second side', tiles: [] })
  })

  it('in blocks of three it shows the exercise of the position, and counts sets', () => {
    const evening = snapshotOf('demo-evening')
    const second = evening.timeline.phases.find((phase) => phase.position === 1)!
    const shown = view(second.start, evening)
    expect(shown.tiles.map((tile) => tile.exercise)).toEqual(['Push-up', 'Hip hinge', 'Shoulder press', 'Slider lunge', 'Strap row'])
    expect(shown.place).toBe('Blocks of three · turn 1 of 5 · set 1 of 3 · exercise 2 of 3')
  })
})

describe('partners who take turns', () => {
  const inTurns = (pairs: 'inTurns' | 'halfEach', groupSize: 'pairs' | 'trios') => {
    const { document } = structuredClone(demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!)
    const circuit = document.plan.parts.flatMap((part) => part.pieces).find((piece) => piece.id === 'll-stations') as Circuit
    Object.assign(circuit, { pairs, stay: { ...circuit.stay, sets: 3 } })
    const made = { ...document, groupSize }
    const snapshot = takeSnapshot(made, computeClass(made, library), library, kilnFloor)
    if (!snapshot.ok) throw new Error(snapshot.problems[0]!.message)
    return snapshot.value
  }
  const works = (snapshot: typeof lunch, second: number) => view(second, snapshot).tiles[0]!.works

  it('are named, the one who works now', () => {
    const snapshot = inTurns('inTurns', 'pairs')
    const stay = snapshot.timeline.phases.filter((phase) => phase.kind === 'work' && phase.pieceId === 'll-stations' && phase.turn === 0)
    expect(stay.map((phase) => works(snapshot, phase.start + 1))).toEqual(['Oren', 'Maribel', 'Oren'])
  })

  it('of three each works once in three intervals', () => {
    const snapshot = inTurns('inTurns', 'trios')
    const stay = snapshot.timeline.phases.filter((phase) => phase.kind === 'work' && phase.pieceId === 'll-stations' && phase.turn === 0)
    expect(new Set(stay.map((phase) => works(snapshot, phase.start + 1))).size).toBe(3)
  })

  it('with half the interval each, they change at the half', () => {
    const snapshot = inTurns('halfEach', 'pairs')
    expect([5, 25].map((second) => works(snapshot, 480 + second))).toEqual(['Oren', 'Maribel'])
  })
})

describe('a self-paced list', () => {
  const { document } = demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-short')!
  const bricks = { ...document, plan: structuredClone(demoPlans.find((plan) => plan.id === 'brick-by-brick')!) }
  const taken = takeSnapshot(bricks, computeClass(bricks, library), library, undefined)
  if (!taken.ok) throw new Error(taken.problems[0]!.message)
  const phase = (pieceId: string) => taken.value.timeline.phases.find((phase) => phase.pieceId === pieceId)!

  it('tells in which round most people are by the clock, as the pace of the hall has it', () => {
    const { start, seconds } = phase('bb-rounds')
    const places = [0, 120, 240, seconds - 5].map((into) => view(start + into, taken.value).place)
    const rounds = places.map((place) => Number(/most in round (\d+)$/.exec(place)?.[1] ?? 0))
    expect(places[0]).toBe('Rounds · most at the opener')
    expect(rounds).toEqual([...rounds].sort((a, b) => a - b))
    expect(rounds.at(-1)).toBeGreaterThan(1)
    // Through a list but once there is no round to tell.
    expect(view(phase('bb-rounds').start - 5, taken.value).place).not.toContain('most')
  })

  it('is read out item by item: the opener, then the rounds', () => {
    expect(view(phase('bb-rounds').start + 5, taken.value)).toMatchObject({
      word: 'Work',
      place: 'Rounds · most at the opener',
      headline: 'Round after round, at your own pace',
      points: [
        '12 shuttle walk there and back',
        'then, round after round:',
        '12 sit to stand',
        '8 push-up',
        '6 slider lunge each side',
        '0:25 plank',
      ],
    })
  })

  it('a ladder says its rungs, and the class its range', () => {
    expect(view(phase('bb-ladder').start + 5, taken.value)).toMatchObject({
      headline: 'Through the list, at your own pace',
      points: ['9-6-3 of each:', 'goblet squat', 'push-up', 'glute bridge'],
    })
    expect(taken.value.sentences[0]).toContain(
      'aiming at 6 rounds; 1:40 rest; ladder, one list for everyone, at their own pace: 9-6-3 of each',
    )
    expect(taken.value.sentences[1]).toMatch(/^About \d+:\d\d \(\d+:\d\d to \d+:\d\d\) in all/)
  })

  it('tells how many rounds the cap allows, and an aim that is out of reach', () => {
    const list = taken.value.circuits['bb-rounds']!.stations[0]!.list!
    expect(list.aim).toMatch(/^about \d+(\.5)? rounds for most \(\d+(\.5)? to \d+(\.5)?\); the aim is 6$/)
    const stay = { kind: 'task', goal: 'cap', capSeconds: 60, openerCount: 0, rungRestSeconds: 0, aimRounds: 40 } as const
    expect(
      paceText(
        stay,
        bricks.plan.parts[1]!.pieces.flatMap((piece) => (piece.type === 'circuit' ? piece.stations[0]!.uses : [])).slice(0, 3),
        commonPaces,
      ),
    ).toContain('40 are out of reach')
  })
})

describe('the class in two sentences', () => {
  it('tells what is done and how long it takes', () => {
    expect(lunch.sentences).toEqual([
      '3:00 brief; 5:00 warm-up; 8 stations, pairs move on to the next: 0:40 work and 0:15 to move, 2 laps with 1:00 between; 1:00 water; 4:00 cool-down; 16 people in pairs.',
      '28:10 in all.',
    ])
  })

  it('tells of the part that is optional, and of a class that is too long', () => {
    const { document } = demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-short')!
    const computed = computeClass({ ...document, plan: { ...document.plan, slotSeconds: 600 } }, library)
    if (!computed.timeline.ok) throw new Error('timeline')
    const [first, second] = classSentences({ ...document.plan, slotSeconds: 600 }, computed.timeline.value, [])
    expect(first).toContain('if there is time')
    expect(second).toMatch(/without the optional part\), \d+:\d\d over the 10:00 slot\.$/)
  })
})

describe('a snapshot', () => {
  it('is refused when somebody would have no station', () => {
    const { document } = demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!
    const solo = { ...document, groupSize: 'solo' as const }
    expect(takeSnapshot(solo, computeClass(solo, library), library, undefined)).toMatchObject({
      ok: false,
      problems: [{ code: 'tooManyGroups' }],
    })
  })
})
