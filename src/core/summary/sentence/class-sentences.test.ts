import { describe, expect, it } from 'vitest'
import { shapes } from '../../../../tests/fixtures/shapes'
import type { GroupSize } from '../../grouping/group-size'
import type { RotationChoice } from '../../rotation/rule'
import { Plan } from '../../plan/plan'
import { compileTimeline } from '../../timeline/compile'
import { pairsSentence, phaseWord } from '../names'
import { classSentences, movingsOf, pieceText, slotPhrase } from './class-sentences'

const sentencesOf = (id: string, groups: number[] = []) => {
  const plan = Plan.parse(shapes.find((shape) => shape.id === id)!.plan)
  const timeline = compileTimeline(plan)
  if (!timeline.ok) throw new Error(timeline.problems[0]!.message)
  return classSentences(plan, timeline.value, groups)
}

describe('the first sentence says what is done', () => {
  const cases: [id: string, sentence: string][] = [
    ['A', '6 stations, everyone moves on to the next: 0:15 work and 0:15 to move, 4 laps.'],
    [
      'B',
      '6 stations, everyone moves on to the next: 0:15 work and 0:15 to move, 4 laps; 2:30 swap; 6 stations, everyone moves on to the next: 0:15 work and 0:15 to move, 4 laps.',
    ],
    ['C2', '10 exercises, everyone the same: 0:30 work and 0:10 to rest, 3 laps with 0:30 between.'],
    ['D', '2 exercises, everyone the same: 4 sets of 0:20 work with 0:10 between, 1 lap.'],
    ['E3', '2 exercises, everyone the same: 0:20 work and 0:10 to rest, 4 laps, 3 times.'],
    ['G', '4 stations, everyone moves on to the next: 4 sets of 0:20 + 0:20 + 0:20 work with 1:00 after each set and 0:15 to move, 1 lap.'],
    [
      'H',
      '5 stations, everyone moves on to the next, a list each, at their own pace: as many rounds as they can in 6:00 and 1:00 to move, 1 lap, aiming at 6 rounds.',
    ],
    ['I2', '3 exercises, everyone the same: 1:00 work and 0:10 to cross, 4 laps, exercise 3 for 2:00, exercise 3 not on lap 4.'],
    ['J', 'One list for everyone, at their own pace: as many rounds as they can in 15:00.'],
    [
      'K',
      'One list for everyone, at their own pace: the first 5 once, then as many rounds as they can in 8:00, 4 times with 1:30 between; 1:30 rest; one list for everyone, at their own pace: to the end.',
    ],
    [
      'L',
      '1 exercise, everyone the same: 0:45 work, 1 lap, in a window of 2:00, then one list for everyone, at their own pace: as many rounds as they can in 5:00, all of it 4 times with 1:00 between, times 2, 3, 4 differ.',
    ],
    ['Q', '4 exercises, everyone the same: 0:30 work, 1 lap; 4 exercises, everyone the same: 0:30 work, 1 lap, only if there is time.'],
  ]
  for (const [id, sentence] of cases) it(`${id}: ${sentence}`, () => expect(sentencesOf(id)[0]).toBe(sentence))

  it('with the rules by which laps and times through differ', () => {
    const plan = Plan.parse(shapes.find((shape) => shape.id === 'C2')!.plan)
    const circuit = plan.parts[0]!.pieces[0]!
    if (circuit.type !== 'circuit') return expect.unreachable()
    circuit.varyRules = [{ rule: 'exchange', id: circuit.id, fields: ['workSeconds', 'transitionSeconds'] }]
    expect(pieceText(circuit)).toBe(
      '10 exercises, everyone the same: 0:30 work and 0:10 to rest, 3 laps with 0:30 between, work and transition change places every second lap',
    )
    circuit.varyRules = [{ rule: 'series', id: circuit.id, field: 'workSeconds', values: [30, 25, 20] }]
    expect(pieceText(circuit)).toContain(', work 0:30, 0:25, 0:20, lap by lap')
  })

  it('who moves, and by which rule', () => {
    const plan = Plan.parse(shapes.find((shape) => shape.id === 'A')!.plan)
    const [circuit] = plan.parts[0]!.pieces
    const said = (groupSize: GroupSize, choice?: RotationChoice) =>
      pieceText(circuit!, movingsOf({ groupSize, rotations: choice && { [circuit!.id]: choice } })).split(':')[0]
    expect(said('pairs')).toBe('6 stations, pairs move on to the next')
    expect(said('solo', { rule: 'loopByK', step: 5 })).toBe('6 stations, everyone moves on by 5')
    expect(said('pairs', { rule: 'twoFiles' })).toBe('6 stations, a new partner each turn')
  })

  it('and for whom', () => {
    expect(sentencesOf('A', [2, 2, 3])[0]).toMatch(/; 7 people in 2 pairs and 1 trio\.$/)
    expect(sentencesOf('A', [1])[0]).toMatch(/; 1 person\.$/)
  })
})

describe('the second says how long it takes', () => {
  it('exactly, with and without what is optional, and about', () => {
    expect(sentencesOf('A')[1]).toBe('12:00 in all, 48:00 short of the 1:00:00 slot.')
    expect(sentencesOf('Q')[1]).toBe('4:00 in all (2:00 without the optional part), 56:00 short of the 1:00:00 slot.')
    expect(sentencesOf('K')[1]).toBe('About 42:07 (39:40 to 43:24) in all, 17:53 short of the 1:00:00 slot.')
  })

  it('against the slot', () => {
    expect([0, 90, -90].map((spare) => slotPhrase(spare, 600))).toEqual([
      'which fills the 10:00 slot exactly',
      '1:30 short of the 10:00 slot',
      '1:30 over the 10:00 slot',
    ])
  })
})

describe('words for the room', () => {
  it('a word for each kind of phase', () => {
    const kinds = [
      { kind: 'work' },
      { kind: 'transition' },
      { kind: 'rest' },
      { kind: 'unplanned' },
      { kind: 'pause', pause: 'swap' },
    ] as const
    expect(kinds.map((phase) => phaseWord({ moves: false, ...phase }))).toEqual(['Work', 'Move on', 'Rest', 'Free', 'Swap'])
  })

  it('how partners work, and nothing for people alone', () => {
    expect(pairsSentence('both', 1)).toBe('')
    expect(pairsSentence('both', 2)).toBe('In pairs, both working')
    expect(pairsSentence('inTurns', 3)).toBe('In groups, taking turns by interval')
    expect(pairsSentence('halfEach', 2)).toBe('In pairs, half the interval each')
  })
})
