import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf, type Press } from '../../../tests/fixtures/demo-run'
import { blocksOf } from '../timeline/blocks'
import { asItHappened, drawnActual } from './actual'

const { timeline, pieceNames } = snapshotOf('demo-lunch')
const [first, second] = timeline.phases
const ran = (...presses: Press[]) => asItHappened(timeline, pressed([0, 'start'], ...presses))
const told = (...presses: Press[]) =>
  ran(...presses)
    .stretches.slice(0, 4)
    .map(({ phase, clock, from, length }) => [phase.index, clock, from / 1000, length / 1000])

describe('a run as it happened', () => {
  it('goes as planned when nothing is pressed: every phase, each as long as planned', () => {
    const { stretches, total } = ran()
    expect(total).toBe(timeline.total * 1000)
    expect(stretches.map(({ phase, length }) => [phase.index, length])).toEqual(
      timeline.phases.map(({ index, seconds }) => [index, seconds * 1000]),
    )
    // Drawn, it is the planned ribbon.
    expect(blocksOf({ ...timeline, phases: drawnActual(stretches) }, pieceNames)).toEqual(
      blocksOf(timeline, pieceNames).map((block) => ({ ...block, phases: block.phases.map((phase) => ({ ...phase })) })),
    )
  })

  it('has a pause where the clock stood, and the rest of the phase after it', () => {
    expect(told([40, 'pause'], [60, 'resume'])).toEqual([
      [0, 'running', 0, 30],
      [0, 'paused', 30, 20],
      [0, 'running', 50, first!.seconds - 30],
      [1, 'running', first!.seconds + 20, second!.seconds],
    ])
  })

  it('is shorter by what was skipped, longer by what was added, and waits where it was held', () => {
    expect(told([20, 'skip'])[0]).toEqual([0, 'running', 0, 10])
    expect(told([20, { type: 'extend', seconds: 15 }])[0]).toEqual([0, 'running', 0, first!.seconds + 15])
    const release = 10 + first!.seconds + 8
    expect(told([20, 'hold'], [release, 'release']).slice(0, 3)).toEqual([
      [0, 'running', 0, first!.seconds],
      [0, 'held', first!.seconds, 8],
      [1, 'running', first!.seconds + 8, second!.seconds],
    ])
  })

  it('goes back to what was gone back to, and counts in again after a stop', () => {
    const stopped = told([30, 'stop'], [50, 'resume'])
    expect(stopped.slice(0, 4)).toEqual([
      [0, 'running', 0, 20],
      [0, 'stopped', 20, 20],
      [0, 'countIn', 40, 10],
      [0, 'running', 50, first!.seconds - 20],
    ])
    expect(told([10 + first!.seconds + 1, 'back']).map(([phase]) => phase)).toEqual([0, 1, 0, 1])
  })

  it('is nothing before it has begun, and what there is of it while it is under way', () => {
    expect(asItHappened(timeline, [])).toMatchObject({ stretches: [], pressed: [] })
    const underWay = asItHappened(timeline, pressed([0, 'start']), 25_000)
    expect(underWay).not.toHaveProperty('total')
    expect(underWay.stretches).toMatchObject([{ from: 0, length: 15_000 }])
    expect(asItHappened(timeline, pressed([0, 'start']), 5000).stretches).toEqual([])
  })

  it('says what was pressed, in minutes of the class; taps are none', () => {
    expect(ran([40, 'pause'], [60, 'resume'], [70, { type: 'extend', seconds: -5 }]).pressed.map(({ at, words }) => [at, words])).toEqual([
      [-10_000, 'started'],
      [30_000, 'paused'],
      [50_000, 'went on'],
      [60_000, 'took 5 s off'],
    ])
  })

  it('leaves no gap and no second twice, whatever was pressed, and is as long as the log says', () => {
    const command = fc.constantFrom('pause', 'resume', 'skip', 'back', 'repeat', 'hold', 'release', 'undo', 'stop') as fc.Arbitrary<
      Press[1]
    >
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.integer({ min: 1, max: 150 }), command), { maxLength: 25 }), (steps) => {
        let at = 5
        const { stretches, total } = ran(
          ...steps.map(([wait, type]): Press => [(at += wait), type]),
          [at + 4000, 'resume'],
          [at + 4001, 'finish'],
        )
        const ends = stretches.map(({ from, length }) => from + length)
        stretches.forEach(({ from }, index) => expect(from).toBe(index === 0 ? 0 : ends[index - 1]))
        expect(ends.at(-1) ?? 0).toBe(total ?? 0)
      }),
      // Seen once in thousands: a pause in the count-in, taken back, begins the class later.
      {
        numRuns: 75,
        examples: [
          [
            [
              [1, 'pause'],
              [1, 'undo'],
            ],
          ],
        ],
      },
    )
  })
})
