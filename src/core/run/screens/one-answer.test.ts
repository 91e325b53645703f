import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoLibrary, kilnFloor } from '../../../../tests/fixtures/demo-run'
import { shapes } from '../../../../tests/fixtures/shapes'
import { computeClass } from '../../class/compute'
import { ClassDocument } from '../../class/class-document'
import { formsOf } from '../../library/form'
import { Person } from '../../library/person'
import { Strain } from '../../library/exercise'
import type { PlanInput } from '../../plan/plan'
import { usesAsDone } from '../../plan/as-done'
import { oneLine } from '../../summary/lead'
import { foldEvents } from '../clock/apply'
import { stateAt } from '../clock/state'
import { takeSnapshot } from '../room/take-snapshot'
import type { Phase } from '../../timeline/phase'
import { ownAt } from '../room/own-doings'
import type { RunSnapshot } from '../room/snapshot'
import { cardView } from './card-view'
import { roomView } from './room-view'
import { stationView } from './station-view'

type CircuitInput = Extract<PlanInput['parts'][number]['pieces'][number], { type: 'circuit' }>
type UseInput = NonNullable<CircuitInput['stations'][number]['uses']>[number]

const exercise = fc.constantFrom(...demoLibrary.exercises)
const level = fc.constantFrom('newcomer' as const, 'regular' as const, 'trained' as const)

const use = (id: string): fc.Arbitrary<UseInput> =>
  exercise.chain((chosen) =>
    fc.record(
      {
        id: fc.constant(id),
        exerciseId: fc.constant(chosen.id),
        optionId: fc.constantFrom('none', ...chosen.options.map((option) => option.id)),
        reps: fc.record({ count: fc.integer({ min: 2, max: 12 }), most: fc.constant(15), open: fc.boolean() }, { requiredKeys: ['count'] }),
        load: fc.record({ kilograms: fc.constantFrom(6, 9, 12) }),
        effort: fc.constantFrom('7 of 10', '8 of 10'),
        sides: fc.constantFrom('none' as const, 'half' as const, 'byLap' as const),
        note: fc.constant('slowly down'),
        alternatives: fc.array(
          exercise.map(({ id }) => ({ exerciseId: id })),
          { minLength: 1, maxLength: 2 },
        ),
        dose: fc.record({ newcomer: fc.record({ reps: fc.constant(6), laps: fc.constant(1) }, { requiredKeys: [] }) }),
      },
      { requiredKeys: ['id', 'exerciseId'] },
    ),
  )

/** Stations with one exercise each, moved on or all together, with exercises, options and loads that differ in the second lap. */
const circuit: fc.Arbitrary<CircuitInput> = fc
  .record({
    travel: fc.constantFrom('rotate' as const, 'together' as const),
    pairs: fc.constantFrom('both' as const, 'inTurns' as const),
    count: fc.integer({ min: 2, max: 5 }),
    list: fc.boolean(),
  })
  .chain(({ travel, pairs, count, list }) => {
    const ids = Array.from({ length: count }, (_, index) => `s${index}`)
    return fc
      .record({
        uses: fc.tuple(...ids.map((id) => (list ? fc.tuple(use(`${id}a`), use(`${id}b`)) : fc.tuple(use(`${id}a`))))),
        vary: fc.array(
          fc
            .tuple(fc.constantFrom(...ids), exercise, fc.boolean())
            .map(([id, other, effort]) =>
              effort
                ? { at: 1, id: `${id}a`, field: 'effort' as const, value: '9 of 10' }
                : { at: 1, id: `${id}a`, field: 'exerciseId' as const, value: other.id },
            ),
          { maxLength: 3 },
        ),
      })
      .map(({ uses, vary }): CircuitInput => ({
        id: 'c',
        type: 'circuit',
        travel,
        pairs,
        laps: 2,
        transition: { seconds: 15 },
        stay: list ? { kind: 'task', goal: 'cap', capSeconds: 60 } : { kind: 'intervals', workSeconds: [40] },
        stations: ids.map((id, index) => ({
          id,
          uses: uses[index]!.map(({ optionId, ...rest }) => ({ ...rest, ...(optionId !== 'none' && { optionId }) })),
        })),
        vary: [...new Map(vary.map((variation) => [`${variation.id}${variation.field}`, variation])).values()],
      }))
  })

const people = fc.array(fc.record({ level, goEasy: fc.uniqueArray(fc.constantFrom(...Strain.options), { maxLength: 2 }) }), {
  minLength: 1,
  maxLength: 6,
})

const classes = fc.record({ circuit, people, solo: fc.boolean(), shows: fc.option(fc.constantFrom('easier' as const, 'harder' as const)) })

/** Those whose gear is counted by who is at a station, each with what is done there. */
const counted = classes.filter(({ circuit: { pairs, stay } }) => pairs === 'both' && stay.kind === 'intervals')

/** A class of such a circuit, run from its beginning. */
function opened({ circuit: piece, people: roster, solo, shows }: typeof classes extends fc.Arbitrary<infer T> ? T : never) {
  const walkIns = roster.map((person, index) =>
    Person.parse({ id: `p${index}`, name: `Person ${index}`, goEasyNote: '', loads: {}, ...person }),
  )
  const document = ClassDocument.parse({
    name: 'Made up',
    startsAt: '2026-01-05T12:00:00Z',
    roomId: 'kiln-floor',
    plan: { id: 'p', name: 'Made up', slotSeconds: 3600, parts: [{ id: 'part', pieces: [piece] }] },
    here: walkIns.map(({ id }) => id),
    walkIns,
    groupSize: solo ? 'solo' : 'pairs',
    ...(shows && { demonstrators: { [shows]: 'p0', agreed: 'p0' } }),
  })
  const computed = computeClass(document, demoLibrary)
  const taken = takeSnapshot(document, computed, demoLibrary, kilnFloor)
  return taken.ok ? { document, computed, snapshot: taken.value, walkIns } : undefined
}

const started = { sequence: 1, id: 'e', at: 0, who: 'Coach', command: { type: 'start' as const } }

/** Every work of a run, at its beginning, with what the cards say there. */
function* works(snapshot: RunSnapshot, people = snapshot.people) {
  for (const phase of snapshot.timeline.phases.filter(({ kind }) => kind === 'work')) {
    // Whatever comes before it has an open end or not.
    const gone = { ...started, sequence: 2, id: 'g', at: 11_000, command: { type: 'goto' as const, phase: phase.index } }
    const state = stateAt(foldEvents(snapshot.timeline, [started, gone]), 11_250)
    if (state.phase.index !== phase.index) throw new Error('elsewhere')
    yield { phase, state, cards: people.map((person) => ({ person, card: cardView(snapshot, state, person.id)! })) }
  }
}

/** Whether somebody does at a station, in a work, what everyone does. */
const isQuiet = (snapshot: RunSnapshot, personId: string, { pieceId, repeat, lap }: Phase, station: number) =>
  snapshot.circuits[pieceId]!.stations[station]!.exercises.every(
    (_, position) => ownAt(snapshot, personId, { pieceId, repeat, lap, station, position }) === undefined,
  )
const plain = (how: string) => how.replace(/(, )?change sides at the half/, '')

describe('one answer to what is done here', () => {
  it('card, wall and station say the same at every work to whoever does what everyone does', () => {
    let said = 0
    fc.assert(
      fc.property(classes, (made) => {
        const run = opened(made)
        if (!run) return
        const { snapshot } = run
        for (const { phase, state, cards } of works(snapshot)) {
          const wall = roomView(snapshot, state)
          for (const { person, card } of cards) {
            if (!card.now || !isQuiet(snapshot, person.id, phase, (card.now.station ?? (phase.station ?? 0) + 1) - 1)) continue
            said++
            const { station, exercise: name, how } = card.now
            if (station === undefined) {
              const list = snapshot.circuits.c!.stations[phase.station ?? 0]!.list
              if (list) expect(name).toBe(oneLine(wall.points))
              else expect(wall.headline).toContain(name)
              continue
            }
            expect(wall.tiles[station - 1]!.exercise).toBe(name)
            const screen = stationView(snapshot, state, station)
            if (screen.exercise && screen.items.length === 0) {
              expect(screen.exercise.name).toBe(name)
              expect(plain(screen.exercise.how)).toBe(plain(how))
            }
          }
        }
      }),
      { numRuns: 20 },
    )
    expect(said).toBeGreaterThan(25)
  })

  it('nobody is told to do what they go easy on while some option spares all of it', () => {
    let spared = 0
    fc.assert(
      fc.property(classes, fc.constantFrom('easier' as const, 'usual' as const, 'harder' as const), (made, ease) => {
        const run = opened(made)
        if (!run) return
        const snapshot: RunSnapshot = { ...run.snapshot, ease }
        for (const { phase, cards } of works(snapshot)) {
          if (phase.selfPaced) continue
          for (const { person, card } of cards) {
            const { goEasy } = run.walkIns.find(({ id }) => id === person.id)!
            if (goEasy.length === 0 || !card.now || card.now.exercise === 'Rest') continue
            const done = demoLibrary.exercises.flatMap(formsOf).filter(({ name }) => name === card.now!.exercise)
            const asks = (form: (typeof done)[number]) => form.asks.some((strain) => goEasy.includes(strain))
            if (done.length === 0 || !done.every(asks)) {
              spared++
              continue
            }
            const exercises = new Set(done.map(({ exerciseId }) => exerciseId))
            const ways = demoLibrary.exercises.filter(({ id }) => exercises.has(id)).flatMap(formsOf)
            expect(ways.every(asks), `${person.name} at ${card.now.exercise}, easy on ${goEasy.join()}`).toBe(true)
          }
        }
      }),
      { numRuns: 30 },
    )
    expect(spared).toBeGreaterThan(25)
  })

  it('the gear counted for a turn is what the cards of that turn ask for', () => {
    let sums = 0
    fc.assert(
      fc.property(counted, (made) => {
        const run = opened(made)
        if (!run) return
        const forms = demoLibrary.exercises.flatMap(formsOf)
        for (const { phase, cards } of works(run.snapshot)) {
          const at = run.computed.gear.turns.findIndex(({ turn }) => turn === phase.turn)
          const asked = new Map<string, number>()
          for (const { card } of cards) {
            const form = card.now && forms.find(({ name }) => name === card.now!.exercise)
            for (const need of form?.gear.filter(({ per }) => per === 'person') ?? [])
              asked.set(need.kindId, (asked.get(need.kindId) ?? 0) + need.count)
          }
          // Kinds that groups and stations share are counted by those.
          const shared = new Set(forms.flatMap(({ gear }) => gear.flatMap(({ kindId, per }) => (per === 'person' ? [] : [kindId]))))
          for (const kind of demoLibrary.gear.filter(({ id }) => !shared.has(id))) {
            const lines = run.computed.gear.lines.filter(({ kindId }) => kindId === kind.id)
            const sum = lines.reduce((all, line) => all + (line.byTurn[at] ?? 0), 0)
            expect(sum, `${kind.name} in turn ${phase.turn}`).toBe(asked.get(kind.id) ?? 0)
            sums += sum
          }
        }
      }),
      { numRuns: 25 },
    )
    expect(sums).toBeGreaterThan(50)
  })

  it('every shape of class, run through from end to end: wall, stations and cards tell one place, one exercise and one way', () => {
    let read = 0
    const roster = Array.from({ length: 8 }, (_, index) =>
      Person.parse({
        id: `p${index}`,
        name: `Person ${index}`,
        level: index === 7 ? 'newcomer' : 'regular',
        goEasy: [],
        goEasyNote: '',
        loads: {},
      }),
    )
    for (const { id, plan } of shapes) {
      const document = ClassDocument.parse({
        name: id,
        startsAt: '2026-01-05T12:00:00Z',
        roomId: 'kiln-floor',
        plan,
        here: roster.map((person) => person.id),
        walkIns: roster,
        groupSize: 'fit',
      })
      const taken = takeSnapshot(document, computeClass(document, demoLibrary), demoLibrary, kilnFloor)
      expect(taken.ok, id).toBe(true)
      if (!taken.ok) continue
      const snapshot = taken.value
      for (const { phase, state, cards } of works(
        snapshot,
        snapshot.people.filter((_, index) => index % 3 === 1),
      )) {
        const wall = roomView(snapshot, state)
        for (const { person, card } of cards) {
          expect(card.place, `${id} ${phase.index}`).toBe(wall.place)
          if (card.now?.station === undefined) continue
          read++
          const screen = stationView(snapshot, state, card.now.station)
          expect(screen.place).toBe(wall.place)
          expect(screen.people, `${id} ${phase.index}`).toContain(person.name)
          expect(wall.tiles[card.now.station - 1]!.people).toContain(person.name)
          if (isQuiet(snapshot, person.id, phase, card.now.station - 1))
            expect(wall.tiles[card.now.station - 1]!.exercise).toBe(card.now.exercise)
        }
      }
    }
    expect(read).toBeGreaterThan(300)
  })

  it('everything that is done in a class is met where the class is looked through, and nothing else', () => {
    fc.assert(
      fc.property(classes, (made) => {
        const run = opened(made)
        if (!run) return
        const met = new Set(usesAsDone(run.document.plan).map(({ use: { exerciseId } }) => exerciseId))
        const { c } = run.snapshot.circuits
        const shown = new Set(
          [c!.stations, ...Object.values(c!.varied ?? {})].flat().flatMap(({ exercises }) => exercises.map(({ name }) => name)),
        )
        const names = new Set(
          [...met].flatMap((id) => formsOf(demoLibrary.exercises.find((known) => known.id === id)!).map(({ name }) => name)),
        )
        for (const name of shown) expect(names).toContain(name)
      }),
      { numRuns: 15 },
    )
  })
})
