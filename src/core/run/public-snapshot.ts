import type { RunSnapshot } from './snapshot'

/** What leaves the coach's own screens: names, and nothing of what anybody goes easy on. */
const namesOnly = (people: RunSnapshot['people']): RunSnapshot['people'] => people.map(({ id, name }) => ({ id, name, goEasy: [], goEasyNote: '' }))

/** The snapshot as the room wall may have it. */
export const forTheWall = (snapshot: RunSnapshot): RunSnapshot => ({ ...snapshot, people: namesOnly(snapshot.people), exceptions: [], doings: [] })

/** The snapshot as one person's card may have it: their own doings, and others by their first names. */
export const forOne = (snapshot: RunSnapshot, personId: string): RunSnapshot => ({ ...forTheWall(snapshot), doings: (snapshot.doings ?? []).filter((each) => each.personId === personId) })
