import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shapes, shorthand } from '../../../tests/fixtures/shapes'
import { Plan, type PlanInput } from '../plan/plan'
import { phaseAt } from './at'
import { compileTimeline } from './compile'

const compiled = (input: PlanInput) => {
  const result = compileTimeline(Plan.parse(input))
  if (!result.ok) throw new Error(result.problems[0]!.message)
  return result.value
}

const refusal = (input: PlanInput) => {
  const result = compileTimeline(Plan.parse(input))
  return result.ok ? undefined : result.problems[0]
}

const withPieces = (...pieces: PlanInput['parts'][number]['pieces']): PlanInput => ({
  id: 'p',
  name: 'P',
  slotSeconds: 600,
  parts: [{ id: 'a', pieces }],
})

type Piece = PlanInput['parts'][number]['pieces'][number]
type Circuit = Extract<Piece, { type: 'circuit' }>

const simple = (more: Partial<Circuit> = {}): Circuit => ({
  id: 'c',
  type: 'circuit',
  travel: 'rotate',
  laps: 1,
  stations: [{ id: 's1' }, { id: 's2' }],
  transition: { seconds: 10 },
  stay: { kind: 'intervals', workSeconds: [30] },
  ...more,
})

describe('shapes of class, common practice', () => {
  for (const shape of shapes) {
    it(`${shape.id}: ${shape.what}`, () => {
      const timeline = compiled(shape.plan)
      expect(timeline.total).toBe(shape.total)
      expect(shorthand(timeline.phases)).toEqual(shape.phases)
    })
  }

  it('Q: without the optional circuit it takes half', () => {
    expect(compiled(shapes.find((shape) => shape.id === 'Q')!.plan).totalWithoutOptional).toBe(120)
  })

  it('8 × (20 s + 10 s) is 4 minutes (Tabata et al., Med Sci Sports Exerc 28(10), 1996; memory)', () => {
    expect(
      compiled(
        withPieces(simple({ travel: 'together', laps: 4, transition: { seconds: 10 }, stay: { kind: 'intervals', workSeconds: [20] } })),
      ).total,
    ).toBe(240)
  })
})

describe('breaks', () => {
  const pause = (kind: 'water' | 'brief' | 'swap' | 'rest', seconds: number): Piece => ({ id: kind, type: 'pause', kind, seconds })

  it('the longest stands, and who must move still moves', () => {
    const { phases } = compiled(withPieces(simple(), pause('water', 60), simple({ id: 'd', stations: [{ id: 't1' }] })))
    expect(shorthand(phases)).toEqual(['w30', 't10', 'w30', 'p60', 'w30', 't10'])
    expect(phases[3]).toMatchObject({ kind: 'pause', pause: 'water', moves: true })
  })

  it('on a tie the explicit pause stands; a shorter pause gives way', () => {
    expect(compiled(withPieces(simple(), pause('water', 10))).phases.at(-1)).toMatchObject({ kind: 'pause', seconds: 10 })
    expect(compiled(withPieces(simple(), pause('water', 4))).phases.at(-1)).toMatchObject({ kind: 'transition', seconds: 10 })
  })

  it('a brief never swallows a break, and pauses add up', () => {
    const { phases } = compiled(withPieces(simple(), pause('brief', 60), pause('water', 30), pause('rest', 20)))
    expect(shorthand(phases)).toEqual(['w30', 't10', 'w30', 't10', 'p60', 'p30', 'p20'])
  })

  it('the rest between repeats merges with the pause that ends the part', () => {
    const plan: PlanInput = {
      id: 'p',
      name: 'P',
      slotSeconds: 600,
      parts: [{ id: 'a', repeat: 2, restBetweenSeconds: 40, pieces: [simple({ lastGap: 'drop' }), pause('water', 30)] }],
    }
    expect(shorthand(compiled(plan).phases)).toEqual(['w30', 't10', 'w30', 'r40', 'w30', 't10', 'w30', 'p30'])
  })

  it('one second more of a transition adds no more than a second to each, whatever it merges with', () => {
    const total = (seconds: number) =>
      compiled({
        id: 'p',
        name: 'P',
        slotSeconds: 3600,
        parts: [{ id: 'a', repeat: 2, restBetweenSeconds: 150, pieces: [simple({ transition: { seconds } }), pause('rest', 150)] }],
      }).total
    // Two transitions each time, of which the last merges with the pause and, once, with the rest between.
    for (const seconds of [140, 149, 150, 151, 160]) expect(total(seconds + 1) - total(seconds)).toBeLessThanOrEqual(4)
    expect(total(151)).toBe(4 * 30 + 2 * 151 + 2 * 151)
  })

  it('a dropped last gap goes, and only that', () => {
    expect(shorthand(compiled(withPieces(simple({ laps: 2, lastGap: 'drop', lapRestSeconds: 20 }))).phases)).toEqual([
      'w30',
      't10',
      'w30',
      'r20',
      'w30',
      't10',
      'w30',
    ])
  })

  it('nobody moves at a single station', () => {
    expect(compiled(withPieces(simple({ stations: [{ id: 's' }] }))).phases[1]).toMatchObject({ kind: 'transition', moves: false })
  })
})

describe('partners in turns', () => {
  it('both work at every station in two laps, with an odd number of stations and with an even one', () => {
    for (const count of [3, 4, 5, 6]) {
      const stations = Array.from({ length: count }, (_, index) => ({ id: `s${index}` }))
      const { phases } = compiled(
        withPieces(simple({ stations, laps: 2, pairs: 'inTurns', stay: { kind: 'intervals', workSeconds: [30] } })),
      )
      const works = phases.filter(({ kind }) => kind === 'work')
      // A group that begins at the first station is at station t in turns t and t + count.
      for (let turn = 0; turn < count; turn++)
        expect(works[turn]!.partner, `${count} stations, station ${turn}`).not.toBe(works[turn + count]!.partner)
    }
  })
})

describe('a ladder that the room climbs together', () => {
  const ladder = (rungClock: { led: true; seconds?: number }): Circuit =>
    simple({
      travel: 'together',
      laps: 1,
      transition: { seconds: 0 },
      stay: { kind: 'task', goal: 'finish', rungs: [10, 8, 6, 4, 2], rungRestSeconds: 15, rungClock },
      stations: [{ id: 's', uses: Array.from({ length: 8 }, (_, index) => ({ id: `u${index}`, exerciseId: 'x', reps: { count: 1 } })) }],
    })

  it('is a phase for each rung, with its reps, and a rest between two: about 11:00 for 10-8-6-4-2 of eight', () => {
    const { phases, range } = compiled(withPieces(ladder({ led: true })))
    expect(phases.map(({ kind, rung, reps, seconds }) => [kind, rung, reps, kind === 'rest' ? seconds : undefined])).toEqual([
      ['work', 0, 10, undefined],
      ['rest', 0, undefined, 15],
      ['work', 1, 8, undefined],
      ['rest', 1, undefined, 15],
      ['work', 2, 6, undefined],
      ['rest', 2, undefined, 15],
      ['work', 3, 4, undefined],
      ['rest', 3, undefined, 15],
      ['work', 4, 2, undefined],
    ])
    expect(phases.every(({ kind, selfPaced }) => kind === 'rest' || selfPaced?.open)).toBe(true)
    // 240 reps called at 2.5 to 3.4 s, and a minute of rests.
    expect(range).toMatchObject({ low: 660, high: 876 })
  })

  it('ends each rung by itself where it has a length', () => {
    const { total, range } = compiled(withPieces(ladder({ led: true, seconds: 90 })))
    expect([total, range]).toEqual([5 * 90 + 4 * 15, undefined])
  })

  it('needs rungs, one pace for all, and no cap', () => {
    const wrong = (more: object, travel: 'together' | 'rotate' = 'together') => {
      const base = ladder({ led: true })
      const read = Plan.safeParse(withPieces({ ...base, travel, stay: { ...base.stay!, ...more } as Circuit['stay'] }))
      return read.success ? [] : read.error.issues.map(({ path }) => path.at(-1))
    }
    expect(wrong({})).toEqual([])
    expect(wrong({ rungs: undefined })).toContain('rungs')
    expect(wrong({ openerCount: 1 })).toContain('openerCount')
    expect(wrong({ goal: 'cap', capSeconds: 300 })).toContain('goal')
    expect(wrong({}, 'rotate')).toContain('rungClock')
  })
})

describe('a window', () => {
  it('takes up what an open end takes longer, until there is none of it left', () => {
    const list = (withinSeconds?: number): Circuit =>
      simple({
        travel: 'together',
        stations: [{ id: 's1', uses: [{ id: 'u', exerciseId: 'x', reps: { count: 60 } }] }],
        transition: { seconds: 0 },
        laps: 1,
        stay: { kind: 'task', goal: 'finish' },
        ...(withinSeconds !== undefined && { withinSeconds }),
      })
    const open = compiled(withPieces(list()))
    const { low, high } = open.range!
    const wide = compiled(withPieces(list(high + 60)))
    expect(wide.range).toEqual({ low: high + 60, typical: high + 60, high: high + 60 })
    const tight = compiled(withPieces(list(open.total + 10)))
    expect(tight.range).toEqual({ low: open.total + 10, typical: open.total + 10, high })
    expect(low).toBeLessThan(open.total)
  })
})

describe('details', () => {
  it('half of an odd number: the longer half first', () => {
    const station = { id: 's1', uses: [{ id: 'u', exerciseId: 'x', sides: 'half' as const }] }
    expect(compiled(withPieces(simple({ stations: [station], stay: { kind: 'intervals', workSeconds: [45] } }))).phases[0]!.changeAt).toBe(
      23,
    )
  })

  it('sides by lap alternate', () => {
    const station = { id: 's1', uses: [{ id: 'u', exerciseId: 'x', sides: 'byLap' as const }] }
    const { phases } = compiled(withPieces(simple({ travel: 'together', stations: [station], laps: 3, transition: { seconds: 0 } })))
    expect(phases.map((phase) => phase.side)).toEqual([0, 1, 0])
  })

  it('a window shows what is left of it as unplanned, and refuses what does not fit', () => {
    const { phases, total } = compiled(withPieces(simple({ withinSeconds: 120 })))
    expect(shorthand(phases)).toEqual(['w30', 't10', 'w30', 't10', 'u40'])
    expect(total).toBe(120)
    expect(refusal(withPieces(simple({ withinSeconds: 79 })))).toMatchObject({
      code: 'overWindow',
      field: 'parts[0].pieces[0].withinSeconds',
    })
  })

  it('a station of span 2 takes two turns of the loop', () => {
    expect(compiled(withPieces(simple({ stations: [{ id: 's1', span: 2 }, { id: 's2' }] }))).total).toBe(120)
  })

  it('turns may end in the middle of a lap; a lap rest falls only between laps', () => {
    expect(shorthand(compiled(withPieces(simple({ laps: undefined, turns: 3, lapRestSeconds: 25 }))).phases)).toEqual([
      'w30',
      't10',
      'w30',
      'r25',
      'w30',
      't10',
    ])
  })

  it('what varies by lap stands over what varies by repeat', () => {
    const varied = simple({
      laps: 2,
      lastGap: 'drop',
      transition: { seconds: 0 },
      stations: [{ id: 's1' }],
      vary: [{ at: 1, id: 'c', field: 'workSeconds', value: [7] }],
    })
    const plan: PlanInput = {
      id: 'p',
      name: 'P',
      slotSeconds: 600,
      parts: [{ id: 'a', repeat: 2, vary: [{ at: 1, id: 'c', field: 'workSeconds', value: [5] }], pieces: [varied] }],
    }
    expect(shorthand(compiled(plan).phases)).toEqual(['w30', 'w7', 'w5', 'w7'])
  })

  it('two waves go through the stations one after the other, the list of the others beside them', () => {
    const list = (workSeconds: number) => ({
      meanwhile: simple({
        id: 'm',
        travel: 'together',
        laps: 1,
        transition: { seconds: 0 },
        stations: [{ id: 'm1' }, { id: 'm2' }],
        stay: { kind: 'intervals', workSeconds: [workSeconds] },
      }),
    })
    const rotating = { travel: 'rotate' as const, laps: 1, stations: [{ id: 's1' }, { id: 's2' }], lapRestSeconds: 25 }
    const timeline = compiled(withPieces(simple({ ...rotating, waves: list(35) })))
    expect(shorthand(timeline.phases)).toEqual(['w30', 't10', 'w30', 'r25', 'w30', 't10', 'w30', 't10'])
    expect(timeline.phases.filter((phase) => phase.kind === 'work').map(({ wave, turn, lap }) => [wave, turn, lap])).toEqual([
      [0, 0, 0],
      [0, 1, 0],
      [1, 2, 0],
      [1, 3, 0],
    ])
    expect(timeline.phases[3]!.moves).toBe(true)
    expect(timeline.meanwhile.map(({ start, seconds, wave }) => [start, seconds, wave])).toEqual([
      [0, 35, 0],
      [35, 35, 0],
      [95, 35, 1],
      [130, 35, 1],
    ])
    expect(refusal(withPieces(simple({ ...rotating, waves: list(36) })))).toMatchObject({
      code: 'overWave',
      field: 'parts[0].pieces[0].waves.meanwhile',
    })
  })

  it('partners who take turns change with every interval, and in two laps both have worked at every station', () => {
    const rotating = { travel: 'rotate' as const, pairs: 'inTurns' as const, laps: 2, stations: [{ id: 's1' }, { id: 's2' }] }
    const partners = (piece: ReturnType<typeof simple>) =>
      compiled(withPieces(piece)).phases.flatMap((phase) => (phase.kind === 'work' ? [phase.partner] : []))
    expect(partners(simple(rotating))).toEqual([0, 1, 1, 0])
    expect(partners(simple({ ...rotating, laps: 1, stay: { kind: 'intervals', workSeconds: [30], sets: 2 } }))).toEqual([0, 1, 0, 1])
    expect(partners(simple({ ...rotating, laps: 1, pairs: 'both' }))).toEqual([undefined, undefined])
  })

  it('refuses by name what runs past six hours', () => {
    expect(refusal(withPieces(simple({ laps: 50, stay: { kind: 'intervals', workSeconds: [3600] } })))).toMatchObject({ code: 'tooLong' })
  })
})

describe('any plan', () => {
  const seconds = fc.integer({ min: 0, max: 90 })
  const anyCircuit = fc.record({
    travel: fc.constantFrom('rotate' as const, 'together' as const),
    stations: fc.integer({ min: 1, max: 5 }),
    laps: fc.integer({ min: 1, max: 3 }),
    work: fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 3 }),
    sets: fc.integer({ min: 1, max: 3 }),
    gap: seconds,
    setRest: seconds,
    transition: seconds,
    lapRest: seconds,
    drop: fc.boolean(),
  })
  const anyPlan = fc
    .array(fc.oneof(anyCircuit, fc.record({ kind: fc.constantFrom('brief' as const, 'water' as const, 'rest' as const), seconds })), {
      minLength: 1,
      maxLength: 5,
    })
    .map((pieces) =>
      withPieces(
        ...pieces.map((piece, index): Piece => {
          if ('kind' in piece) return { id: `p${index}`, type: 'pause', kind: piece.kind, seconds: piece.seconds }
          return {
            id: `p${index}`,
            type: 'circuit',
            travel: piece.travel,
            laps: piece.laps,
            lapRestSeconds: piece.lapRest,
            transition: { seconds: piece.transition },
            lastGap: piece.drop ? 'drop' : 'keep',
            stay: { kind: 'intervals', workSeconds: piece.work, sets: piece.sets, gapSeconds: piece.gap, setRestSeconds: piece.setRest },
            stations: Array.from({ length: piece.stations }, (_, station) => ({ id: `p${index}s${station}` })),
          }
        }),
      ),
    )

  it('has phases without a hole or an overlap that add up to the total, found at every second', () => {
    fc.assert(
      fc.property(anyPlan, (input) => {
        const result = compileTimeline(Plan.parse(input))
        // Some random plans are longer than a plan may be.
        fc.pre(result.ok)
        const timeline = compiled(input)
        let clock = 0
        for (const phase of timeline.phases) {
          expect(phase.start).toBe(clock)
          expect(phase.seconds).toBeGreaterThan(0)
          clock += phase.seconds
        }
        expect(timeline.total).toBe(clock)
        for (const second of [0, Math.floor(clock / 3), clock - 1]) {
          const slow = timeline.phases.find((phase) => second >= phase.start && second < phase.start + phase.seconds)
          expect(phaseAt(timeline, second)).toBe(second < 0 || clock === 0 ? undefined : slow)
        }
        expect(phaseAt(timeline, clock)).toBeUndefined()
      }),
    )
  })
})
