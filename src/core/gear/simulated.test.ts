import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Exercise, type ExerciseInput, type GearNeed } from '../library/exercise'
import { GearKind } from '../library/gear-kind'
import { Person } from '../library/person'
import { Plan } from '../plan/plan'
import { answerGearCount, GearRequest } from './lists/request'

const kinds = [
  GearKind.parse({ id: 'bell', name: 'Bell', sizes: [8, 12].map((kilograms) => ({ id: `${kilograms}`, label: '', kilograms, owned: 3 })) }),
  GearKind.parse({ id: 'mat', name: 'Mat', sizes: [{ id: 'one', label: '', owned: 3 }] }),
  GearKind.parse({ id: 'bench', name: 'Bench', sizes: [{ id: 'one', label: '', owned: 3 }] }),
  GearKind.parse({ id: 'wall', name: 'Wall', form: 'place', sizes: [{ id: 'one', label: '', owned: 3 }] }),
]

const need: fc.Arbitrary<GearNeed> = fc.oneof(
  fc
    .integer({ min: 1, max: 2 })
    .map((count): GearNeed => ({ kindId: 'bell', per: 'person', count, sizeByLevel: { newcomer: '8', regular: '12', trained: '12' } })),
  fc.record({
    kindId: fc.constantFrom('mat', 'bench', 'wall'),
    per: fc.constantFrom('person' as const, 'group' as const, 'station' as const),
    count: fc.integer({ min: 1, max: 2 }),
  }),
)
const needs = fc.uniqueArray(need, { selector: (known) => known.kindId, maxLength: 2 })

/** Exercises that ask of the knee, with one option that spares it and has gear of its own. */
const exercise = (index: number) =>
  fc.record({ gear: needs, kneeless: needs, asks: fc.boolean() }).map(({ gear, kneeless, asks }): Exercise => {
    const input: ExerciseInput = {
      id: `e${index}`,
      name: `E${index}`,
      regions: ['lower'],
      stance: 'standing',
      setUp: '',
      points: [],
      fault: '',
      gear,
      asks: asks ? ['knee'] : [],
      options: [{ id: 'easy', name: 'Easy', rung: 'easier', asks: [], gear: kneeless }],
    }
    return Exercise.parse(input)
  })

const person = (index: number) =>
  fc
    .record({
      level: fc.constantFrom('newcomer' as const, 'regular' as const),
      knee: fc.boolean(),
      own: fc.option(fc.constantFrom('8', '12'), { nil: undefined }),
    })
    .map(({ level, knee, own }): Person =>
      Person.parse({ id: `p${index}`, name: `P${index}`, level, goEasy: knee ? ['knee'] : [], loads: own ? { bell: own } : {} }),
    )

const room = fc.integer({ min: 1, max: 4 }).chain((stations) =>
  fc.record({
    exercises: fc.tuple(...Array.from({ length: stations }, (_, index) => exercise(index))),
    people: fc
      .integer({ min: 0, max: stations * 2 })
      .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => person(index)))),
    turns: fc.integer({ min: 1, max: 6 }),
    pairs: fc.constantFrom('both' as const, 'inTurns' as const, 'halfEach' as const),
  }),
)

type Hand = Record<string, number>
const put = (hand: Hand, key: string, count: number) => (hand[key] = (hand[key] ?? 0) + count)
const most = (hand: Hand, key: string, count: number) => (hand[key] = Math.max(hand[key] ?? 0, count))

/** What one person walks about with: the plain way, one by one. */
function inHands(who: Person, doing: Exercise): GearNeed[] {
  const sore = who.goEasy.includes('knee') && doing.asks.includes('knee')
  return sore ? (doing.options[0]!.gear ?? doing.gear) : doing.gear
}
const sizeOf = (who: Person, kindId: string) => (kindId === 'bell' ? (who.loads['bell'] ?? (who.level === 'newcomer' ? '8' : '12')) : 'one')

/** One station at one turn, walked from person to person. */
function atStation(group: readonly Person[], doing: Exercise, both: boolean): Hand {
  const stands: Hand = {}
  for (const known of [doing.gear, ...group.map((who) => inHands(who, doing))])
    for (const { kindId, per, count } of known) if (per === 'station') most(stands, `${kindId}/one`, count)
  const held: Hand = {}
  for (const who of group)
    for (const { kindId, per, count } of inHands(who, doing))
      if (per === 'person') (both ? put : most)(held, `${kindId}/${sizeOf(who, kindId)}`, count)
  for (const kind of kinds) {
    const user = group.find((who) => inHands(who, doing).some((known) => known.per === 'group' && known.kindId === kind.id))
    const shared = user && inHands(user, doing).find((known) => known.per === 'group' && known.kindId === kind.id)
    if (user && shared) put(held, `${kind.id}/${sizeOf(user, kind.id)}`, shared.count)
  }
  for (const [key, count] of Object.entries(stands)) put(held, key, count)
  return held
}

describe('the gear count of a whole class', () => {
  it('equals a naive walk from person to person: options, sizes, shared sets, and what stands', () => {
    fc.assert(
      fc.property(room, ({ exercises, people, turns, pairs }) => {
        const plan = Plan.parse({
          id: 'p',
          name: 'P',
          slotSeconds: 3600,
          parts: [
            {
              id: 'a',
              pieces: [
                {
                  id: 'c',
                  type: 'circuit',
                  travel: 'rotate',
                  turns,
                  pairs,
                  stay: { kind: 'intervals', workSeconds: [30] },
                  stations: exercises.map((exercise, index) => ({ id: `s${index}`, uses: [{ id: `u${index}`, exerciseId: exercise.id }] })),
                },
              ],
            },
          ],
        })
        const result = answerGearCount(GearRequest.parse({ plan, people, groupSize: 'fit', exercises, gear: kinds }), {
          exercises: [],
          gear: [],
        })
        if (!result.ok) throw new Error(result.problems[0]!.message)
        const count = Math.min(people.length, exercises.length)
        const size = (group: number) => Math.floor(people.length / count) + (group < people.length % count ? 1 : 0)
        let from = 0
        const groups = Array.from({ length: count }, (_, group) => people.slice(from, (from += size(group))))
        for (let turn = 0; turn < turns; turn++) {
          const wanted: Hand = {}
          exercises.forEach((doing, station) => {
            const here = groups.find((_, group) => (group + turn) % exercises.length === station) ?? []
            for (const [key, amount] of Object.entries(atStation(here, doing, pairs === 'both'))) put(wanted, key, amount)
          })
          const told = Object.fromEntries(
            result.value.lines.flatMap((line) => (line.byTurn[turn] ? [[`${line.kindId}/${line.sizeId}`, line.byTurn[turn]]] : [])),
          )
          expect(told).toEqual(wanted)
        }
      }),
      { numRuns: 100 },
    )
  })
})
