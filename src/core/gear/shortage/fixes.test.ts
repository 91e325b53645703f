import { describe, expect, it } from 'vitest'
import { demoClasses } from '../../../../scripts/demo/classes'
import { demoGear, demoRooms } from '../../../../scripts/demo/hall'
import { demoPeople } from '../../../../scripts/demo/people'
import { libraryExercises } from '../../../../scripts/library/exercises'
import { computeClass } from '../../class/compute'
import type { Judged } from '../../class/fix'
import { ClassDocument } from '../../class/class-document'
import type { GearKind } from '../../library/gear-kind'
import { read } from '../../base/read'
import type { Circuit } from '../../plan/plan'
import { rotatingCircuits } from '../../plan/turns'
import { missingIn } from '../count'
import { gearFixes } from './fixes'
import { largestClass } from './largest-class'

let ids = 0
const judgedWith = (id: string, gear: GearKind[], change: (document: ClassDocument) => void = () => {}): Judged => {
  const document = structuredClone(demoClasses(new Date(2026, 0, 5)).find((sample) => sample.id === id)!.document)
  change(document)
  const library = { people: demoPeople, exercises: libraryExercises, gear }
  return { document, computed: computeClass(document, library), library, room: demoRooms[0], newId: () => `n${ids++}` }
}
const owning = (kindId: string, owned: number) =>
  demoGear.map((kind) => (kind.id === kindId ? { ...kind, sizes: kind.sizes.map((size) => ({ ...size, owned })) } : kind))
const shortLine = (judged: Judged, kindId: string) => judged.computed.gear.lines.find((line) => line.kindId === kindId && line.short > 0)!

describe('a shortage solved', () => {
  const kinds = [
    ['mat', 1],
    ['kettlebell', 1],
    ['loop-band', 2],
    ['bench', 0],
  ] as const
  for (const id of ['demo-lunch', 'demo-evening']) {
    it(`${id}: every fix leaves a sound class with less missing, and tells what is still short`, () => {
      let seen = 0
      for (const [kindId, owned] of kinds) {
        const judged = judgedWith(id, owning(kindId, owned))
        const line = shortLine(judged, kindId)
        if (!line) continue
        for (const fix of gearFixes(judged, line)) {
          seen++
          const after = fix.apply(judged.document)
          expect(read(ClassDocument, after).ok, fix.label).toBe(true)
          const computed = computeClass(after, judged.library)
          expect(missingIn(computed.gear), fix.label).toBeLessThan(missingIn(judged.computed.gear))
          expect(computed.gear.lines.find((known) => known.kindId === kindId && known.sizeId === line.sizeId)?.short ?? 0, fix.label).toBe(
            fix.short,
          )
          expect(computed.problems).toEqual([])
        }
      }
      expect(seen).toBeGreaterThan(4)
    })
  }

  it('knows all the ways: turns, nearest size, another form, another place, brought along', () => {
    const labels = (kindId: string, owned: number, id = 'demo-lunch') => {
      const judged = judgedWith(id, owning(kindId, owned))
      return [...gearFixes(judged, shortLine(judged, kindId))].map((fix) => fix.label).join('\n')
    }
    expect(labels('mat', 1)).toContain('Ask people to bring their own mat')
    expect(labels('mat', 1)).toMatch(/partners take turns, with one set/)
    expect(labels('mat', 1)).toMatch(/^Station \d: .* instead$/m)
  })

  it('a station is capped: smaller groups, with a rest station for those that are left over', () => {
    const judged = judgedWith('demo-lunch', owning('mat', 1), (document) => void (document.here = document.here.slice(0, 10)))
    const line = shortLine(judged, 'mat')
    const fix = [...gearFixes(judged, line)].find((gearFix) => gearFix.label === 'At most 1 at a station, and 2 rest stations more')!
    const after = computeClass(fix.apply(judged.document), judged.library)
    expect(after.groups.map((group) => group.length)).toEqual(Array(10).fill(1))
    expect(after.problems).toEqual([])
    expect(rotatingCircuits(fix.apply(judged.document).plan)[0]!.stations.filter((station) => station.rest)).toHaveLength(2)
  })

  it('the nearest size is really taken by those who are named', () => {
    const judged = judgedWith('demo-lunch', demoGear)
    const line = judged.computed.gear.lines.find((line) => line.short > 0 && line.sizeLabel)!
    const fix = [...gearFixes(judged, line)].find((gearFix) => gearFix.label.startsWith('Nearest size'))
    expect(fix).toBeDefined()
    const after = computeClass(fix!.apply(judged.document), judged.library)
    const changed = after.people.filter((person, index) => person.loads[line.kindId] !== judged.computed.people[index]!.loads[line.kindId])
    expect(changed.length).toBeGreaterThan(0)
    for (const person of changed) expect(fix!.label).toContain(person.name)
  })
})

describe('the largest class that the gear serves', () => {
  it('is one less than the first that runs short, and names what limits it', () => {
    const judged = judgedWith('demo-lunch', owning('bench', 0))
    expect(largestClass(judged.document, judged.library, judged.computed.people)).toMatchObject({
      people: 0,
      limit: { kindName: 'Bench', owned: 0 },
    })
    const plenty = judgedWith(
      'demo-lunch',
      demoGear.map((kind) => ({ ...kind, sizes: kind.sizes.map((size) => ({ ...size, owned: 500 })) })),
    )
    // Before anybody is ticked, of people like anyone.
    expect(largestClass({ ...plenty.document, here: [] }, plenty.library, [])).toEqual({ people: 17, full: true })
    // Eight stations, pairs, and the last of an uneven number makes a trio: seventeen.
    expect(largestClass(plenty.document, plenty.library, plenty.computed.people)).toEqual({ people: 17, full: true })
  })

  it('begins where the rule of a circuit has people enough, and says why where it never has', () => {
    const plenty = demoGear.map((kind) => ({ ...kind, sizes: kind.sizes.map((size) => ({ ...size, owned: 500 })) }))
    const wholeClass = (change: (circuit: Circuit) => void = () => {}) => {
      const judged = judgedWith('demo-lunch', plenty, (document) => {
        const circuit = rotatingCircuits(document.plan)[0]!
        change(circuit)
        document.rotations = { [circuit.id]: { rule: 'wholeClass' } }
      })
      return largestClass(judged.document, judged.library, judged.computed.people)
    }
    // With fewer than 5 the rule gives no mix; 8 stations of 2 hold 16.
    expect(wholeClass()).toEqual({ people: 16, full: true })
    const never = wholeClass((circuit) => (circuit.stations = circuit.stations.slice(0, 1)))
    expect(never).toMatchObject({ people: 0, full: false, problem: expect.stringContaining('one station only') })
  })
})
