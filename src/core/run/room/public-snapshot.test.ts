import { describe, expect, it } from 'vitest'
import { snapshotOf } from '../../../../tests/fixtures/demo-run'
import { snapshotFor } from './public-snapshot'
import type { RunSnapshot } from './snapshot'

/** Every key of an object and of what is in it, with `*` for ids and places in a list. */
function keysOf(value: unknown, path = '', found = new Set<string>()): Set<string> {
  if (Array.isArray(value)) for (const inner of value) keysOf(inner, `${path}[]`, found)
  else if (typeof value === 'object' && value !== null) {
    const byId = /^(circuits|pieceNames|notes|figures|been|been\.\*|circuits\.\*\.varied)$/.test(path)
    for (const [key, inner] of Object.entries(value)) {
      const at = [path, byId ? '*' : key].filter(Boolean).join('.')
      found.add(at)
      keysOf(inner, at, found)
    }
  }
  return found
}

/** A run in which everything happens that a snapshot can hold. */
const eventful: RunSnapshot = {
  ...snapshotOf('demo-sixties', (document) => {
    document.demonstrators = { easier: document.here[0]!, agreed: document.here[0]! }
    document.ownTaps = true
    document.scores = true
  }),
  left: [{ id: 'gone', name: 'Gone' }],
  asks: 7,
  ease: 'easier',
  been: { rosalind: { 'a/0': 1 }, other: { 'a/0': 2 } },
}
const [first] = eventful.people
Object.assign(first!, { goEasy: ['knee'], goEasyNote: 'a private matter', ease: 'easier', onBreak: true })
Object.assign(eventful, { secret: 'of tomorrow' })

const ofEverybody = [
  'circuits',
  'circuits.*',
  'ease',
  'figures',
  'figures.*',
  'follow',
  'groups',
  'name',
  'notes',
  'pieceNames',
  'pieceNames.*',
  'people',
  'people[].goEasy',
  'people[].goEasyNote',
  'people[].id',
  'people[].name',
  'roomName',
  'scores',
  'sentences',
  'showing',
  'showing.easier',
  'slotSeconds',
  'startsAt',
  'timeline',
].sort()
const shallow = (snapshot: RunSnapshot) =>
  [...keysOf(snapshot)].filter((key) => !/^(timeline\.|circuits\.\*\.|notes\.|figures\.\*\.)/.test(key)).sort()

describe('what shared screens may know', () => {
  it('shows the room no picture of what somebody does for themselves', () => {
    const mine = { name: 'Seated march', sides: 'none' as const, how: '', figure: 'march/seated-march' }
    const kept = { figure: Object.values(eventful.figures!)[0]!.figure, repSeconds: 3 }
    const own = { doings: [mine], ways: [{ 'x/0/0': 0 }], of: { [first!.id]: 0 } }
    const withOwn = { ...eventful, own, figures: { ...eventful.figures, [mine.figure]: kept } }
    expect(Object.keys(snapshotFor('wall', '', withOwn).figures!)).not.toContain(mine.figure)
    expect(snapshotFor('card', first!.id, withOwn).figures![mine.figure]).toEqual(kept)
    expect(Object.keys(snapshotFor('card', eventful.people[1]!.id, withOwn).figures!)).not.toContain(mine.figure)
  })

  it('calls people as they wish, and who wants no name there a guest; their own cards and the coach have their names', () => {
    const wished = {
      ...eventful,
      people: eventful.people.map((person, at) => ({ ...person, ...(at < 3 && { shownAs: ['Kestrel', null, null][at]! }) })),
    }
    const names = (screen: 'wall' | 'card' | 'controls', subject = '') =>
      snapshotFor(screen, subject, wished)
        .people.slice(0, 3)
        .map(({ name }) => name)
    const real = wished.people.slice(0, 3).map(({ name }) => name)
    expect(names('wall')).toEqual(['Kestrel', 'Guest 1', 'Guest 2'])
    expect(names('card', wished.people[1]!.id)).toEqual(['Kestrel', real[1], 'Guest 2'])
    expect(names('controls')).toEqual(real)
    expect(JSON.stringify(snapshotFor('wall', '', wished))).not.toContain(`"${real[0]}"`)
  })

  it('is this of the wall and of a station, and nothing else', () => {
    for (const screen of ['wall', 'station'] as const) expect(shallow(snapshotFor(screen, '1', eventful))).toEqual(ofEverybody)
    expect(JSON.stringify(snapshotFor('wall', '', eventful))).not.toMatch(/private matter|of tomorrow|"Gone"/)
  })

  it('of a circuit no more than where everybody goes and what is done there', () => {
    const keys = [...keysOf(snapshotFor('wall', '', eventful))]
      .filter((key) => /^circuits\.\*\.\w+$/.test(key))
      .map((key) => key.split('.').at(-1))
    const allowed = [
      'carried',
      'brings',
      'name',
      'rotates',
      'laps',
      'turnsPerLap',
      'pairs',
      'pairsSentence',
      'stations',
      'varied',
      'turns',
      'units',
      'say',
      'closed',
    ]
    expect(allowed).toEqual(expect.arrayContaining(keys))
  })

  it('of a card besides what its own person does, asks and was', () => {
    const card = snapshotFor('card', first!.id, eventful)
    const own = [
      'own',
      'own.doings',
      ...['easier', 'easier.name', 'easier.points', 'harder', 'harder.name', 'harder.points'].map((key) => `own.doings[].${key}`),
      ...['easier.figure', 'harder.figure', 'figure'].map((key) => `own.doings[].${key}`),
      ...['how', 'name', 'points', 'sides', 'tempo', 'tempo.figures', 'tempo.from'].map((key) => `own.doings[].${key}`),
      'own.of',
      `own.of.${first!.id}`,
      'own.ways',
      'ownTaps',
      'people[].ease',
      'people[].onBreak',
    ]
    expect(shallow(card).filter((key) => !/^been|^own\.ways\[\]/.test(key))).toEqual([...ofEverybody, ...own].sort())
    expect(Object.keys(card.own!.of)).toEqual([first!.id])
    expect(card.people.filter(({ onBreak, ease }) => onBreak || ease).map(({ id }) => id)).toEqual([first!.id])
    expect(Object.keys(snapshotFor('card', 'rosalind', eventful).been ?? {})).toEqual(['rosalind'])
  })

  it('and the controls, which are the coach’s own, everything', () => {
    expect(snapshotFor('controls', '', eventful, true)).toBe(eventful)
  })

  it('but what people go easy on, for who runs the class without knowing that: what is done instead stays', () => {
    const doing = { name: 'Seated march', sides: 'none' as const, how: '20 reps', watch: 'a matter of the knee' }
    const own = { doings: [doing], ways: [{ 'x/0/0': 0 }], of: { [first!.id]: 0 } }
    const shown = snapshotFor('controls', '', { ...eventful, own })
    expect(JSON.stringify(shown)).not.toMatch(/private matter|matter of the knee/)
    expect(shown.own?.doings).toEqual([{ name: 'Seated march', sides: 'none', how: '20 reps', watch: 'Seated march' }])
    expect(shown.people.every(({ goEasy }) => goEasy.length === 0)).toBe(true)
    expect(keysOf(shown)).toEqual(keysOf({ ...eventful, own }))
  })
})
