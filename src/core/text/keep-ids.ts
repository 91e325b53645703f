import { isEqual } from 'es-toolkit'
import type { Circuit, Part, Piece, Plan, Station } from '../plan/plan'

interface Identified {
  id: string
}

/**
 * The plan as it was read, with the ids of the plan before it for all that is the same, or stands where it stood: what is said of
 * them elsewhere (spots, sizes, options) goes on to hold. Parts and pieces that are the same are the very objects of the plan
 * before, so that what was worked out for them goes on to hold too.
 */
export function keepIds(before: Plan, after: Plan): Plan {
  const kept = new Map<string, string>()
  const keep = (from: Identified, to: Identified) => kept.set(to.id, from.id)
  const stations = (from: Circuit, to: Circuit): void => {
    for (const [one, other] of aligned<Station>(from.stations, to.stations)) {
      keep(one, other)
      for (const [use, now] of aligned(one.uses, other.uses)) keep(use, now)
    }
  }
  const pieces = (from: Piece, to: Piece): void => {
    if (from.type !== to.type) return
    keep(from, to)
    if (from.type !== 'circuit' || to.type !== 'circuit') return
    stations(from, to)
    if (!from.waves || !to.waves) return
    keep(from.waves.meanwhile, to.waves.meanwhile)
    stations(from.waves.meanwhile, to.waves.meanwhile)
  }
  for (const [one, other] of aligned<Part>(before.parts, after.parts)) {
    keep(one, other)
    for (const [piece, now] of aligned(one.pieces, other.pieces)) pieces(piece, now)
  }
  kept.set(after.id, before.id)
  const named = renamed(after, kept)
  return { ...named, parts: shared(before.parts, named.parts, (one, other) => ({ ...other, pieces: shared(one.pieces, other.pieces) })) }
}

/** Those of before where nothing is other; `inside`, what of one that is other can be. */
function shared<One extends Identified>(before: readonly One[], after: readonly One[], inside = (_: One, other: One) => other): One[] {
  const known = new Map(before.map((one) => [one.id, one]))
  return after.map((other) => {
    const one = known.get(other.id)
    if (!one) return other
    return isEqual(one, other) ? one : inside(one, other)
  })
}

/** Those that belong together: first what is the same, in its order, then what is left, in the order that it stands in. */
function aligned<One extends Identified>(before: readonly One[], after: readonly One[]): [One, One][] {
  const pairs: [One, One][] = []
  const [free, left] = [new Set(before), new Set(after)]
  const pair = (one: One, other: One) => {
    pairs.push([one, other])
    free.delete(one)
    left.delete(other)
  }
  const told = new Map(before.map((one) => [one, withoutIds(one)]))
  for (const other of after) {
    const says = withoutIds(other)
    const same = [...free].find((one) => told.get(one) === says)
    if (same) pair(same, other)
  }
  // In pairs by where they stand among what did not change.
  for (const other of [...left]) {
    const [one] = free
    if (one) pair(one, other)
  }
  return pairs
}

const withoutIds = (value: unknown): string => JSON.stringify(value, (key, inner: unknown) => (key === 'id' ? undefined : inner))

/** The same with other ids, and whatever speaks of them. */
function renamed<Value>(value: Value, kept: ReadonlyMap<string, string>): Value {
  if (Array.isArray(value)) return value.map((inner: unknown) => renamed(inner, kept)) as Value
  if (!value || typeof value !== 'object') return value
  const named = Object.entries(value).map(([key, inner]: [string, unknown]) => [
    key,
    key === 'id' && typeof inner === 'string' ? (kept.get(inner) ?? inner) : renamed(inner, kept),
  ])
  return Object.fromEntries(named) as Value
}
