import { describe, expect, it } from 'vitest'
import { snapshotOf } from '../../../tests/fixtures/demo-run'
import { RunSnapshotSchema } from '../run/room/snapshot-schema'
import { nameless, withoutPerson } from './erase'

describe('a document without a person', () => {
  it('loses them from lists, pairs, groups, keys and single places, and nothing else', () => {
    const document = {
      name: 'a',
      here: ['a', 'b'],
      walkIns: [{ id: 'a' }, { id: 'c' }],
      arranged: [{ ids: ['a'] }, { ids: ['a', 'b'] }],
      wishes: {
        together: [
          ['a', 'b'],
          ['b', 'c'],
        ],
      },
      sizes: { a: { mat: 'one' }, b: {} },
      demonstrators: { easier: 'a', agreed: 'a', harder: 'b' },
      plan: { id: 'a', parts: [{ id: 'a' }] },
    }
    expect(withoutPerson(document, 'a')).toEqual({
      name: 'a',
      here: ['b'],
      walkIns: [{ id: 'c' }],
      arranged: [{ ids: ['b'] }],
      wishes: { together: [['b', 'c']] },
      sizes: { b: {} },
      demonstrators: { harder: 'b' },
      plan: document.plan,
    })
  })
})

describe('a run without a name', () => {
  it('still counts somebody, and tells nothing of them', () => {
    const snapshot = snapshotOf('demo-sixties', (document) => {
      document.demonstrators = { easier: document.here[0]!, agreed: document.here[0]!, standard: document.here[1]! }
    })
    const { id, name } = snapshot.people[0]!
    const after = nameless(snapshot, { id, name, instead: 'gone-1' })
    expect(RunSnapshotSchema.safeParse(after).error).toBeUndefined()
    expect(after.people).toHaveLength(snapshot.people.length)
    expect(JSON.stringify(after)).not.toMatch(new RegExp(`"${id}"|\\b${name}\\b`))
    expect(after.follow).toContain('somebody')
    expect(after.groups.flat()).toContain('gone-1')
    expect(Object.keys(after.own!.of)).not.toContain('gone-1')
    expect(Object.keys(after.own!.of).length).toBeGreaterThan(0)
  })

  it('nor of what they wished to be called', () => {
    const people = [{ id: 'x', name: 'Ann', shownAs: 'Kestrel' }]
    const said = nameless({ people, follow: 'Easier: follow Kestrel.' }, { id: 'x', name: 'Ann', instead: 'gone-1' })
    expect(said).toEqual({ people: [{ id: 'gone-1', name: 'somebody' }], follow: 'Easier: follow somebody.' })
    // Also of those who have left the class.
    const gone = nameless({ people: [], left: people, follow: 'Easier: follow Kestrel.' }, { id: 'x', name: 'Ann', instead: 'gone-1' })
    expect(JSON.stringify(gone)).not.toMatch(/Kestrel|Ann/)
  })

  it('names that begin alike are left alone', () => {
    const said = nameless({ people: [], follow: 'Easier: follow Ann. Harder: follow Anna.' }, { id: 'x', name: 'Ann', instead: 'gone-1' })
    expect(said.follow).toBe('Easier: follow somebody. Harder: follow Anna.')
  })
})
