import type { ClassDocument } from './class-document'
import type { Person } from '../library/person'
import { showing } from './demonstrators'

type Shown = Pick<ClassDocument, 'demonstrators'>

/** Whom a newcomer follows: who shows the easier version, else the standard one, of those who are in `groups`. */
function followed(document: Shown, groups: readonly (readonly Person[])[]): string | undefined {
  const here = new Set(groups.flat().map((person) => person.id))
  const { easier, standard } = showing(document)
  return [easier, standard].find((id) => id !== undefined && here.has(id))
}

/** Places between two stations round the room, the shorter way. */
const apart = (one: number, other: number, places: number) => Math.min((one - other + places) % places, (other - one + places) % places)

/** A newcomer sees whom to follow from the same station or the next one. */
const inSight = 1

export interface Sight {
  /** The newcomers who have somebody to follow, and those of them who see that person. */
  newcomers: Person[]
  seeing: Person[]
  /** Whom they follow. */
  followId: string
}

/**
 * Which newcomers begin within sight of whom they follow; `places` are the stations of the loop, and groups begin in order. In a
 * loop neighbours stay neighbours, so what holds at the start holds in every turn. `undefined` when nobody shows, or nobody is
 * new.
 */
export function sightOf(document: Shown, groups: readonly (readonly Person[])[], places: number): Sight | undefined {
  const followId = followed(document, groups)
  const at = groups.findIndex((group) => group.some((person) => person.id === followId))
  if (followId === undefined || at < 0) return undefined
  const newcomersAt = groups.flatMap((group, place) =>
    group.flatMap((person) => (person.level === 'newcomer' && person.id !== followId ? [{ person, place }] : [])),
  )
  if (newcomersAt.length === 0) return undefined
  return {
    newcomers: newcomersAt.map(({ person }) => person),
    seeing: newcomersAt.flatMap(({ person, place }) => (apart(place % places, at % places, places) <= inSight ? [person] : [])),
    followId,
  }
}

/**
 * The groups in an order in which those with most newcomers begin nearest to whom they follow. Whoever shows stays where they are;
 * no order puts more newcomers in sight, because the places nearest go to the groups with most of them.
 */
export function inSightOrder<G extends readonly Person[]>(document: Shown, groups: readonly G[], places: number): G[] {
  const followId = followed(document, groups)
  const at = groups.findIndex((group) => group.some((person) => person.id === followId))
  if (followId === undefined || at < 0) return [...groups]
  const newcomers = (group: G) => group.filter((person) => person.level === 'newcomer').length
  const free = groups.map((_, place) => place).filter((place) => place !== at)
  const nearest = [...free].sort((a, b) => apart(a % places, at % places, places) - apart(b % places, at % places, places))
  const needing = free.map((place) => groups[place]!).sort((a, b) => newcomers(b) - newcomers(a))
  const order = [...groups]
  // Those who need no one keep as near to their places as the others allow: they fill what is left in order.
  const moving = needing.filter((group) => newcomers(group) > 0)
  const taken = new Set(nearest.slice(0, moving.length))
  moving.forEach((group, index) => (order[nearest[index]!] = group))
  const rest = free.filter((place) => !taken.has(place))
  free
    .map((place) => groups[place]!)
    .filter((group) => newcomers(group) === 0)
    .forEach((group, index) => (order[rest[index]!] = group))
  return order
}
