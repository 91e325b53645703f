import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { demoGear, demoRooms } from '../../../scripts/demo/hall'
import { demoPeople } from '../../../scripts/demo/people'
import { libraryExercises } from '../../../scripts/library/exercises'
import { emptyStations, intervals, plainCircuit, rotate } from '../plan/edit/make'
import { everyCircuit } from '../plan/every-circuit'
import type { Circuit } from '../plan/plan'
import { alternateRegions } from './alternate'
import { coolDownExercises, warmUpExercises } from './easy-exercises'
import { fillStations, type FillWish } from './fill'
import { fillEasy, purposeOf } from './fill-easy'
import { swapsFor, withSwaps } from './ladder'
import { mainExercises } from './main-part'

let counter = 0
const newId = () => `f${counter++}`
const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }

describe('suggested exercises', () => {
  it('a warm-up needs no gear, stays on its feet, raises the pulse first, then moves what the main part loads', () => {
    const warmUp = warmUpExercises(libraryExercises, 4, ['upper', 'core', 'lower'])
    expect(warmUp).toHaveLength(4)
    expect(warmUp[0]!.regions).toContain('cardio')
    expect(warmUp[2]!.regions).toContain('upper')
    for (const exercise of warmUp) expect([exercise.gear, exercise.stance, exercise.oneSided]).toEqual([[], 'standing', false])
  })

  it('what warms up or stretches is told why, and can be shuffled', () => {
    const plan = demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document.plan
    const circuits = everyCircuit(plan)
    expect(circuits.map((circuit) => purposeOf(plan, circuit))).toEqual(['warmUp', 'main', 'coolDown'])
    const emptied = { ...circuits[0]!, stations: emptyStations(newId, 4) }
    const fill = (purpose: 'warmUp' | 'coolDown', seed: number) =>
      fillEasy(emptied, purpose, { exercises: libraryExercises, wanted: ['upper', 'lower', 'core', 'cardio'], seed })
    expect(fill('warmUp', 1).map(({ reasons }) => reasons[0])).toEqual([
      'raises the pulse',
      'raises the pulse',
      'moves the upper body, which the class loads most',
      expect.stringContaining('moves the'),
    ])
    expect(fill('coolDown', 1)[0]!.reasons).toEqual(['stretches the upper body, which the class loads most', 'standing'])
    const names = (seed: number) => fill('coolDown', seed).map(({ exercise }) => exercise.id)
    expect(names(2)).toEqual(names(2))
    expect([2, 3, 4, 5].some((seed) => names(seed).join() !== names(1).join())).toBe(true)
    expect(new Set(names(3)).size).toBe(4)
  })

  it('a cool-down stretches what was loaded most, and not only that', () => {
    const stretches = coolDownExercises(libraryExercises, 4, ['lower', 'upper', 'core', 'cardio'])
    expect(stretches.filter((exercise) => exercise.regions[0] === 'lower')).toHaveLength(2)
    expect(stretches.filter((exercise) => exercise.regions[0] === 'upper')).toHaveLength(2)
    expect(stretches.every((exercise) => exercise.pattern === 'stretch')).toBe(true)
  })

  it('a main part has exercises to train with, and loses none of them', () => {
    const names = mainExercises(libraryExercises).map((exercise) => exercise.id)
    expect(names).toContain('goblet-squat')
    expect(names).not.toContain('chest-stretch')
    expect(new Set(names).size).toBe(names.length)
  })

  it('regions alternate as long as the choice allows it', () => {
    const firsts = alternateRegions(libraryExercises).map((exercise) => exercise.regions[0])
    const repeat = firsts.findIndex((region, index) => index > 0 && region === firsts[index - 1])
    if (repeat >= 0) expect(new Set(firsts.slice(repeat)).size).toBe(1)
    expect(alternateRegions([])).toEqual([])
  })
})

describe('empty stations filled', () => {
  const circuit = (count: number): Circuit => plainCircuit(newId, 'Stations', emptyStations(newId, count), intervals([40]), rotate(20, 2))
  const wish = (more: Partial<FillWish> = {}): FillWish => ({
    library,
    people: demoPeople.slice(0, 16),
    groupSize: 2,
    room: demoRooms[0],
    seed: 1,
    ...more,
  })

  it('fills all, none twice, regions alternating round the loop, each with reasons', () => {
    for (const seed of [1, 2, 3, 4, 5]) {
      const filled = fillStations(circuit(8), wish({ seed }))
      expect(filled).toHaveLength(8)
      expect(new Set(filled.map(({ exercise }) => exercise.id)).size).toBe(8)
      const regions = filled.map(({ exercise }) => exercise.regions[0])
      regions.forEach((region, index) => expect(region, `${seed}: ${regions.join()}`).not.toBe(regions[(index + 1) % 8]))
      expect(filled.every(({ reasons }) => reasons.length > 0)).toBe(true)
    }
  })

  it('another seed gives others, the same seed the same; what is filled stays', () => {
    const empty = circuit(6)
    const ids = (seed: number) => fillStations(empty, wish({ seed })).map(({ exercise }) => exercise.id)
    expect(ids(3)).toEqual(ids(3))
    expect(ids(3)).not.toEqual(ids(4))
    const half = {
      ...empty,
      stations: empty.stations.map((station, index) =>
        index === 2 ? { ...station, uses: [{ id: newId(), exerciseId: 'plank', sides: 'none' as const }] } : station,
      ),
    }
    const filled = fillStations(half, wish())
    expect(filled).toHaveLength(5)
    expect(filled.map(({ exercise }) => exercise.id)).not.toContain('plank')
  })

  it('asks for no gear that is not there, nothing too high for the room, and something for everyone', () => {
    const bare = fillStations(circuit(6), wish({ library: { ...library, gear: [] } }))
    expect(bare.every(({ exercise }) => exercise.gear.length === 0)).toBe(true)
    const low = fillStations(circuit(12), wish({ room: { ...demoRooms[1]!, ceilingMetres: 2.3 } }))
    expect(low.every(({ exercise }) => (exercise.clearMetres ?? 0) <= 2.3)).toBe(true)
    const jumpless = demoPeople.map((person) => ({ ...person, goEasy: [...person.goEasy, 'jumps' as const] }))
    expect(fillStations(circuit(8), wish({ people: jumpless })).every(({ exercise }) => exercise.impact !== 'high')).toBe(true)
  })
})

describe('along the ladders', () => {
  const plan = demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document.plan

  it('easier, then harder, comes back to where it was', () => {
    const easier = withSwaps(plan, swapsFor(plan, library, 'easier'))
    expect(easier).not.toEqual(plan)
    const swaps = swapsFor(easier, library, 'harder')
    const back = withSwaps(easier, swaps)
    const uses = (of: typeof plan) =>
      of.parts.flatMap((part) =>
        part.pieces.flatMap((piece) => (piece.type === 'circuit' ? piece.stations.flatMap((station) => station.uses) : [])),
      )
    const changed = new Set(swapsFor(plan, library, 'easier').map((swap) => swap.useId))
    for (const use of uses(back)) if (changed.has(use.id)) expect([use.exerciseId, use.optionId]).toEqual([use.exerciseId, undefined])
  })

  it('gentler on knees leaves nothing that asks of the knee', () => {
    const swaps = swapsFor(plan, library, 'knee')
    expect(swaps.length).toBeGreaterThan(0)
    expect(swapsFor(withSwaps(plan, swaps), library, 'knee')).toEqual([])
    expect(swaps[0]).toMatchObject({
      where: expect.stringMatching(/\d$/),
      from: { name: expect.any(String) },
      to: { name: expect.any(String) },
    })
  })
})
