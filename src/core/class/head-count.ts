import type { Doer } from '../options/form-for'

/**
 * So many people of whom nobody took the names: regulars, who go easy on nothing that is known. Those of another class are other
 * people, of whom nothing is remembered: their ids have the class's time in them.
 */
export const counted = (count: number, startsAt = ''): Doer[] =>
  Array.from({ length: count }, (_, index) => ({
    id: `head-${index + 1}-${(Date.parse(startsAt) || 0).toString(36)}`,
    name: `No. ${index + 1}`,
    level: 'regular',
    goEasy: [],
    goEasyNote: '',
    loads: {},
    counted: true,
  }))

/**
 * These people, those who were only counted under the number of their group and a letter, as the room counts off: 3A and 3B are
 * the third pair. Who is alone has the number.
 */
export function numbered(people: readonly Doer[], groups: readonly (readonly Doer[])[]): Doer[] {
  const letter = (place: number) => (place < 26 ? String.fromCharCode(65 + place) : `-${place + 1}`)
  const names = new Map(
    groups.flatMap((group, at) => group.map(({ id }, place) => [id, group.length === 1 ? `No. ${at + 1}` : `${at + 1}${letter(place)}`])),
  )
  return people.map((person) => (person.counted ? { ...person, name: names.get(person.id) ?? person.name } : person))
}
