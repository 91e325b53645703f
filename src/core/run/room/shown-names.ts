import type { CircuitView, RunSnapshot } from './snapshot'

/** What screens that all see call these people, in their order: as they wish; who wants no name there is a guest. */
export function shownNames(people: readonly { name: string; shownAs?: string | null | undefined }[]): string[] {
  const several = people.filter(({ shownAs }) => shownAs === null).length > 1
  let guests = 0
  return people.map(({ name, shownAs }) => (shownAs === null ? (several ? `Guest ${++guests}` : 'Guest') : (shownAs ?? name)))
}

const groupNames = ['', 'No.', 'Pair', 'Trio']

/**
 * How a screen calls those of some units who are at a place, each by name. A group of people who were only counted, and who stay
 * together and do the same at once, is called by its number: "Pair 3".
 */
export function calledThere(
  { groups, people }: RunSnapshot,
  circuit: CircuitView,
  units: readonly number[],
): { unit: number; name: string }[] {
  const byId = new Map(people.map((person) => [person.id, person]))
  return units.flatMap((unit) => {
    const there = ((circuit.units ?? groups)[unit] ?? []).flatMap((id) => byId.get(id) ?? [])
    if (circuit.units || circuit.pairs !== 'both' || there.length === 0 || !there.every(({ counted }) => counted))
      return there.map(({ name }) => ({ unit, name }))
    return [{ unit, name: `${groupNames[there.length] ?? 'Group'} ${unit + 1}` }]
  })
}

export const namesThere = (...there: Parameters<typeof calledThere>): string[] => calledThere(...there).map(({ name }) => name)
