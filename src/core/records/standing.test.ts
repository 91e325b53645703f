import { describe, expect, it } from 'vitest'
import { listed as short, pressed, type Press } from '../../../tests/fixtures/demo-run'
import { listMarks } from '../timeline/list-marks'
import { commonPaces, listPlaceAt } from '../pace/pace'
import { foldEvents } from '../run/clock/apply'
import { markAt } from '../run/screens/list-place'
import { allFinished, probablyWords, standings } from './standing'
import { stateAt } from '../run/clock/state'

const list = short.timeline.phases.find((phase) => phase.selfPaced && !short.circuits[phase.pieceId]!.rotates)!
const people = short.people.map((person) => person.id)
const at = (second: number, ...presses: Press[]) => {
  const progress = foldEvents(short.timeline, pressed([0, 'start'], [10, { type: 'goto', phase: list.index }], ...presses))
  const state = stateAt(progress, second * 1000)
  return { list: standings(short, progress, state), state }
}
const tap = (second: number, what: 'start' | 'round' | 'finish', ...personIds: string[]): Press => [
  second,
  { type: 'tap', personIds, what },
]

describe('standing in a self-paced part', () => {
  const [one, two, three] = people as [string, string, string]

  it('rounds and finishes, the first first; who begins late is timed from there', () => {
    const { list: all } = at(
      110,
      tap(20, 'start', three),
      tap(40, 'round', one),
      tap(50, 'round', two),
      tap(60, 'round', two),
      tap(80, 'finish', three),
    )
    expect(all.slice(0, 3)).toMatchObject([
      { personId: three, began: 10_000, finished: 60_000 },
      { personId: two, rounds: 2 },
      { personId: one, rounds: 1 },
    ])
    expect(all).toHaveLength(people.length)
    expect(allFinished(all)).toBe(false)
  })

  it('a group is tapped at once; a tap is corrected; outside a list there is no standing', () => {
    expect(allFinished(at(90, tap(80, 'finish', ...people)).list)).toBe(true)
    expect(
      at(90, tap(80, 'finish', one), [81, { type: 'untap', tapId: 'e2' }]).list.find((standing) => standing.personId === one),
    ).not.toHaveProperty('finished')
    expect(at(30, [20, { type: 'goto', phase: 0 }]).list).toEqual([])
  })

  it('without taps, says where people probably are', () => {
    expect(probablyWords(short, at(15).state)).toMatch(/^Probably now: /)
    expect(probablyWords(short, at(30, [20, { type: 'goto', phase: 0 }]).state)).toBe('')
  })
})

describe('marks of a list', () => {
  it('hold what is computed for every fifth second', () => {
    const uses = [12, 8, 20].map((count, index) => ({
      id: `u${index}`,
      exerciseId: 'x',
      reps: { count, counted: 'total' as const },
      sides: 'none' as const,
    }))
    const stay = { kind: 'task' as const, openerCount: 1, rungRestSeconds: 0, goal: 'cap' as const, capSeconds: 600 }
    const marks = listMarks(stay, uses, commonPaces)
    for (let second = 0; second <= 600; second += 5) {
      const { from: _, ...place } = markAt(marks.typical, second)!
      expect(place).toEqual(listPlaceAt(second, stay, uses, commonPaces).typical)
    }
  })
})
