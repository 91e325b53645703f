import type { RunSnapshot } from './snapshot'

/** What leaves the coach's own screens: names, and nothing of what anybody goes easy on. */
const namesOnly = (people: RunSnapshot['people']): RunSnapshot['people'] => people.map(({ id, name }) => ({ id, name, goEasy: [], goEasyNote: '' }))

/** The snapshot as the room wall may have it. */
export const forTheWall = (snapshot: RunSnapshot): RunSnapshot => ({ ...snapshot, people: namesOnly(snapshot.people), exceptions: [], doings: [] })

/** The snapshot as one person's card may have it: their own doings, ease and break, and others by their first names. */
export const forOne = (snapshot: RunSnapshot, personId: string): RunSnapshot => ({
  ...forTheWall(snapshot),
  people: namesOnly(snapshot.people).map((person, index) => {
    const { ease, onBreak } = snapshot.people[index]!
    return person.id === personId ? { ...person, ...(ease && { ease }), ...(onBreak && { onBreak }) } : person
  }),
  doings: (snapshot.doings ?? []).filter((each) => each.personId === personId),
})

/** The snapshot as the screen behind a link may have it. The controls are the coach's own, wherever they are opened. */
export function snapshotFor(screen: 'wall' | 'card' | 'station' | 'controls', subject: string, snapshot: RunSnapshot): RunSnapshot {
  if (screen === 'controls') return snapshot
  return screen === 'card' ? forOne(snapshot, subject) : forTheWall(snapshot)
}
