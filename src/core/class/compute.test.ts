import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../scripts/demo/classes'
import { demoGear } from '../../../scripts/demo/hall'
import { demoPeople } from '../../../scripts/demo/people'
import { libraryExercises } from '../../../scripts/library/exercises'
import type { ClassDocument } from './class-document'
import { emptyStation } from '../plan/edit/simple'
import { intervals, plainCircuit } from '../plan/edit/make'
import type { Circuit } from '../plan/plan'
import { followSentence } from './demonstrators'
import { computeClass, peopleHere, groupPlaces } from './compute'

const library = { people: demoPeople, exercises: libraryExercises, gear: demoGear }
const lunch = (): ClassDocument => structuredClone(demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === 'demo-lunch')!.document)
let counter = 0
const newId = () => `w${counter++}`
const circuitId = 'll-stations'
const computed = (change: (document: ClassDocument) => void) => {
  const document = lunch()
  change(document)
  return computeClass(document, library)
}

describe('a class computed', () => {
  it('whoever follows from home has no place in the room’s counts', () => {
    const { people, atHome, groups, gear } = computed((document) => (document.fromHome = [document.here[0]!, document.here[1]!]))
    const all = computed(() => undefined)
    expect([people.length, atHome.length, groups.flat().length]).toEqual([14, 2, 14])
    const mats = (counted: typeof gear) => counted.lines.find((line) => line.kindId === 'mat')!.most
    expect(mats(gear)).toBeLessThanOrEqual(mats(all.gear))
    expect(all.atHome).toEqual([])
  })

  it('where partners change, single people move, and those who meet share the gear of a group', () => {
    const { rotations, gear } = computed((document) => (document.rotations = { [circuitId]: { rule: 'twoFiles' } }))
    const [{ rotation, units }] = rotations as [(typeof rotations)[number]]
    expect(units.every((unit) => unit.length === 1)).toBe(true)
    expect(rotation.ok && rotation.value.turns.every((turn) => turn.every((here) => here.length === 2))).toBe(true)
    // A bench for each group, not for each person: at most one is wanted at the step-up.
    expect(gear.byStation.find((known) => known.station === 3)!.most.find((known) => known.kindId === 'bench')!.count).toBe(1)
  })

  it('places are those of the smallest rotation, and of everybody where nobody rotates', () => {
    expect(groupPlaces(lunch().plan, 30)).toBe(8)
    const together = { ...lunch().plan, parts: lunch().plan.parts.slice(0, 1) }
    expect(groupPlaces(together, 30)).toBe(30)
  })

  it('a list for time is reckoned with the levels of who is here', () => {
    const stays = (level: 'trained' | 'newcomer') =>
      computed((document) => {
        const circuit = plainCircuit(
          newId,
          'Finisher',
          [
            {
              ...emptyStation(newId()),
              uses: [{ id: 'u', exerciseId: 'air-squat', reps: { count: 100, counted: 'total' }, sides: 'none' }],
            },
          ],
          { kind: 'task', goal: 'finish', openerCount: 0, rungRestSeconds: 0 } as Circuit['stay'],
        )
        document.plan.parts = [{ ...document.plan.parts[0]!, pieces: [circuit] }]
        document.walkIns = Array.from({ length: 3 }, (_, index) => ({ ...demoPeople[0]!, id: `w${index}`, level }))
        document.here = document.walkIns.map(({ id }) => id)
      }).timeline
    const [quick, slow] = [stays('trained'), stays('newcomer')]
    if (!quick.ok || !slow.ok) throw new Error('no timeline')
    expect(quick.value.range!.high).toBeLessThan(slow.value.range!.low)
    expect(quick.value.total).toBe(quick.value.range!.typical)
  })

  it('people come in the order in which they came; whom the hall no longer knows is left out', () => {
    expect(peopleHere({ here: ['tove', 'nobody', 'oren'], walkIns: [] }, demoPeople).map((person) => person.name)).toEqual(['Tove', 'Oren'])
  })

  it('says whom to follow, of those who are here', () => {
    const name = (id: string) => id.toUpperCase()
    expect(followSentence({ here: ['a', 'b'], demonstrators: { easier: 'a', agreed: 'a', harder: 'b', standard: 'gone' } }, name)).toBe(
      'Easier: follow A. Harder: follow B.',
    )
    expect(followSentence({ here: [] }, name)).toBe('')
  })

  it('in two waves, the list of those who wait is counted beside the stations, and told', () => {
    const inWaves = (list: boolean) =>
      computed((document) => {
        const circuit = document.plan.parts.flatMap((part) => part.pieces).find((piece) => piece.id === circuitId) as Circuit
        const meanwhile = plainCircuit(
          newId,
          'Meanwhile',
          [{ ...emptyStation(newId()), uses: [{ id: newId(), exerciseId: 'plank', sides: 'none' }] }],
          intervals([30]),
        )
        circuit.waves = { meanwhile: list ? meanwhile : { ...meanwhile, stations: [emptyStation(newId())] } }
      })
    const mats = ({ gear }: ReturnType<typeof computeClass>) => gear.lines.find((line) => line.kindId === 'mat')!.most
    const waiting = inWaves(true)
    // Eight pairs in two waves: while four are at the stations, the eight people of the others each take a mat.
    expect(mats(waiting) - mats(inWaves(false))).toBe(8)
    expect(waiting.gear.turns).toHaveLength(2 * 16 + computed(() => undefined).gear.turns.length - 16)
    expect(waiting.sentences![0]).toContain(
      'in two waves: half of the class works, the other half does 1 exercise, everyone the same: 0:30 work, 1 lap',
    )
  })
})
