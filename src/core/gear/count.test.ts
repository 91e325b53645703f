import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Exercise, type ExerciseInput } from '../library/exercise'
import { GearKind } from '../library/gear-kind'
import { Person } from '../library/person'
import { Plan, type PairsWork, type PlanInput } from '../plan/plan'
import { answerGearCount, GearRequest } from './lists/request'

const bell = GearKind.parse({
  id: 'bell',
  name: 'Bell',
  sizes: [8, 12, 16].map((kilograms) => ({ id: `${kilograms}kg`, label: `${kilograms} kg`, kilograms, owned: 2 })),
})
const mat = GearKind.parse({ id: 'mat', name: 'Mat', sizes: [{ id: 'one', label: '', owned: 5 }] })
const bench = GearKind.parse({ id: 'bench', name: 'Bench', sizes: [{ id: 'one', label: '', owned: 1 }] })

const exercise = (id: string, gear: ExerciseInput['gear']): Exercise =>
  Exercise.parse({ id, name: id, regions: ['lower'], stance: 'standing', setUp: '', points: [], fault: '', gear })
const swing = exercise('swing', [{ kindId: 'bell', per: 'person', sizeByLevel: { newcomer: '8kg', regular: '12kg', trained: '16kg' } }])
const plank = exercise('plank', [{ kindId: 'mat', per: 'person' }])
const step = exercise('step', [{ kindId: 'bench', per: 'group' }])
const lane = exercise('lane', [{ kindId: 'bench', per: 'station' }])

const plan = (exercises: string[], pairs: PairsWork = 'both', more: Record<string, unknown> = {}): PlanInput => ({
  id: 'p',
  name: 'P',
  slotSeconds: 600,
  parts: [
    {
      id: 'a',
      pieces: [
        {
          id: 'c',
          type: 'circuit',
          travel: 'rotate',
          laps: 1,
          pairs,
          transition: { seconds: 10 },
          stay: { kind: 'intervals', workSeconds: [30] },
          stations: exercises.map((exerciseId, index) => ({ id: `s${index}`, uses: [{ id: `u${index}`, exerciseId, ...more }] })),
        },
      ],
    },
  ],
})

const person = (id: string, level: Person['level'] = 'regular', loads: Record<string, string> = {}): Person =>
  Person.parse({ id, name: id, level, loads })

const count = (input: PlanInput, people: Person[], groupSize: 'pairs' | 'solo' = 'pairs') => {
  const request = GearRequest.parse({
    plan: Plan.parse(input),
    people,
    groupSize,
    exercises: [swing, plank, step, lane],
    gear: [bell, mat, bench],
  })
  const result = answerGearCount(request, { exercises: [], gear: [] })
  if (!result.ok) throw new Error(result.problems[0]!.message)
  return result.value
}
const lineOf = (gear: ReturnType<typeof count>, kindId: string, sizeId = 'one') =>
  gear.lines.find((line) => line.kindId === kindId && line.sizeId === sizeId)

describe('gear count', () => {
  it('gives each person the size of their level, unless they have one of their own or the plan sets one', () => {
    const people = [person('a', 'newcomer'), person('b', 'trained'), person('c', 'newcomer', { bell: '12kg' })]
    const gear = count(plan(['swing', 'plank', 'plank']), people, 'solo')
    expect(lineOf(gear, 'bell', '8kg')!.byTurn).toEqual([1, 0, 0])
    expect(lineOf(gear, 'bell', '16kg')!.byTurn).toEqual([0, 0, 1])
    expect(lineOf(gear, 'bell', '12kg')!.byTurn).toEqual([0, 1, 0])
    expect(lineOf(count(plan(['swing'], 'both', { load: { kilograms: 14 } }), [person('a')], 'solo'), 'bell', '12kg')!.most).toBe(1)
  })

  it('shares out gear there is not enough of, in the order in which people came; the rest take the next choice, in every turn', () => {
    const people = ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => person(id))
    const swings = { alternatives: [{ exerciseId: 'plank' }, { exerciseId: 'lane' }] }
    // Two bells of 12 kg, five mats, six people.
    const together = plan(['swing'], 'both', swings)
    ;(together.parts[0]!.pieces[0] as { travel: string }).travel = 'together'
    const all = count(together, people, 'solo')
    expect([lineOf(all, 'bell', '12kg'), lineOf(all, 'mat')].map((line) => [line!.most, line!.short])).toEqual([
      [2, 0],
      [4, 0],
    ])
    // Where even the last choice is short, that is said of the last choice.
    const more = count({ ...together }, [...people, person('g'), person('h')], 'solo')
    expect([lineOf(more, 'mat')!.most, lineOf(more, 'bench')!.most]).toEqual([5, 1])
    const noLane = plan(['swing'], 'both', { alternatives: [{ exerciseId: 'plank' }] })
    ;(noLane.parts[0]!.pieces[0] as { travel: string }).travel = 'together'
    expect(lineOf(count(noLane, [...people, person('g'), person('h')], 'solo'), 'mat')).toMatchObject({ most: 6, short: 1 })
    // Partners who share a set take the same.
    const shared = plan(['swing'], 'inTurns', swings)
    ;(shared.parts[0]!.pieces[0] as { travel: string }).travel = 'together'
    expect(lineOf(count(shared, people), 'bell', '12kg')).toMatchObject({ most: 2, short: 0 })
    expect(lineOf(count(shared, people), 'mat')).toMatchObject({ most: 1 })
  })

  it('shares out what a wave does while it waits, beside what the stations hold', () => {
    const waves = plan(['plank', 'plank'])
    const circuit = waves.parts[0]!.pieces[0] as Record<string, unknown>
    circuit.waves = {
      meanwhile: {
        id: 'list',
        type: 'circuit',
        travel: 'together',
        laps: 1,
        stay: { kind: 'intervals', workSeconds: [20] },
        stations: [{ id: 'w', uses: [{ id: 'wu', exerciseId: 'swing', alternatives: [{ exerciseId: 'plank' }] }] }],
      },
    }
    // Two waves of four: four planks at the stations, two bells for the four who wait, and of five mats one is left.
    const gear = count(
      waves,
      ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'].map((id) => person(id)),
    )
    expect(lineOf(gear, 'bell', '12kg')).toMatchObject({ most: 2, short: 0 })
    expect(lineOf(gear, 'mat')).toMatchObject({ most: 6, short: 1 })
  })

  it('counts nobody in the laps that they rest through', () => {
    const twice = plan(['swing', 'swing'], 'both', { dose: { newcomer: { laps: 1 } } })
    ;(twice.parts[0]!.pieces[0] as { laps: number }).laps = 2
    const gear = count(twice, [person('a', 'newcomer'), person('b', 'newcomer')], 'solo')
    expect(lineOf(gear, 'bell', '8kg')!.byTurn).toEqual([2, 2, 0, 0])
  })

  it('tells the most at once, what is owned and what is short, and where it stands', () => {
    const gear = count(
      plan(['swing', 'swing']),
      ['a', 'b', 'c', 'd'].map((id) => person(id)),
    )
    expect(lineOf(gear, 'bell', '12kg')).toMatchObject({ most: 4, owned: 2, short: 2, stations: [1, 2], byTurn: [4, 4] })
    expect(gear.byStation).toEqual(
      [0, 1].map((station) => ({ pieceId: 'c', station, most: [{ kindId: 'bell', sizeId: '12kg', count: 2 }] })),
    )
  })

  it('pairs that take turns need one set; of two sizes, one each', () => {
    const same = [person('a'), person('b')]
    expect(lineOf(count(plan(['swing'], 'inTurns'), same), 'bell', '12kg')!.most).toBe(1)
    expect(lineOf(count(plan(['swing'], 'halfEach'), same), 'bell', '12kg')!.most).toBe(1)
    const mixed = count(plan(['swing'], 'inTurns'), [person('a', 'newcomer'), person('b', 'trained')])
    expect(mixed.lines.map((line) => [line.sizeId, line.most])).toEqual([
      ['8kg', 1],
      ['16kg', 1],
    ])
  })

  it('counts once for a group and, at a station, whether or not anybody is there', () => {
    expect(lineOf(count(plan(['step']), [person('a'), person('b')]), 'bench')!.most).toBe(1)
    expect(lineOf(count(plan(['lane', 'plank']), [person('a'), person('b')]), 'bench')!.byTurn).toEqual([1, 1])
  })

  it('everyone needs their own when all do the same together', () => {
    const together = plan(['plank'])
    Object.assign(together.parts[0]!.pieces[0]!, { travel: 'together' })
    expect(
      lineOf(
        count(
          together,
          ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => person(id)),
        ),
        'mat',
      ),
    ).toMatchObject({ most: 6, short: 1 })
  })

  /** What eight people want at once in a list that all go through at their own pace. */
  const inList = (capSeconds: number, items: { exerciseId: string; seconds?: number }[], openerCount = 0) => {
    const input = plan(['swing'])
    const circuit = (input.parts[0]!.pieces as Record<string, unknown>[])[0]!
    const uses = items.map((item, index) => ({ id: `u${index}`, ...item }))
    Object.assign(circuit, {
      travel: 'together',
      stay: { kind: 'task', goal: 'cap', capSeconds, openerCount },
      stations: [{ id: 's', uses }],
    })
    const eight = Array.from({ length: 8 }, (_, index) => person(`p${index}`))
    const gear = count(input, eight, 'solo')
    return { bells: lineOf(gear, 'bell', '12kg')!.most, mats: lineOf(gear, 'mat')!.most }
  }
  const swing = { exerciseId: 'swing', seconds: 90 }
  const plank = { exerciseId: 'plank', seconds: 60 }

  it('in a list at their own pace, as many as people well spread need: by Little’s law, people × the item’s share of the round', () => {
    expect(inList(600, [swing, plank])).toEqual({ bells: 5, mats: 4 })
  })

  it('in a list, a kind that several items want is counted over all of them: five of 90 s in a round of 690 s, eight people', () => {
    // 8 × 5 × 90 / 690 = 5.2: two would stand in everyone's way.
    expect(inList(690, [swing, plank, swing, plank, swing, plank, swing, plank, swing]).bells).toBe(6)
  })

  it('in a list, an item without any figure may have everyone at it at once', () => {
    expect(inList(600, [{ exerciseId: 'swing' }, plank])).toEqual({ bells: 8, mats: 8 })
  })

  it('in a list with an opener, that is over before the rounds begin: a kind that both want is not wanted twice', () => {
    expect(inList(600, [swing, swing, plank], 1)).toEqual({ bells: 8, mats: 4 })
  })

  it('names what it could not count', () => {
    const odd = exercise('odd', [{ kindId: 'sled', per: 'person' }])
    const request = GearRequest.parse({
      plan: plan(['odd', 'unheard']),
      people: [person('a'), person('b')],
      groupSize: 'solo',
      exercises: [odd],
      gear: [mat],
    })
    expect(answerGearCount(request, { exercises: [], gear: [] })).toMatchObject({
      ok: true,
      value: { unknownExercises: ['unheard'], unknownKinds: ['sled'], lines: [] },
    })
  })

  it('equals a naive walk from person to person, for any room', () => {
    const level = fc.constantFrom('newcomer' as const, 'regular' as const, 'trained' as const)
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('swing', 'plank'), { minLength: 1, maxLength: 6 }),
        fc.array(level, { maxLength: 6 }),
        (exercises, levels) => {
          const people = levels.slice(0, exercises.length).map((level, index) => person(`p${index}`, level))
          const gear = count(plan(exercises), people, 'solo')
          for (let turn = 0; turn < exercises.length; turn++) {
            const wanted: Record<string, number> = {}
            people.forEach((person, start) => {
              const doing = exercises[(start + turn) % exercises.length]
              const key = doing === 'plank' ? 'mat/one' : `bell/${{ newcomer: '8kg', regular: '12kg', trained: '16kg' }[person.level]}`
              wanted[key] = (wanted[key] ?? 0) + 1
            })
            const told = Object.fromEntries(
              gear.lines.flatMap((line) => (line.byTurn[turn] ? [[`${line.kindId}/${line.sizeId}`, line.byTurn[turn]]] : [])),
            )
            expect(told).toEqual(wanted)
          }
        },
      ),
    )
  })
})
