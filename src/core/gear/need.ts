import type { Exercise, GearNeed } from '../library/exercise'
import type { GearKind } from '../library/gear-kind'
import { formOf } from '../library/form'
import type { Person } from '../library/person'
import { formFor, type Doer } from '../options/form-for'
import type { PairsWork, Use } from '../plan/plan'

/** Pieces of gear by `kindId/sizeId`. */
export type SizeCounts = Map<string, number>

export const sizeKey = (kindId: string, sizeId: string) => `${kindId}/${sizeId}`

export const add = (count: SizeCounts, key: string, amount: number) => count.set(key, (count.get(key) ?? 0) + amount)

/** Raises `key` to `amount`, if it is less. */
export const raise = (count: SizeCounts, key: string, amount: number) => count.set(key, Math.max(count.get(key) ?? 0, amount))

export type Borrower = Pick<Doer, 'level' | 'loads' | 'goEasy' | 'shows'>

const anyone: Borrower = { level: 'regular', loads: {}, goEasy: [] }

/**
 * The size of a kind that one person takes: the plan's own load, else what the person usually takes, else what the exercise gives
 * their level, else the kind's first size. A load that the hall does not have in that weight goes to the nearest size, the lighter
 * of two equally near.
 */
export function sizeFor(person: Pick<Person, 'level' | 'loads'>, need: GearNeed, use: Use, kind: GearKind): string {
  const planned = use.load?.kilograms
  if (planned !== undefined) {
    const weighed = kind.sizes.filter((size) => size.kilograms !== undefined)
    const nearest = weighed.sort(
      (a, b) => Math.abs(a.kilograms! - planned) - Math.abs(b.kilograms! - planned) || a.kilograms! - b.kilograms!,
    )[0]
    if (nearest) return nearest.id
  }
  const has = (id: string | undefined) => (id !== undefined && kind.sizes.some((size) => size.id === id) ? id : undefined)
  return has(person.loads[kind.id]) ?? has(need.sizeByLevel?.[person.level]) ?? kind.sizes[0]!.id
}

/** One kind that somebody takes for a use: in which size, how many, and whether for themselves, their group or the station. */
export interface PersonNeed {
  key: string
  kindId: string
  count: number
  per: GearNeed['per']
}

/**
 * What somebody needs for `use` in the form that suits them; what stands at the station is in the size for anyone. Kinds that the
 * hall does not know are passed to `unknown`.
 */
export function personNeeds(
  person: Borrower | undefined,
  use: Use,
  exercise: Exercise,
  kinds: ReadonlyMap<string, GearKind>,
  unknown: (kindId: string) => void,
): PersonNeed[] {
  const form = person ? formFor(person, use, exercise).form : formOf(exercise, use.optionId)
  return form.gear.flatMap((need): PersonNeed[] => {
    const kind = kinds.get(need.kindId)
    if (!kind) unknown(need.kindId)
    if (!kind) return []
    const who = need.per === 'station' || !person ? anyone : person
    return [{ key: sizeKey(kind.id, sizeFor(who, need, use, kind)), kindId: kind.id, count: need.count, per: need.per }]
  })
}

/** What a group needs, by what each of them does. A group that takes turns or halves shares: it needs one set of each size it uses. */
export function groupNeed(group: readonly (readonly PersonNeed[])[], pairs: PairsWork): SizeCounts {
  const needs = sharedOf(group)
  if (pairs === 'both') {
    for (const one of group) for (const { key, count, per } of one) if (per === 'person') add(needs, key, count)
    return needs
  }
  const oneSet: SizeCounts = new Map()
  for (const one of group) for (const { key, count, per } of one) if (per === 'person') raise(oneSet, key, count)
  for (const [key, count] of oneSet) add(needs, key, count)
  return needs
}

/** What a group has once between them: of each kind in the size of whoever is first in it. */
function sharedOf(group: readonly (readonly PersonNeed[])[]): SizeCounts {
  const shared: SizeCounts = new Map()
  const kinds: string[] = []
  for (const needs of group) {
    for (const { key, kindId, count, per } of needs) {
      if (per !== 'group' || kinds.includes(kindId)) continue
      kinds.push(kindId)
      raise(shared, key, count)
    }
  }
  return shared
}

/** What `group` needs for `use`, each of them in the form that suits them. */
export const needOf = (
  group: readonly Borrower[],
  use: Use,
  exercise: Exercise,
  pairs: PairsWork,
  kinds: ReadonlyMap<string, GearKind>,
  unknown: (kindId: string) => void,
): SizeCounts =>
  groupNeed(
    group.map((person) => personNeeds(person, use, exercise, kinds, unknown)),
    pairs,
  )

/** Raises `stands` to what stands at a station for what somebody does there. */
export function raiseStanding(stands: SizeCounts, needs: readonly PersonNeed[]): void {
  for (const { key, count, per } of needs) if (per === 'station') raise(stands, key, count)
}
