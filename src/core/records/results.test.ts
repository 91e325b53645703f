import { describe, expect, it } from 'vitest'
import { listed, pressed, type Press } from '../../../tests/fixtures/demo-run'
import { compared, lastTime, resultsOf } from './results'

const list = listed.timeline.phases.find((phase) => phase.selfPaced)!
const [one, two, three] = listed.people.map((person) => person.id) as [string, string, string]
const tap = (second: number, what: 'start' | 'round' | 'finish', ...personIds: string[]): Press => [
  second,
  { type: 'tap', personIds, what },
]
const ran = (...presses: Press[]) => resultsOf(listed, pressed([0, 'start'], [10, { type: 'goto', phase: list.index }], ...presses))

describe('results of a run', () => {
  it('are the times, else the rounds, of who was tapped, the first first; a tap taken away is none', () => {
    const [part, ...others] = ran(
      tap(20, 'start', three),
      tap(40, 'round', one),
      tap(41, 'round', two),
      [42, { type: 'untap', tapId: 'e4' }],
      tap(80, 'finish', three),
      tap(100, 'round', one),
      [200, 'finish'],
    )
    expect(others).toEqual([])
    expect(part).toMatchObject({
      name: listed.pieceNames[list.pieceId],
      done: [
        { personId: three, words: '1:00' },
        { personId: one, words: '2 rounds' },
      ],
    })
  })

  it('without taps there are none', () => {
    expect(ran([200, 'finish'])).toEqual([])
  })

  it('stand beside the time before in the same part, however long ago', () => {
    const latest = ran(tap(70, 'finish', one, two))
    const [first, second, third] = compared([latest, ran(tap(40, 'round', two)), ran(tap(90, 'finish', one))])
    expect(first![0]!.done).toMatchObject([
      { personId: one, words: '1:00', before: '1:20' },
      { personId: two, words: '1:00', before: '1 round' },
    ])
    expect([second![0]!.done[0], third![0]!.done[0]]).toMatchObject([
      { personId: two, words: '1 round' },
      { personId: one, words: '1:20' },
    ])
    for (const parts of [second, third]) expect(parts![0]!.done[0]).not.toHaveProperty('before')
  })

  it('are the best yet when they beat every time before: sooner, finished at all, or more rounds', () => {
    const rounds = (count: number) => ran(...Array.from({ length: count }, (_, round) => tap(20 + round, 'round', one)))
    const finished = (second: number) => ran(tap(second, 'finish', one))
    const bests = (...runs: ReturnType<typeof ran>[]) => compared(runs).map((parts) => parts[0]!.done[0]!.best ?? false)
    expect(bests(rounds(3), rounds(2), rounds(4), rounds(1))).toEqual([false, false, true, false])
    expect(bests(finished(60), finished(80), rounds(9))).toEqual([true, true, false])
    expect(bests(finished(80), finished(80))).toEqual([false, false])
  })

  it('go on to the next class that has the pieces: of each person, what they did last', () => {
    const runs = [ran(tap(70, 'finish', one)), ran(tap(40, 'round', two)), ran(tap(90, 'finish', one), tap(95, 'finish', two))]
    const [part, ...others] = lastTime(runs, new Set([list.pieceId, 'new']))
    expect(others).toEqual([])
    expect(part!.done.map(({ personId, words }) => [personId, words])).toEqual([
      [one, '1:00'],
      [two, '1 round'],
    ])
    expect(lastTime(runs, new Set(['new']))).toEqual([])
  })
})
