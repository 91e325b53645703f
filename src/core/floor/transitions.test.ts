import { describe, expect, it } from 'vitest'
import { classDocument, demoLibrary as library, kilnFloor } from '../../../tests/fixtures/demo-run'
import { computeClass } from '../class/compute'
import type { ClassDocument } from '../class/class-document'
import type { Circuit } from '../plan/plan'
import { transitionsOf } from './transitions'

const bare = { ...kilnFloor, features: [] }
const stationsOf = ({ plan }: ClassDocument) =>
  plan.parts.flatMap(({ pieces }) => pieces).find((piece): piece is Circuit => piece.type === 'circuit' && piece.travel === 'rotate')!

/** The demo's lunch class with these exercises at its stations, two metres apart in a row, and with these people, one by one. */
function classOf(exercises: string[], here: string[] = [], change: (circuit: Circuit, document: ClassDocument) => void = () => {}) {
  const document = classDocument('demo-lunch')
  const circuit = stationsOf(document)
  const [station] = circuit.stations
  circuit.stations = exercises.map((exerciseId, index) => ({
    ...station!,
    id: `x${index}`,
    uses: [{ id: `xu${index}`, exerciseId, sides: 'none' as const }],
  }))
  document.here = here
  document.groupSize = 'solo'
  document.spots = exercises.map((_, index) => ({ x: 1 + 2 * index, y: 5 }))
  change(circuit, document)
  return { document, computed: computeClass(document, library) }
}
const ways = (...args: Parameters<typeof classOf>) => {
  const { document, computed } = classOf(...args)
  return transitionsOf(document, computed, library, bare).transitions
}
const between = (from: number, to: number, found: ReturnType<typeof ways>) => found.find((way) => way.from === from && way.to === to)

describe('what a way from station to station is made of (our estimates)', () => {
  const found = ways(['march', 'row-machine', 'plank', 'goblet-squat', 'step-up'])

  it('off a machine 3 s, into one 5 s, off the floor and down to it 3 s, gear 2 s each time; standing costs nothing', () => {
    const parts = (from: number, to: number) => between(from, to, found)!.parts
    expect(parts(0, 1)).toEqual({ setDown: 0, rise: 0, walk: 2, getDown: 5, pickUp: 2 })
    expect(parts(1, 2)).toEqual({ setDown: 2, rise: 3, walk: 2, getDown: 3, pickUp: 2 })
    expect(parts(2, 3)).toEqual({ setDown: 2, rise: 3, walk: 2, getDown: 0, pickUp: 2 })
    // A bench for the group is taken up, too.
    expect(parts(3, 4)).toEqual({ setDown: 2, rise: 0, walk: 2, getDown: 0, pickUp: 2 })
    expect(parts(4, 0)).toEqual({ setDown: 2, rise: 0, walk: 8, getDown: 0, pickUp: 0 })
    // From the last to the first the lap rest is the shortest that there is: that way has most to spare.
    expect(found.map(({ needed }) => needed)).toEqual([12, 9, 9, 6, 10])
  })

  it('what the hall does not know takes the walk alone', () => {
    const unknown = ways(['plank', 'never-heard-of', 'march'])
    expect(between(0, 1, unknown)!.parts).toEqual({ setDown: 2, rise: 3, walk: 2, getDown: 0, pickUp: 0 })
    expect(between(1, 2, unknown)!.parts).toEqual({ setDown: 0, rise: 0, walk: 2, getDown: 0, pickUp: 0 })
  })

  it('what stands at a station is not carried', () => {
    const standing = {
      ...library,
      exercises: library.exercises.map((exercise) =>
        exercise.id === 'step-up' ? { ...exercise, gear: exercise.gear.map((need) => ({ ...need, per: 'station' as const })) } : exercise,
      ),
    }
    const { document } = classOf(['march', 'step-up', 'march'])
    const found = transitionsOf(document, computeClass(document, standing), standing, bare).transitions
    expect([between(0, 1, found)!.parts.pickUp, between(1, 2, found)!.parts.setDown]).toEqual([0, 0])
  })
})

describe('which ways there are', () => {
  it('each once, with the fewest seconds that the plan gives, and whoever needs longest by name', () => {
    const found = ways(['march', 'plank', 'march', 'march'], ['oren', 'ilse', 'tove', 'kwabena'], (circuit) => {
      circuit.laps = 3
      circuit.lapRestSeconds = 90
    })
    expect(found.map(({ from, to }) => `${from}${to}`).sort()).toEqual(['01', '12', '23', '30'])
    expect(found.every(({ given }) => given === 15)).toBe(true)
    expect(found.every(({ slowest }) => slowest !== undefined)).toBe(true)
    const slow = {
      ...library,
      people: library.people.map((person) => (person.id === 'tove' ? { ...person, walkingMetresPerSecond: 0.5 } : person)),
    }
    const { document } = classOf(['march', 'plank', 'march', 'march'], ['oren', 'ilse', 'tove', 'kwabena'])
    const named = transitionsOf(document, computeClass(document, slow), slow, bare).transitions
    expect(named.map(({ slowest }) => slowest)).toEqual(['Tove', 'Tove', 'Tove', 'Tove'])
    expect(between(3, 0, named)!.parts.walk).toBe(12)
  })

  it('before anybody is here, of the loop and of nobody by name; those with the least to spare first', () => {
    const found = ways(['march', 'plank', 'march', 'march'])
    expect(found.every((way) => !('slowest' in way))).toBe(true)
    expect(found.map(({ given, needed }) => needed - given)).toEqual(
      [...found.map(({ given, needed }) => needed - given)].sort((a, b) => b - a),
    )
  })

  it('none to where one stays, none for whoever waits, none over a repeat of the part', () => {
    // One station holds two turns: its people stay for the second.
    const double = ways(['march', 'plank', 'march'], ['oren', 'ilse', 'tove', 'kwabena'], (circuit) => (circuit.stations[1]!.span = 2))
    expect(double.every(({ from, to }) => from !== to)).toBe(true)
    const once = ways(['march', 'plank', 'march'], ['oren'], (circuit, { plan }) => {
      circuit.laps = 1
      plan.parts.find(({ pieces }) => pieces.includes(circuit))!.repeat = 2
    })
    // From the last station back to the first leads only the repeat.
    expect(once.map(({ from, to }) => `${from}${to}`).sort()).toEqual(['01', '12'])
  })

  it('none without a spot, a rotation or a time', () => {
    const { document, computed } = classOf(['march', 'plank', 'march'])
    const spots = document.spots!.slice(0, 2)
    expect(transitionsOf(document, computed, library, bare, spots).transitions.map(({ from, to }) => `${from}${to}`)).toEqual(['01'])
    expect(transitionsOf({ ...document, spots: undefined }, computed, library, bare)).toEqual({ transitions: [], cutOff: [] })
    const none = { ok: false as const, problems: [] }
    expect(transitionsOf(document, { ...computed, timeline: none }, library, bare)).toEqual({ transitions: [], cutOff: [] })
    const lost = { ...computed, rotations: computed.rotations.map((one) => ({ ...one, rotation: none })) }
    expect(transitionsOf(document, lost, library, bare).transitions).toEqual([])
  })

  it('a way that is cut off is told once, in each direction that people go', () => {
    const { document, computed } = classOf(['march', 'plank', 'march'], ['oren', 'ilse'])
    const wall = { id: 'w', kind: 'wall' as const, x: 4, y: 0, lengthMetres: 0.2, widthMetres: kilnFloor.widthMetres }
    const { transitions, cutOff } = transitionsOf(document, computed, library, { ...bare, features: [wall] })
    expect(cutOff).toEqual(
      expect.arrayContaining([
        { from: 1, to: 2 },
        { from: 2, to: 0 },
      ]),
    )
    expect(cutOff).toHaveLength(2)
    expect(transitions.map(({ from, to }) => `${from}${to}`)).toEqual(['01'])
  })
})
