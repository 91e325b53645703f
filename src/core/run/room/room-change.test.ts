import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { classDocument, demoLibrary, pressed, snapshotOf } from '../../../../tests/fixtures/demo-run'
import { foldEvents } from '../clock/apply'
import { changeFor, withAsk } from './card-ask'
import { cardView } from '../screens/card-view'
import { forOne } from './public-snapshot'
import { doingsAtPlaces } from './own-doings'
import { roomView } from '../screens/room-view'
import { stateAt } from '../clock/state'
import { withRoomChange, type RoomChange } from './room-change'
import { roomVersion } from './room-version'
import { withKnown } from './take-snapshot'
import type { RunSnapshot } from './snapshot'

const changed = (snapshot: RunSnapshot, change: RoomChange, at = 0) => {
  const result = withRoomChange(snapshot, change, at)
  if (!result.ok) throw new Error(result.problems[0]!.message)
  return result.value
}
const lunch = snapshotOf('demo-lunch')
const turnOf = (snapshot: RunSnapshot, turn: number) =>
  snapshot.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === 'll-stations' && phase.turn === turn)!.index

describe('people of a class under way', () => {
  it('a late arrival joins the smaller group; in equal pairs the last one becomes a trio; told in words', () => {
    const late: RoomChange = { type: 'arrives', id: 'late', name: 'Quill' }
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
    const [before, after] = [solo, snapshot].map((runSnapshot) => runSnapshot.circuits['ll-stations']!.turns!)
    const unit = solo.groups.length
    after!.forEach((stations, turn) => {
      expect(stations.map((here) => here.filter((id) => id !== unit))).toEqual(before![turn])
      expect(stations.flat().includes(unit)).toBe(turn > 3)
    })
  })

  it('whom the hall knows brings along what they go easy on, seen by the coach and on their own card only', () => {
    const rosalind = demoLibrary.people.find((person) => person.name === 'Rosalind')!
    const arrived = changed(lunch, { type: 'arrives', id: rosalind.id, name: rosalind.name }).snapshot
    const known = withKnown(arrived, rosalind, classDocument('demo-lunch'), demoLibrary)
    expect(known.people.at(-1)).toMatchObject({ id: rosalind.id, goEasy: ['balance', 'jumps'], goEasyNote: 'new hip, ask first' })
    const own = doingsAtPlaces(known.own!, rosalind.id).map(([, doing]) => doing)
    expect(own.some(({ watch }) => watch?.includes('easy on'))).toBe(true)
    expect(known.own!.of).toMatchObject(Object.fromEntries(Object.keys(lunch.own!.of).map((id) => [id, expect.anything() as unknown])))
    expect(JSON.stringify(forOne(known, 'oren'))).not.toContain('new hip')
  })

  it('a break and its end are told, and move nobody', () => {
    const rests = changed(lunch, changeFor('break', 'oren'))
    expect(rests.told).toEqual(['Oren takes a break.'])
    expect(rests.snapshot).toMatchObject({ groups: lunch.groups, circuits: lunch.circuits })
    expect(changed(rests.snapshot, changeFor('back', 'oren'))).toMatchObject({
      told: ['Oren is back.'],
      snapshot: { people: expect.arrayContaining([expect.objectContaining({ id: 'oren', onBreak: false })]) },
    })
    expect(changed(lunch, changeFor('easier', 'oren')).snapshot.people[0]).toMatchObject({ id: 'oren', ease: 'easier' })
    expect(withRoomChange(lunch, changeFor('break', 'nobody'), 0)).toMatchObject({ ok: false, problems: [{ code: 'notHere' }] })
  })

  it('what cards ask makes no newer state of the room for a coach', () => {
    const asked = withAsk(lunch, 'break', 'oren')
    expect(asked).toMatchObject({ ok: true, value: { asks: 1 } })
    if (asked.ok) expect(roomVersion({ version: 8, snapshot: asked.value })).toBe(roomVersion({ version: 7, snapshot: lunch }))
    expect(withAsk(lunch, 'break', 'nobody').ok).toBe(false)
  })

  it('a leaver leaves nobody behind unsaid', () => {
    const { snapshot, told } = changed(lunch, { type: 'leaves', personId: 'tove' })
    expect(told).toEqual(['Tove has left.', 'Kwabena is alone now: let them trade places, or join another pair.'])
    expect(JSON.stringify(snapshot.groups)).not.toContain('tove')
    expect(snapshot.left).toEqual([{ id: 'tove', name: 'Tove' }])
  })

  it('a station out of order takes nobody from this moment, everyone who came there is told where to go; open again, it is used', () => {
    const now = turnOf(lunch, 2)
    const closed = changed(lunch, { type: 'closes', pieceId: 'll-stations', station: 4 }, now)
    expect(closed.told[0]).toBe('Station 5 is out of order.')
    expect(closed.told[1]).toMatch(/go now to station \d/)
    const turns = closed.snapshot.circuits['ll-stations']!.turns!
    turns.forEach((stations, turn) => {
      if (turn >= 2) expect(stations[4]).toEqual([])
      else expect(stations).toEqual(lunch.circuits['ll-stations']!.turns![turn])
      expect(stations.flat().sort()).toEqual([0, 1, 2, 3, 4, 5, 6, 7])
    })
    expect(closed.told.join(' ')).toContain('groups do not come to it any more')
    expect(withRoomChange(closed.snapshot, { type: 'closes', pieceId: 'll-stations', station: 4 }, now)).toMatchObject({
      ok: false,
      problems: [{ code: 'isSo' }],
    })
    const open = changed(closed.snapshot, { type: 'opens', pieceId: 'll-stations', station: 4 }, now)
    expect(open.snapshot.circuits['ll-stations']!.closed).toEqual([])
    // Those who were sent away go back, and are told so.
    const who = closed.told[1]!.split(' go now')[0]!
    expect(open.told.slice(0, 2)).toEqual(['Station 5 is open again.', `${who} go now to station 5.`])
    expect(withRoomChange(lunch, { type: 'closes', pieceId: 'll-stations', station: 30 }, now)).toMatchObject({
      ok: false,
      problems: [{ code: 'noStation' }],
    })
  })

  it('easier for everyone shows the easier option where there is one; for one person, on their card and to the coach; who has an option of their own keeps it', () => {
    const events = pressed([0, 'start'])
    const second = lunch.timeline.phases[turnOf(lunch, 0)]!.start + 12
    const state = stateAt(foldEvents(lunch.timeline, events), second * 1000)
    const [all, one] = [
      changed(lunch, { type: 'ease', ease: 'easier' }).snapshot,
      changed(lunch, { type: 'ease', ease: 'easier', personId: 'oren' }).snapshot,
    ]
    const usual = lunch.circuits['ll-stations']!.stations.map((station) => station.exercises[0]!)
    expect(roomView(all, state).tiles.map((tile) => tile.exercise)).toEqual(usual.map((exercise) => exercise.easier?.name ?? exercise.name))
    expect(roomView(one, state).tiles.map((tile) => tile.exercise)).toEqual(usual.map((exercise) => exercise.name))
    expect(roomView(one, state).watch.find((watched) => watched.name === 'Oren')?.text).toBe(
      `easier: ${usual[0]!.easier!.name.toLowerCase()}`,
    )
    expect(cardView(forOne(one, 'oren'), state, 'oren')!.now!.exercise).toBe(usual[0]!.easier!.name)
    expect(cardView(forOne(one, 'maribel'), state, 'maribel')!.now!.exercise).toBe(usual[0]!.name)
    const exceptions = lunch.people.flatMap(({ id: personId }) =>
      doingsAtPlaces(lunch.own!, personId).flatMap(([key, own]) => {
        const [pieceId, station] = key.split('/')
        return pieceId === 'll-stations' && own.watch ? [{ personId, station: Number(station), own }] : []
      }),
    )
    expect(exceptions.length).toBeGreaterThan(0)
    for (const { personId, station, own } of exceptions) {
      const turn = lunch.circuits['ll-stations']!.turns!.findIndex((stations) =>
        stations[station]!.some((unit) => lunch.groups[unit]!.includes(personId)),
      )
      const then = stateAt(foldEvents(lunch.timeline, events), (lunch.timeline.phases[turnOf(lunch, turn)]!.start + 12) * 1000)
      if (own.name !== usual[station]!.name) expect(cardView(forOne(all, personId), then, personId)!.now!.exercise).toBe(own.name)
    }
  })

  it('two trade places, also where partners change', () => {
    const files = snapshotOf('demo-lunch', (document) => (document.rotations = { 'll-stations': { rule: 'twoFiles' } }))
    const { snapshot } = changed(files, { type: 'tradePlaces', one: 'oren', other: 'tove' })
    const at = (of: RunSnapshot, id: string) => of.circuits['ll-stations']!.units!.findIndex((ids) => ids.includes(id))
    expect([at(snapshot, 'oren'), at(snapshot, 'tove')]).toEqual([at(files, 'tove'), at(files, 'oren')])
  })

  it('what means nothing is refused in words', () => {
    const refused = (change: RoomChange) => withRoomChange(lunch, change, 0)
    expect(refused({ type: 'leaves', personId: 'nobody' })).toMatchObject({ ok: false, problems: [{ code: 'notHere' }] })
    expect(refused({ type: 'arrives', id: 'x', name: 'oren' })).toMatchObject({
      ok: false,
      problems: [{ code: 'isHere', field: 'change.name' }],
    })
    expect(refused({ type: 'tradePlaces', one: 'oren', other: 'oren' })).toMatchObject({ ok: false, problems: [{ code: 'samePerson' }] })
  })

  it('after any sequence of changes everyone who is here is in one place at most, and nobody is lost', () => {
    const step = fc.oneof(
      fc.record({ kind: fc.constant('arrives' as const), at: fc.nat(60) }),
      fc.record({ kind: fc.constant('leaves' as const), at: fc.nat(60) }),
      fc.record({ kind: fc.constantFrom('trade' as const, 'closes' as const, 'opens' as const), at: fc.nat(60) }),
    )
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
          const change: RoomChange =
            kind === 'closes' || kind === 'opens'
              ? { type: kind, pieceId: 'll-stations', station: at % 8 }
              : kind === 'arrives'
                ? { type: 'arrives', id: `new${index}`, name: `New ${index}` }
                : kind === 'leaves'
                  ? { type: 'leaves', personId: one }
                  : { type: 'tradePlaces', one, other }
          const result = withRoomChange(snapshot, change, at)
          // A station that is closed already, or the last one open, is refused in words.
          if (result.ok) snapshot = result.value.snapshot
          else expect(['closes', 'opens']).toContain(kind)
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
      { numRuns: 15 },
    )
  })
})
