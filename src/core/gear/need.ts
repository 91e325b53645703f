import type { Exercise, GearNeed } from '../hall/exercise'
import type { GearKind } from '../hall/gear-kind'
import type { Person } from '../hall/person'
import type { PairsWork, Use } from '../plan/plan'

/** Pieces of gear by `kindId/sizeId`. */
export type Count = Map<string, number>

export const sizeKey = (kindId: string, sizeId: string) => `${kindId}/${sizeId}`

export const add = (count: Count, key: string, amount: number) => count.set(key, (count.get(key) ?? 0) + amount)

type Borrower = Pick<Person, 'level' | 'loads'>

/**
 * The size of a kind that one person takes: the plan's own load, else what the person usually takes, else what the
 * exercise gives their level, else the kind's first size. A load that the hall does not have in that weight goes to the
 * nearest size, the lighter of two equally near.
 */
export function sizeFor(person: Borrower, need: GearNeed, use: Use, kind: GearKind): string {
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
 * What `group` needs for `use`. A group that takes turns or halves shares: it needs one set of each size it uses.
 * Kinds that the hall does not know are passed to `unknown`.
 */
export function needOf(
  group: readonly Borrower[],
  use: Use,
  exercise: Exercise,
  pairs: PairsWork,
  kinds: ReadonlyMap<string, GearKind>,
  unknown: (kindId: string) => void,
): Count {
  const count: Count = new Map()
  if (group.length === 0) return count
  const option = exercise.options.find((each) => each.id === use.optionId)
  for (const need of option?.gear ?? exercise.gear) {
    const kind = kinds.get(need.kindId)
    if (!kind) {
      unknown(need.kindId)
      continue
    }
    if (need.per === 'person') {
      const wanted: Count = new Map()
      for (const person of group) add(wanted, sizeKey(kind.id, sizeFor(person, need, use, kind)), need.count)
      for (const [key, amount] of wanted) add(count, key, pairs === 'both' ? amount : Math.min(amount, need.count))
    } else if (need.per === 'group') {
      add(count, sizeKey(kind.id, sizeFor(group[0]!, need, use, kind)), need.count)
    }
  }
  return count
}

/** What stands at a station whoever is there. */
export function standingNeedOf(use: Use, exercise: Exercise, kinds: ReadonlyMap<string, GearKind>, unknown: (kindId: string) => void): Count {
  const count: Count = new Map()
  const option = exercise.options.find((each) => each.id === use.optionId)
  for (const need of option?.gear ?? exercise.gear) {
    if (need.per !== 'station') continue
    const kind = kinds.get(need.kindId)
    if (kind) add(count, sizeKey(kind.id, sizeFor({ level: 'regular', loads: {} }, need, use, kind)), need.count)
    else unknown(need.kindId)
  }
  return count
}
