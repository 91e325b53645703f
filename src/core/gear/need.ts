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

/**
 * What `group` needs for `use`, each of them in the form that suits them. A group that takes turns or halves shares: it needs one
 * set of each size it uses. Kinds that the hall does not know are passed to `unknown`.
 */
export function needOf(
  group: readonly Borrower[],
  use: Use,
  exercise: Exercise,
  pairs: PairsWork,
  kinds: ReadonlyMap<string, GearKind>,
  unknown: (kindId: string) => void,
): SizeCounts {
  const own: SizeCounts = new Map()
  const oneSet: SizeCounts = new Map()
  const shared: SizeCounts = new Map()
  for (const person of group) {
    for (const need of formFor(person, use, exercise).form.gear) {
      const kind = kinds.get(need.kindId)
      if (!kind) unknown(need.kindId)
      else if (need.per !== 'station') {
        const key = sizeKey(kind.id, sizeFor(person, need, use, kind))
        if (need.per === 'person') add(own, key, need.count)
        // A group shares the size of whoever is first in it.
        else if (![...shared.keys()].some((id) => id.startsWith(`${kind.id}/`))) raise(shared, key, need.count)
        if (need.per === 'person') raise(oneSet, key, need.count)
      }
    }
  }
  for (const [key, amount] of own) add(shared, key, pairs === 'both' ? amount : Math.min(amount, oneSet.get(key)!))
  return shared
}

/** What stands at a station whoever is there, and what those who are there do instead. */
export function standingNeedOf(
  people: readonly Borrower[],
  use: Use,
  exercise: Exercise,
  kinds: ReadonlyMap<string, GearKind>,
  unknown: (kindId: string) => void,
): SizeCounts {
  const count: SizeCounts = new Map()
  // Each form once, however many do it.
  for (const form of new Set([formOf(exercise, use.optionId), ...people.map((person) => formFor(person, use, exercise).form)])) {
    for (const need of form.gear) {
      if (need.per !== 'station') continue
      const kind = kinds.get(need.kindId)
      if (kind) raise(count, sizeKey(kind.id, sizeFor(anyone, need, use, kind)), need.count)
      else unknown(need.kindId)
    }
  }
  return count
}
