import { describe, expect, it } from 'vitest'
import type { CircuitView, RunSnapshot } from '../room/snapshot'
import { lengthOf, trimmed, withoutLaps, withoutOptional, withoutSets, type Cut } from './cuts'
import type { KeptPhase } from './retimed'

const phase = (more: Partial<KeptPhase>): KeptPhase => ({
  index: 0,
  start: 0,
  seconds: 40,
  kind: 'work',
  partId: 'part',
  pieceId: 's',
  repeat: 0,
  optional: false,
  moves: false,
  ...more,
})
const gap = (seconds: number, more: Partial<KeptPhase> = {}) => phase({ kind: 'rest', seconds, ...more })

/** Laps of three stations, 40 s each with 15 s to move, and a minute between laps. */
const laps = (count: number, first = 0): KeptPhase[] =>
  Array.from({ length: count }, (_, index) => first + index).flatMap((lap) => [
    ...(lap > 0 ? [gap(60, { moves: true })] : []),
    ...[0, 1, 2].flatMap((turn) => [
      ...(turn > 0 ? [gap(15, { kind: 'transition', moves: true, lap })] : []),
      phase({ lap, turn: lap * 3 + turn }),
    ]),
  ])

const circuit = (more: Partial<CircuitView> = {}): CircuitView => ({
  name: 'Stations',
  rotates: true,
  laps: 3,
  turnsPerLap: 3,
  pairs: 'both',
  pairsSentence: '',
  stations: [0, 1, 2].map(() => ({ rest: false, exercises: [{ name: 'Plank', points: [], sides: 'none', how: '' }] })),
  // Everyone goes round once a lap.
  turns: Array.from({ length: 9 }, (_, turn) => [0, 1, 2].map((station) => [(station - turn + 9) % 3])),
  ...more,
})
const names = ['Ana', 'Bo', 'Cy', 'Di', 'Ed']
const room = (more: Partial<CircuitView> = {}, groups = [['0', '1'], ['2'], ['3']]): RunSnapshot => ({
  name: 'Class',
  roomName: '',
  startsAt: 0,
  slotSeconds: 3600,
  sentences: ['', ''],
  timeline: { phases: [], meanwhile: [], total: 0, totalWithoutOptional: 0 },
  groups,
  people: names.map((name, id) => ({ id: String(id), name, goEasy: [], goEasyNote: '' })),
  circuits: { s: circuit(more) },
  pieceNames: {},
  notes: {},
})
const whole = (phases: KeptPhase[]): Cut => ({ ids: [], phases, labels: [], told: [], cost: 0 })
const nothing = { phases: [], worked: [] }
const marks = (phases: readonly KeptPhase[]) =>
  phases.map(({ kind, lap, set, seconds }) => (kind === 'work' ? `w${lap ?? ''}${set === undefined ? '' : `.${set}`}` : seconds)).join(' ')

describe('an optional part left out', () => {
  const optional = [phase({ seconds: 30, optional: true }), gap(10, { optional: true })]
  it('goes with its breaks, and says how long it was', () => {
    expect(withoutOptional({ ...whole([phase({}), ...optional]), cost: 5 })).toEqual({
      ids: ['optional'],
      phases: [phase({})],
      labels: ['Leave the optional part out'],
      told: ['0:40 of it is not done.'],
      cost: 12,
    })
  })
  it('nothing, where none is optional or nothing else would be left', () => {
    expect(withoutOptional(whole([phase({}), gap(10)]))).toBeUndefined()
    expect(withoutOptional(whole(optional))).toBeUndefined()
  })
})

describe('laps left out', () => {
  it('the last first, each with the break before it, down to one', () => {
    const cuts = withoutLaps(room(), nothing, whole([...laps(3), gap(90)]))
    expect(cuts.map(({ phases }) => marks(phases))).toEqual(['w0 15 w0 15 w0 60 w1 15 w1 15 w1 90', 'w0 15 w0 15 w0 90'])
    expect(cuts.map(({ ids, labels, told, cost }) => ({ ids, labels, told, cost }))).toEqual([
      { ids: ['lap1'], labels: ['One lap fewer of Stations'], told: ['Everyone still comes to every station.'], cost: 96 },
      { ids: ['lap2'], labels: ['2 laps fewer'], told: ['Everyone still comes to every station.'], cost: 192 },
    ])
  })

  it('after what else was left out', () => {
    const from = { ids: ['optional'], phases: laps(2), labels: ['Leave it out'], told: ['0:40.'], cost: 12 }
    expect(withoutLaps(room(), nothing, from)).toMatchObject([
      {
        ids: ['optional', 'lap1'],
        labels: ['Leave it out', 'One lap fewer of Stations'],
        told: ['0:40.', 'Everyone still comes to every station.'],
        cost: 108,
      },
    ])
  })

  it('never the lap that is on, nor one of waves; a lap of another time through is not the one that is on', () => {
    const on = phase({ lap: 1, turn: 3 })
    expect(withoutLaps(room(), { phases: [on], worked: [on] }, whole(laps(2, 1))).map(({ phases }) => marks(phases))).toEqual([
      'w1 15 w1 15 w1'.replace(/^/, '60 '),
    ])
    const before = phase({ lap: 1, turn: 3, repeat: 1 })
    expect(withoutLaps(room(), { phases: [before], worked: [] }, whole(laps(2)))).toHaveLength(1)
    const rest = gap(20, { lap: 1 })
    expect(withoutLaps(room(), { phases: [rest], worked: [] }, whole(laps(2)))).toHaveLength(1)
    expect(withoutLaps(room(), nothing, whole(laps(2).map((one) => ({ ...one, wave: 0 as const }))))).toEqual([])
  })

  it('a break before it that is another piece’s stays, and where there is none, none goes', () => {
    const other = gap(120, { pieceId: 'water' })
    const [first, second] = [laps(1), laps(2).slice(6)]
    expect(marks(withoutLaps(room(), nothing, whole([...first, other, ...second]))[0]!.phases)).toBe('w0 15 w0 15 w0 120')
    expect(marks(withoutLaps(room(), nothing, whole([...first, ...second]))[0]!.phases)).toBe('w0 15 w0 15 w0')
    // With nothing before it, all of it would go.
    expect(withoutLaps(room(), nothing, whole(second))).toEqual([])
  })

  it('who misses what is named, three groups at most, and weighs more than any work', () => {
    // In the second lap everyone comes to stations at which they were not in the first.
    const turns = [
      [[0], [1], [2]],
      [[0], [1], [2]],
      [[0], [1], [2]],
      [[1], [2], [0]],
      [[2], [0], [1]],
      [[2], [0], [1]],
    ]
    const [cut] = withoutLaps(room({ turns }), nothing, whole(laps(2)))
    expect(cut!.told).toEqual(['Ana and Bo miss stations 2, 3.', 'Cy misses stations 1, 3.', 'Di misses stations 1, 2.'])
    expect(cut!.cost).toBe(96 + 3 * 600)
    const five = Array.from({ length: 6 }, (_, turn) => (turn < 3 ? [[0, 1, 2, 3, 4], [], []] : [[], [0, 1, 2, 3], [4]]))
    const said = (groups: string[][], table = five) => withoutLaps(room({ turns: table }, groups), nothing, whole(laps(2)))[0]!.told
    expect(said([['0'], ['1'], ['2'], ['3'], ['4']])).toEqual([
      'Ana misses station 2.',
      'Bo misses station 2.',
      'Cy misses station 2.',
      'And 2 more groups.',
    ])
    expect(said([['0'], ['1'], ['2'], ['3']])).toHaveLength(4)
    expect(said([['0'], ['1'], ['2'], ['3']])[3]).toBe('And 1 more group.')
    expect(said([['0'], ['1'], ['unknown']])[2]).toBe('unknown misses station 2.')
    // Where partners change, those who move alone are named.
    expect(withoutLaps(room({ turns, units: [['4'], ['3'], ['2']] }), nothing, whole(laps(2)))[0]!.told[0]).toBe('Ed misses stations 2, 3.')
  })

  it('what was worked before counts, and where not everyone comes everywhere anyway, no more is promised', () => {
    const done = laps(1)
    const later = laps(3).slice(6)
    const [cut] = withoutLaps(room(), { phases: done, worked: done }, whole(later))
    expect(cut!.told).toEqual(['Everyone still comes to every station.'])
    const [skipped] = withoutLaps(room(), { phases: done, worked: [] }, whole(later))
    expect(skipped!.told).toEqual(['Everyone still comes to every station.'])
    const stays = Array.from({ length: 9 }, () => [[0], [1], [2]])
    expect(withoutLaps(room({ turns: stays }), nothing, whole(laps(2)))[0]!.told).toEqual(['Nobody loses a station by it.'])
    expect(withoutLaps(room({ turns: undefined }), nothing, whole(laps(2)))[0]!.told).toEqual(['Nothing of it is left out.'])
  })

  it('the second side of what goes a side a lap', () => {
    const stations = circuit().stations.map((station, index) => ({
      ...station,
      exercises: [
        ...station.exercises,
        { name: 'Lunge', points: [], sides: index === 1 ? ('byLap' as const) : ('half' as const), how: '' },
      ],
    }))
    const told = (count: number) => withoutLaps(room({ stations }), nothing, whole(laps(count))).map((cut) => cut.told)
    expect(told(3)).toEqual([
      ['Everyone still comes to every station.'],
      ['Everyone still comes to every station.', 'Station 2: the second side is not done.'],
    ])
    expect(told(2)[0]).toEqual(['Station 2: the second side is not done.'])
    expect(withoutLaps(room(), nothing, whole(laps(2)))[0]!.told).not.toContain('Station 2: the second side is not done.')
  })
})

describe('sets left out', () => {
  /** Three stays of three sets, 20 s between sets. */
  const stays = (more: Partial<KeptPhase> = {}): KeptPhase[] =>
    [0, 1, 2].flatMap((turn) => [
      ...(turn > 0 ? [gap(15, { kind: 'transition', moves: true, ...more })] : []),
      ...[0, 1, 2].flatMap((set) => [...(set > 0 ? [gap(20, { turn, ...more })] : []), phase({ turn, lap: 0, set, ...more })]),
    ])
  const stay = 'w0.0 20 w0.1 20 w0.2'

  it('the last of every stay with the break before it, down to one', () => {
    const cuts = withoutSets(room(), nothing, whole(stays()))
    expect(cuts.map(({ phases }) => marks(phases))).toEqual([
      ['w0.0 20 w0.1', 'w0.0 20 w0.1', 'w0.0 20 w0.1'].join(' 15 '),
      'w0.0 15 w0.0 15 w0.0',
    ])
    expect(cuts.map(({ ids, labels, told, cost }) => ({ ids, labels, told, cost }))).toEqual([
      {
        ids: ['set1'],
        labels: ['One set fewer at each station of Stations'],
        told: ['Stations: 3 sets become 2 at the stations still to come. Everyone still comes to every station.'],
        cost: 102,
      },
      {
        ids: ['set2'],
        labels: ['2 sets fewer at each station of Stations'],
        told: ['Stations: 3 sets become 1 at the stations still to come. Everyone still comes to every station.'],
        cost: 204,
      },
    ])
  })

  it('with what else was left out before it', () => {
    const from = { ids: ['optional'], phases: stays(), labels: ['Leave it out'], told: ['0:40.'], cost: 10 }
    expect(withoutSets(room(), nothing, from)[0]).toMatchObject({
      ids: ['optional', 'set1'],
      labels: ['Leave it out', 'One set fewer at each station of Stations'],
      told: ['0:40.', expect.stringContaining('3 sets become 2')],
      cost: 112,
    })
  })

  it('the stay that is on keeps its own, and so do waves, lists and what has one set', () => {
    const on = phase({ turn: 0, lap: 0, set: 0 })
    const [cut] = withoutSets(room(), { phases: [on], worked: [on] }, whole(stays()))
    expect(marks(cut!.phases)).toBe([stay, 'w0.0 20 w0.1', 'w0.0 20 w0.1'].join(' 15 '))
    expect(withoutSets(room(), nothing, whole(stays({ wave: 1 })))).toEqual([])
    expect(withoutSets(room(), nothing, whole(stays({ selfPaced: {} })))).toEqual([])
    expect(withoutSets(room(), nothing, whole(laps(2)))).toEqual([])
  })

  it('of several positions all of the set, and of two circuits the later', () => {
    const positions = [0, 1].flatMap((set) => [
      ...(set > 0 ? [gap(30)] : []),
      phase({ lap: 0, turn: 0, set, position: 0 }),
      gap(10),
      phase({ lap: 0, turn: 0, set, position: 1 }),
    ])
    expect(marks(withoutSets(room(), nothing, whole(positions))[0]!.phases)).toBe('w0.0 10 w0.0')
    const snapshot = room()
    snapshot.circuits.t = circuit({ name: 'Second', turns: undefined })
    const [cut] = withoutSets(snapshot, nothing, whole([...stays(), gap(90, { pieceId: 'water' }), ...stays({ pieceId: 't' })]))
    expect(cut!.told).toEqual(['Second: 3 sets become 2 at the stations still to come. Nothing of it is left out.'])
    expect(cut!.phases.filter(({ pieceId }) => pieceId === 's')).toEqual(stays())
    expect(cut!.phases.some(({ pieceId }) => pieceId === 'water')).toBe(true)
  })
})

describe('breaks and work trimmed', () => {
  const mixed = [phase({ seconds: 60 }), gap(60), phase({ seconds: 40 }), gap(20), phase({ seconds: 30 }), gap(8)]

  it('breaks alike, down to half of each and five seconds', () => {
    // 30 + 10 + 3 can be had.
    const cut = trimmed(room(), whole(mixed), lengthOf(mixed) - 43, 'break')!
    expect(cut).toMatchObject({
      ids: ['break'],
      labels: ['Trim breaks'],
      told: ['Breaks: 1:00 become 0:30, 0:20 become 0:10, 0:08 become 0:05.'],
    })
    expect(cut.phases.map(({ seconds }) => seconds)).toEqual([60, 30, 40, 10, 30, 5])
    expect(cut.cost).toBeCloseTo(43 * 0.7 * 2, 9)
    // A part of it costs less by the second: the harder, the dearer.
    const half = trimmed(room(), whole(mixed), lengthOf(mixed) - 20, 'break')!
    expect(half.phases.map(({ seconds }) => seconds)).toEqual([60, 46, 40, 15, 30, 6])
    expect(half.cost).toBeCloseTo(21 * 0.7 * (1 + 20 / 43), 9)
    // More than is available is not taken.
    expect(trimmed(room(), whole(mixed), 10, 'break')!.phases.map(({ seconds }) => seconds)).toEqual([60, 30, 40, 10, 30, 5])
  })

  it('work down to three fifths and a quarter of a minute', () => {
    const cut = trimmed(room(), whole([phase({ seconds: 60 }), gap(60), phase({ seconds: 20 })]), 0, 'work')!
    expect(cut.phases.map(({ seconds }) => seconds)).toEqual([36, 60, 15])
    expect(cut.told).toEqual(['Work: 1:00 become 0:36, 0:20 become 0:15.'])
    expect(cut.cost).toBe(58)
  })

  it('after what else was done; lengths beyond three are not all said, and what stays as it is is not', () => {
    const from = {
      ids: ['lap1'],
      phases: [60, 50, 40, 30, 5].map((seconds) => gap(seconds)),
      labels: ['One lap fewer'],
      told: ['Told.'],
      cost: 7,
    }
    const cut = trimmed(room(), from, 0, 'break')!
    expect(cut).toMatchObject({ ids: ['lap1', 'break'], labels: ['One lap fewer', 'trim breaks'] })
    expect(cut.told).toEqual(['Told.', 'Breaks: 1:00 become 0:30, 0:50 become 0:25, 0:40 become 0:20 and so on.'])
    expect(cut.cost).toBeCloseTo(7 + 90 * 0.7 * 2, 9)
    expect(trimmed(room(), whole([gap(20), gap(5), gap(12)]), 0, 'break')!.told).toEqual(['Breaks: 0:20 become 0:10, 0:12 become 0:06.'])
  })

  it('never what waves or lists do; a stretch that nobody planned goes all but a second', () => {
    const kept = [gap(60, { wave: 0 }), gap(60, { selfPaced: {} }), phase({ seconds: 60 })]
    const cut = trimmed(room(), whole([...kept, gap(30, { kind: 'unplanned' })]), 0, 'break')!
    expect(cut.phases.map(({ seconds }) => seconds)).toEqual([60, 60, 60, 1])
    expect(trimmed(room(), whole(kept), 0, 'break')).toBeUndefined()
  })

  it('nothing where nothing has to be, or can be', () => {
    expect(trimmed(room(), whole(mixed), lengthOf(mixed), 'break')).toBeUndefined()
    expect(trimmed(room(), whole(mixed), lengthOf(mixed) + 10, 'break')).toBeUndefined()
    expect(trimmed(room(), whole([gap(5), gap(4)]), 0, 'break')).toBeUndefined()
  })

  it('no break below the way in it, where people move; and that is said', () => {
    const moves = [gap(30, { moves: true }), gap(30)]
    const cut = trimmed(room({ walkSeconds: 22 }), whole(moves), 0, 'break')!
    expect(cut.phases.map(({ seconds }) => seconds)).toEqual([22, 15])
    expect(cut.told[1]).toBe('No shorter than 0:22 where people move on: the longest way takes that.')
    expect(trimmed(room({ walkSeconds: 3 }), whole(moves), 0, 'break')!.told).toHaveLength(1)
    // A break that was too short already stays.
    expect(trimmed(room({ walkSeconds: 40 }), whole(moves), 0, 'break')!.phases.map(({ seconds }) => seconds)).toEqual([30, 15])
    // Of work nothing is said about ways.
    const worked = trimmed(room({ walkSeconds: 36 }), whole([phase({ seconds: 60, moves: true })]), 0, 'work')!
    expect(worked.told).toHaveLength(1)
  })
})
