import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { snapshotOf } from '../../../tests/fixtures/demo-run'
import { withPeopleChange, type PeopleChange } from './people-change'
import type { RunSnapshot } from './snapshot'

const changed = (snapshot: RunSnapshot, change: PeopleChange, at = 0) => {
  const result = withPeopleChange(snapshot, change, at)
  if (!result.ok) throw new Error(result.problems[0]!.message)
  return result.value
}
const lunch = snapshotOf('demo-lunch')
const turnOf = (snapshot: RunSnapshot, turn: number) => snapshot.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === 'll-stations' && phase.turn === turn)!.index

describe('people of a class under way', () => {
  it('a late arrival joins the smaller group; in equal pairs the last one becomes a trio; told in words', () => {
    const late: PeopleChange = { type: 'arrives', id: 'late', name: 'Quill' }
    const trio = changed(lunch, late)
    expect(trio.told).toEqual(['Quill joins Lior and Hettie.'])
    expect(trio.snapshot.groups.map((group) => group.length)).toEqual([2, 2, 2, 2, 2, 2, 2, 3])
    const one = changed(lunch, { type: 'leaves', personId: 'tove' }).snapshot
    expect(changed(one, late).told).toEqual(['Quill joins Kwabena.'])
  })

  it('where people work alone, a free place from the next turn on; those on their way stay on it', () => {
    const solo = snapshotOf('demo-lunch', (document) => Object.assign(document, { groupSize: 'solo', here: document.here.slice(0, 6) }))
    const { snapshot, told } = changed(solo, { type: 'arrives', id: 'late', name: 'Quill' }, turnOf(solo, 3))
    expect(told[0]).toBe('Quill has a place of their own.')
    const [before, after] = [solo, snapshot].map((each) => each.circuits['ll-stations']!.turns!)
    const unit = solo.groups.length
    after!.forEach((stations, turn) => {
      expect(stations.map((here) => here.filter((each) => each !== unit))).toEqual(before![turn])
      expect(stations.flat().includes(unit)).toBe(turn > 3)
    })
  })

  it('a leaver leaves nobody behind unsaid', () => {
    const { snapshot, told } = changed(lunch, { type: 'leaves', personId: 'tove' })
    expect(told).toEqual(['Tove has left.', 'Kwabena is alone now: let them trade places, or join another pair.'])
    expect(JSON.stringify(snapshot.groups)).not.toContain('tove')
  })

  it('two trade places, also where partners change', () => {
    const files = snapshotOf('demo-lunch', (document) => (document.rotations = { 'll-stations': { rule: 'twoFiles' } }))
    const { snapshot } = changed(files, { type: 'tradePlaces', one: 'oren', other: 'tove' })
    const at = (of: RunSnapshot, id: string) => of.circuits['ll-stations']!.units!.findIndex((ids) => ids.includes(id))
    expect([at(snapshot, 'oren'), at(snapshot, 'tove')]).toEqual([at(files, 'tove'), at(files, 'oren')])
  })

  it('what means nothing is refused in words', () => {
    const refused = (change: PeopleChange) => withPeopleChange(lunch, change, 0)
    expect(refused({ type: 'leaves', personId: 'nobody' })).toMatchObject({ ok: false, problems: [{ code: 'notHere' }] })
    expect(refused({ type: 'arrives', id: 'x', name: 'oren' })).toMatchObject({ ok: false, problems: [{ code: 'isHere', field: 'change.name' }] })
    expect(refused({ type: 'tradePlaces', one: 'oren', other: 'oren' })).toMatchObject({ ok: false, problems: [{ code: 'samePerson' }] })
  })

  it('after any sequence of changes everyone who is here is in one place at most, and nobody is lost', () => {
    const step = fc.oneof(fc.record({ kind: fc.constant('arrives' as const), at: fc.nat(60) }), fc.record({ kind: fc.constant('leaves' as const), at: fc.nat(60) }), fc.record({ kind: fc.constant('trade' as const), at: fc.nat(60) }))
    const rules = fc.constantFrom('loop' as const, 'twoFiles' as const, 'fullMix' as const)
    fc.assert(
      fc.property(rules, fc.boolean(), fc.array(step, { maxLength: 8 }), (rule, solo, steps) => {
        let snapshot = snapshotOf('demo-lunch', (document) => {
          document.rotations = { 'll-stations': { rule } }
          if (solo && rule === 'loop') Object.assign(document, { groupSize: 'solo', here: document.here.slice(0, 7) })
        })
        steps.forEach(({ kind, at }, index) => {
          const ids = snapshot.people.map((person) => person.id)
          if (ids.length < 2) return
          const [one, other] = [ids[at % ids.length]!, ids[(at + 1) % ids.length]!]
          const change: PeopleChange = kind === 'arrives' ? { type: 'arrives', id: `new${index}`, name: `New ${index}` } : kind === 'leaves' ? { type: 'leaves', personId: one } : { type: 'tradePlaces', one, other }
          snapshot = changed(snapshot, change, at).snapshot
        })
        const here = snapshot.people.map((person) => person.id).sort()
        expect(snapshot.groups.flat().sort()).toEqual(here)
        const circuit = snapshot.circuits['ll-stations']!
        const units = circuit.units ?? snapshot.groups
        expect(units.flat().sort()).toEqual(here)
        for (const stations of circuit.turns!) {
          const placed = stations.flat().flatMap((unit) => units[unit]!)
          expect(new Set(placed).size).toBe(placed.length)
        }
      }),
      { numRuns: 60 },
    )
  })
})
