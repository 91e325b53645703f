import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assess } from './assess'
import { fullMix } from './full-mix'
import { hostAndTraveller } from './host-traveller'
import { squarePair } from './latin'
import { loopByK, reachingSteps } from './loop-by-k'
import { makeGroups } from '../grouping/groups'
import { outcomeOf } from './outcome'
import { recommended } from './recommend'
import { answerRotation, RotationRequest } from './request'
import { elsewhere, type Rotation } from './rotation'
import { defaultChoice, quickRules, Rule, rotationBy } from './rule'
import { kirkman, mixedGroups, repeats } from './trios'
import { filesOf, twoFiles } from './two-files'
import { tournament, wholeClass } from './whole-class'
import { inWaves } from './waves'
import type { Result } from '../base/result'

const orders = (from: number, to: number) => Array.from({ length: to - from + 1 }, (_, index) => from + index)
const made = (result: Result<Rotation>): Rotation => {
  if (!result.ok) throw new Error(result.problems[0]!.message)
  return result.value
}
const plain = (count: number) => Array.from({ length: count }, () => ({ span: 1 as const, rest: false }))

/** Meetings of one file with the other, and visits, as counted turn by turn. */
function counted({ paths }: Rotation, stations: number) {
  const { first, second } = filesOf(paths.length)
  const { meetings, visits } = assess(paths, stations)
  return { between: first.flatMap((one) => second.map((other) => meetings[one]![other]!)), visits, first, second }
}

describe('step k round m stations', () => {
  it('reaches all exactly when k and m have no common divisor', () => {
    for (const stations of orders(2, 20)) {
      for (const step of orders(1, stations - 1)) {
        const reached = new Set(orders(0, stations - 1).map((turn) => (turn * step) % stations)).size
        expect(loopByK(stations, stations, stations, step).ok).toBe(reached === stations)
        expect(reachingSteps(stations).includes(step)).toBe(reached === stations)
      }
    }
  })

  it('a step that does not is refused with one that does', () => {
    expect(loopByK(8, 8, 8, 2)).toMatchObject({
      ok: false,
      problems: [{ code: 'stepShares', message: expect.stringContaining('comes to 4 of them only. Move 1 on instead') }],
    })
    expect(made(loopByK(8, 8, 8, 3)).guarantees[1]).toEqual({ met: true, text: 'Every group is at every station once.' })
  })
})

describe('two files', () => {
  it('m odd: turns and stations make a pair of orthogonal Latin squares', () => {
    for (const stations of orders(3, 20).filter((value) => value % 2 === 1)) {
      const { between, visits } = counted(made(twoFiles(stations, 2 * stations, stations)), stations)
      expect(between.every((count) => count === 1)).toBe(true)
      expect(visits.flat().every((count) => count === 1)).toBe(true)
    }
  })

  it('m even: half the meetings, each twice; with the half-time skip all once, and one file misses one station and repeats one (an old device of duplicate tournament movements)', () => {
    for (const stations of orders(4, 20).filter((value) => value % 2 === 0)) {
      const without = counted(made(twoFiles(stations, 2 * stations, stations, false)), stations)
      expect(without.between.filter((count) => count === 2)).toHaveLength((stations * stations) / 2)
      expect(without.between.filter((count) => count === 0)).toHaveLength((stations * stations) / 2)
      const { between, visits, first, second } = counted(made(twoFiles(stations, 2 * stations, stations)), stations)
      expect(between.every((count) => count === 1)).toBe(true)
      for (const one of first) expect(visits[one]!.every((count) => count === 1)).toBe(true)
      for (const other of second) expect([...visits[other]!].sort()).toEqual([0, ...Array(stations - 2).fill(1), 2])
    }
  })

  it('over two laps the extra steps go on: each station is met 1 to 3 times, none never', () => {
    for (const stations of orders(4, 20).filter((value) => value % 2 === 0)) {
      const { visits } = counted(made(twoFiles(stations, 2 * stations, 2 * stations)), stations)
      expect(Math.min(...visits.flat())).toBeGreaterThanOrEqual(1)
      expect(Math.max(...visits.flat())).toBeLessThanOrEqual(3)
    }
  })

  it('says what it gives and what it does not', () => {
    expect(made(twoFiles(7, 14, 7)).guarantees.map((guarantee) => guarantee.text)).toEqual([
      'Everyone meets everyone of the other file exactly once.',
      'Everyone of the first file is at every station once.',
      'Everyone of the second file is at every station once.',
    ])
    const even = made(twoFiles(8, 16, 8))
    expect(even.say).toContain('After 4 turns the second file goes one station further, once.')
    expect(even.guarantees[2]).toEqual({ met: false, text: 'Everyone of the second file misses one station, and repeats one.' })
    expect(made(twoFiles(8, 15, 8)).guarantees.at(-1)!.text).toMatch(/^8 times somebody is at a station without a partner/)
  })

  it('says in the sentence when the second file goes further: only after a half lap, and only with an even number of stations', () => {
    const further = (stations: number, turns: number) => /After.*$/.exec(made(twoFiles(stations, 2 * stations, turns)).say)?.[0]
    expect([further(8, 4), further(7, 7), further(7, 14)]).toEqual([undefined, undefined, undefined])
    expect(further(8, 5)).toBe('After 4 turns the second file goes one station further, once.')
    expect(further(8, 8)).toBe('After 4 turns the second file goes one station further, once.')
    expect(further(8, 9)).toBe('After 4 turns the second file goes one station further, once, and again each half lap.')
    expect(made(twoFiles(8, 16, 8, false)).say).toBe('First partner: one station up. Second partner: one station down.')
  })

  it('tells who is alone, who shares, and refuses more than there are places for; nobody is promised nothing', () => {
    const words = (stations: number, people: number, turns: number) => made(twoFiles(stations, people, turns)).guarantees
    expect(words(3, 0, 3)).toEqual([])
    expect(
      words(3, 1, 3)
        .map(({ text }) => text)
        .join(),
    ).not.toContain('second file')
    expect(words(3, 5, 1).at(-1)).toEqual({
      met: false,
      text: '1 time somebody is at a station without a partner: the coach or a demonstrator steps in.',
    })
    expect(words(8, 15, 8).at(-1)).toMatchObject({ met: false })
    expect(words(3, 12, 3)).toContainEqual({ met: true, text: '2 pairs share a station.' })
    expect(words(3, 6, 3).some(({ text }) => text.includes('share'))).toBe(false)
    expect(twoFiles(2, 201, 2)).toMatchObject({
      ok: false,
      problems: [{ code: 'tooManyPeople', field: 'people', message: expect.stringMatching(/^201 people for 2 stations of 100: /) }],
    })
    expect(twoFiles(2, 200, 2).ok).toBe(true)
  })

  it('host and traveller: travellers see every station and every host once; on the second lap they change about', () => {
    const one = counted(made(hostAndTraveller(6, 12, 6)), 6)
    expect(one.between.every((count) => count === 1)).toBe(true)
    const two = counted(made(hostAndTraveller(6, 12, 12)), 6)
    expect(Math.min(...two.visits.flat())).toBeGreaterThanOrEqual(1)
  })
})

describe('full mix', () => {
  it('orthogonal squares for 3, 4, 5, 7 … 20 (Euler’s 36 officers; Tarry 1900; Bose, Shrikhande & Parker 1960), verified cell by cell', () => {
    for (const order of orders(3, 20).filter((value) => value !== 6)) {
      const { one, other } = squarePair(order)
      for (const square of [one, other]) {
        for (let line = 0; line < order; line++) {
          expect(new Set(square[line]).size).toBe(order)
          expect(new Set(square.map((row) => row[line])).size).toBe(order)
        }
      }
      expect(new Set(one.flatMap((row, t) => row.map((value, s) => value * order + other[t]![s]!))).size).toBe(order * order)
    }
  })

  it('every station once and every partner once, the first turn with the partner of the list', () => {
    for (const stations of [3, 4, 5, 7, 8, 9, 10, 12]) {
      const rotation = made(fullMix(stations, 2 * stations, stations))
      const { between, visits } = counted(rotation, stations)
      expect(
        between.every((count) => count === 1),
        String(stations),
      ).toBe(true)
      expect(visits.flat().every((count) => count === 1)).toBe(true)
      for (let pair = 0; pair < stations; pair++)
        expect([rotation.paths[2 * pair]![0], rotation.paths[2 * pair + 1]![0]]).toEqual([pair, pair])
    }
  })

  it('6: 34 of the 36 meetings, the known most (r-orthogonal Latin squares, Colbourn & Zhu 1995; from memory)', () => {
    const rotation = made(fullMix(6, 12, 6))
    const { between, visits } = counted(rotation, 6)
    expect(between.filter((count) => count > 0)).toHaveLength(34)
    expect(visits.flat().every((count) => count === 1)).toBe(true)
    expect(rotation.guarantees[0]).toEqual({ met: false, text: '34 of the 36 possible meetings happen, some twice.' })
  })

  it('2: refused in words', () => {
    expect(fullMix(2, 4, 2)).toMatchObject({
      ok: false,
      problems: [{ code: 'noMix', message: expect.stringContaining('With 2 stations there is no such mix') }],
    })
  })
})

describe('the whole class', () => {
  it('everyone with everyone once and nobody over twice at a station, for 3 … 20 pairs (Schellenberg, van Rees & Vanstone 1977; from memory)', () => {
    for (const pairs of orders(3, 20)) {
      const { paths } = made(wholeClass(pairs, 2 * pairs, 2 * pairs - 1))
      const met = new Map<string, number>()
      const visits = new Map<string, number>()
      const count = (of: Map<string, number>, what: string) => of.set(what, (of.get(what) ?? 0) + 1)
      for (const turn of orders(0, 2 * pairs - 2))
        for (const station of orders(0, pairs - 1)) {
          const here = orders(0, 2 * pairs - 1).filter((person) => paths[person]![turn] === station)
          expect(here, `${pairs} pairs, turn ${turn}`).toHaveLength(2)
          count(met, here.join())
          for (const person of here) count(visits, `${person} ${station}`)
        }
      expect(met.size, String(pairs)).toBe((2 * pairs * (2 * pairs - 1)) / 2)
      expect(Math.max(...visits.values()), String(pairs)).toBe(2)
    }
  })

  it('the circle with one exchange a round is exact where n is not 2 more than a multiple of 3 (seen to 30)', () => {
    for (const pairs of orders(3, 30).filter((value) => value % 3 !== 2)) {
      const rounds = tournament(pairs)
      const visits = orders(0, 2 * pairs - 1).map((person) =>
        orders(0, pairs - 1).map((station) => rounds.filter((round) => round[station]!.includes(person)).length),
      )
      expect(Math.max(...visits.flat()), String(pairs)).toBe(2)
    }
  })
})

describe('trios', () => {
  it('Kirkman’s fifteen (1850): 5 trios, 7 turns, nobody together twice', () => {
    const turns = kirkman()
    expect(turns.map((turn) => turn.length)).toEqual(Array(7).fill(5))
    for (const turn of turns) expect([...turn.flat()].sort((a, b) => a - b)).toEqual(orders(0, 14))
    expect(repeats(turns, 15)).toBe(0)
    expect(made(mixedGroups(5, 15, 7, 3)).guarantees[0]).toEqual({ met: true, text: 'Nobody is with anybody twice.' })
  })

  it('nobody is in a group larger than a trio while there are stations for another: 5 are 3 and 2, 11 are 3, 3, 3 and 2', () => {
    const sizes = (stations: number, people: number) =>
      made(mixedGroups(stations, people, 3, 3)).turns.map((turn) =>
        turn
          .map((group) => group.length)
          .filter(Boolean)
          .sort((a, b) => b - a),
      )
    for (const turn of sizes(4, 5)) expect(turn).toEqual([3, 2])
    for (const turn of sizes(4, 11)) expect(turn).toEqual([3, 3, 3, 2])
    for (const turn of sizes(5, 16)) expect(turn).toEqual([4, 3, 3, 3, 3])
  })

  it('others: the repeats found stand beside the fewest there can be', () => {
    const { guarantees, paths } = made(mixedGroups(4, 12, 6, 3))
    expect(guarantees[0]!.text).toMatch(/^\d+ pairs? (is|are) together again|^Nobody/)
    expect(paths.every((path) => path.length === 6)).toBe(true)
  })
})

describe('waves', () => {
  it('each half goes through all turns, the other is elsewhere meanwhile', () => {
    const rotation = made(inWaves([2, 2, 2], 2, (sizes) => rotationBy({ rule: 'loop' }, plain(2), sizes, 2, 2)))
    expect(rotation.turns).toEqual([
      [[0], [1]],
      [[1], [0]],
      [[2], []],
      [[], [2]],
    ])
    expect(rotation.paths[2]).toEqual([elsewhere, elsewhere, 0, 1])
    // 18 people who change partners: 10 and 8, not 9 and 9 with one over in each.
    const sizes: number[] = []
    inWaves(Array<number>(18).fill(1), 2, (wave) => {
      sizes.push(wave.length)
      return rotationBy({ rule: 'twoFiles' }, plain(5), wave, 5, 2)
    })
    expect(sizes).toEqual([10, 8])
  })
})

describe('any room, any rule', () => {
  it('everyone is in one place at a time, nobody is dropped, and the words say what enumeration finds', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...Rule.options),
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 24 }),
        fc.integer({ min: 1, max: 7 }),
        (rule, stations, people, turns, step) => {
          const result = rotationBy({ rule, step }, plain(stations), Array<number>(people).fill(1), turns, 3)
          if (!result.ok) {
            expect(result.problems[0]!.message.length).toBeGreaterThan(20)
            return
          }
          const { paths, turns: table, guarantees, say } = result.value
          expect(paths).toHaveLength(people)
          for (let turn = 0; turn < turns; turn++) expect(table[turn]!.flat().sort((a, b) => a - b)).toEqual(orders(0, people - 1))
          const { visits } = assess(paths, stations)
          const full = guarantees.some(({ met, text }) => met && /^(Everyone|Every group) is at every station once\.$/.test(text))
          if (full) expect(visits.every((of) => of.every((count) => count === 1))).toBe(true)
          expect(say.endsWith('.')).toBe(true)
        },
      ),
      { numRuns: 75 },
    )
  })
})

describe('a rotation asked for', () => {
  const answer = (request: object) => answerRotation(RotationRequest.parse(request))

  it('names who is where under any rule, and recommends one', () => {
    const result = answer({ people: ['Oren', 'Tove', 'Ilse', 'Bram', 'Noor', 'Jun'], stations: 3, rule: 'twoFiles' })
    expect(result).toMatchObject({
      ok: true,
      value: {
        table: [
          [
            ['Oren', 'Tove'],
            ['Ilse', 'Bram'],
            ['Noor', 'Jun'],
          ],
          expect.anything(),
          expect.anything(),
        ],
        recommended: { rule: 'twoFiles' },
      },
    })
  })

  /** Counted here turn by turn from the table, not by the code that words it. */
  const counted = (rule: Rule, stations: number, people: number, turns: number) => {
    const groups = makeGroups(
      Array.from({ length: people }, (_, index) => index),
      'pairs',
      stations,
    )
    const units = rule === 'loop' || rule === 'loopByK' ? groups : groups.flat().map((person) => [person])
    const sizes = units.map((unit) => unit.length)
    const rotation = rotationBy(defaultChoice(rule, stations), plain(stations), sizes, turns, 2)
    if (!rotation.ok) return { rule, outcome: outcomeOf(rule, rotation, sizes, stations) }
    const seen = units.flat().map(() => new Set<number>())
    const partners = units.flat().map(() => new Set<number>())
    let [alone, waiting] = [0, 0]
    for (const table of rotation.value.turns) {
      const placed = table.map((here) => here.flatMap((unit) => units[unit]!))
      waiting += people - placed.flat().length
      placed.forEach((here, station) => {
        if (here.length === 1) alone++
        for (const one of here) {
          seen[one]!.add(station)
          for (const other of here) if (other !== one) partners[one]!.add(other)
        }
      })
    }
    const missed = seen.reduce((sum, stationsSeen) => sum + stations - stationsSeen.size, 0)
    const counts = partners.map((met) => met.size)
    return {
      rule,
      outcome: outcomeOf(rule, rotation, sizes, stations),
      expected: { rule, alone, waiting, missed, partners: [Math.min(...counts), Math.max(...counts)] },
    }
  }
  const suited = (stations: number, people: number, turns: number) =>
    recommended(
      quickRules.map((rule) => counted(rule, stations, people, turns).outcome),
      { stations: plain(stations), people, size: 2 },
    )

  it('tells of every rule what it gives, as counted turn by turn', () => {
    for (const [stations, people, turns] of [
      [8, 16, 16],
      [8, 14, 16],
      [7, 14, 7],
      [7, 15, 7],
      [6, 9, 6],
      [10, 12, 20],
    ] as const)
      for (const rule of quickRules) {
        const { outcome, expected } = counted(rule, stations, people, turns)
        if (expected) expect(outcome).toEqual(expected)
        else expect(outcome.problem).toBeDefined()
      }
  })

  it('recommends the rule that costs the fewest turns alone, waits and misses; of those the one with the most partners', () => {
    expect(suited(8, 16, 16)).toMatchObject({ rule: 'twoFiles', isWhole: true })
    expect(suited(7, 14, 7)).toMatchObject({ rule: 'twoFiles', isWhole: true })
    // 14 people at 8 stations: changing partners leaves people alone, and nothing of that is called fine.
    const crowded = suited(8, 14, 16)
    expect(crowded).toMatchObject({ rule: 'loop', isWhole: true })
    expect(crowded.why).toMatch(/With a new partner every turn somebody would be alone in \d+ turns/)
    expect(counted('twoFiles', 8, 14, 32).outcome.alone).toBe(56)
    // Turns for three of eight stations: every rule misses some, and that is not whole.
    expect(suited(8, 16, 3).isWhole).toBe(false)
    expect(recommended([], { stations: plain(8), people: 16, size: 1 }).rule).toBe('loop')
    expect(recommended([], { stations: [...plain(6), { span: 2, rest: false }], people: 16, size: 2 }).rule).toBe('loop')
  })

  it('refuses what cannot be had in words', () => {
    expect(rotationBy({ rule: 'twoFiles' }, [{ span: 2, rest: false }, ...plain(3)], [1, 1], 3, 2)).toMatchObject({
      ok: false,
      problems: [{ code: 'spanNeedsLoop' }],
    })
    expect(rotationBy({ rule: 'fullMix' }, [{ span: 1, rest: false, capacity: 1 }, ...plain(3)], [1, 1, 1, 1], 3, 2)).toMatchObject({
      ok: false,
      problems: [{ code: 'overCapacity' }],
    })
    expect(answer({ people: 30, stations: 3, rule: 'wholeClass' })).toMatchObject({ ok: false, problems: [{ code: 'tooManyPeople' }] })
  })
})
