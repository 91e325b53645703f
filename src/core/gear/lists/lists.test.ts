import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../../scripts/demo/classes'
import { demoGear } from '../../../../scripts/demo/hall'
import { demoPeople } from '../../../../scripts/demo/people'
import { libraryExercises } from '../../../../scripts/library/exercises'
import { computeClass, type ComputedClass } from '../../class/compute'
import type { ClassDocument } from '../../class/class-document'
import { rotatingCircuits } from '../../plan/turns'
import { bringList, carrySeconds, setUpList, sharedNextDoor, swapLists, tearDownList, type Pieces } from './lists'

const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }
const made = (id: string, change: (document: ClassDocument) => void = () => {}) => {
  const document = structuredClone(demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === id)!.document)
  change(document)
  return { document, computed: computeClass(document, library) }
}
const swapsOf = (document: ClassDocument, { timeline, gear, groups }: ComputedClass) =>
  swapLists(
    document.plan,
    timeline.ok ? timeline.value : expect.unreachable(),
    gear,
    groups.map((group) => group.length),
  )
const total = (pieces: readonly Pieces[], kindId: string, sizeId: string) =>
  pieces.filter((piece) => piece.kindId === kindId && piece.sizeId === sizeId).reduce((sum, piece) => sum + piece.count, 0)

describe('lists of gear', () => {
  for (const { id } of demoClasses(new Date(2026, 0, 5))) {
    it(`${id}: nothing is carried that is not owned, and all that is used is either set up, handed out, or goes round`, () => {
      const { document, computed } = made(id)
      const { places, goRound } = setUpList(document.plan, computed.gear)
      const atStations = places.filter((place) => place.station !== undefined).flatMap((place) => place.pieces)
      const [first] = rotatingCircuits(document.plan)
      for (const line of computed.gear.lines) {
        expect(total(atStations, line.kindId, line.sizeId)).toBeLessThanOrEqual(line.owned)
        const inFirst = computed.gear.turns.some((turn, index) => turn.pieceId === first?.id && line.byTurn[index]! > 0)
        const found = [...places.flatMap((place) => [...place.pieces, ...place.at]), ...goRound].some(
          (piece) => piece.kindId === line.kindId && piece.sizeId === line.sizeId,
        )
        if (inFirst && line.owned > 0) expect(found, line.kindName + line.sizeLabel).toBe(true)
        expect(total(tearDownList(document.plan, computed.gear), line.kindId, line.sizeId)).toBeLessThanOrEqual(line.owned)
      }
    })
  }

  it('a swap keeps what both sets use, and what goes, comes and stays adds up at every station', () => {
    const { document, computed } = made('demo-early')
    const [swap] = swapsOf(document, computed)
    const [from, to] = rotatingCircuits(document.plan)
    expect(swap!.stations.length).toBeGreaterThan(0)
    for (const known of swap!.stations) {
      const most = (pieceId: string) =>
        computed.gear.byStation
          .find((station) => station.pieceId === pieceId && station.station === known.station - 1)
          ?.most.filter(({ kindId }) => computed.gear.lines.find((line) => line.kindId === kindId)!.form !== 'place') ?? []
      for (const { kindId, sizeId, count } of most(from!.id))
        expect(total(known.goes, kindId, sizeId) + total(known.stays, kindId, sizeId)).toBe(count)
      for (const { kindId, sizeId, count } of most(to!.id))
        expect(total(known.comes, kindId, sizeId) + total(known.stays, kindId, sizeId)).toBe(count)
    }
    expect(swap!.given).toBe(140)
    expect(swap!.needed! % carrySeconds).toBe(0)
  })

  it('two circuits gone through twice swap three times, with all the time from the last work to the next', () => {
    const { document, computed } = made('demo-early', ({ plan }) => {
      const [first, second] = rotatingCircuits(plan)
      const pieces = [first!, { id: 'drink', type: 'pause' as const, kind: 'water' as const, seconds: 10 }, second!]
      plan.parts = [{ ...plan.parts[0]!, id: 'main', repeat: 2, restBetweenSeconds: 35, optional: false, pieces }]
    })
    const { phases } = computed.timeline.ok ? computed.timeline.value : { phases: [] }
    const [first, second] = rotatingCircuits(document.plan).map((circuit) =>
      phases.filter((phase) => phase.pieceId === circuit.id && phase.repeat === 0 && phase.kind === 'work'),
    )
    const swaps = swapsOf(document, computed)
    expect(swaps.map(({ times }) => times)).toEqual([2, 1])
    expect(swaps.map(({ from, to }) => from + to)).toEqual([swaps[0]!.from + swaps[0]!.to, swaps[0]!.to + swaps[0]!.from])
    expect(swaps[0]!.given).toBe(second![0]!.start - first!.at(-1)!.start - first!.at(-1)!.seconds)
    expect(swaps[0]!.given).toBeGreaterThanOrEqual(10)
    expect(swaps[1]!.given).toBeGreaterThanOrEqual(35)
  })

  it('while nobody is here nothing is said of how long they carry', () => {
    const { document, computed } = made('demo-early', (changed) => (changed.here = []))
    expect(swapsOf(document, computed).map(({ needed }) => needed)).toEqual([undefined])
  })

  it('what two neighbours share is used at both', () => {
    const { document, computed } = made('demo-lunch', (changed) => {
      const circuit = rotatingCircuits(changed.plan)[0]!
      circuit.stations[1]!.uses = [{ ...circuit.stations[0]!.uses[0]!, id: 'twin' }]
    })
    expect(sharedNextDoor(document.plan, computed.gear).some(({ stations }) => stations.join() === '1,2')).toBe(true)
  })

  it('who follows from home is told what to have there; everyone, what the class asks for', () => {
    const { document, computed } = made('demo-lunch', (changed) => {
      changed.fromHome = [changed.here[0]!]
      changed.bring = ['mat']
    })
    const [everyone, home] = bringList(document, computed, library)
    expect(everyone).toEqual({ who: 'Everyone', kinds: ['Mat'] })
    expect(home!.who).toBe('Oren, from home')
    expect(home!.kinds).toContain('Kettlebell')
    expect(computed.gear.lines.find((line) => line.kindId === 'mat')!.short).toBe(0)
  })
})
