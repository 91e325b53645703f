import { exchanged } from '../../base/exchanged'
import { climbedTogether } from './circuit'
import { idsOf, type Copied } from './copied'
import { emptyStation } from './simple'
import { newUse, type Starter } from './use'
import { emptyStations, intervals, plainCircuit, plainPart, rest, rotate, type NewId } from './make'
import type { Circuit, Pause, Piece, Plan } from '../plan'

/** What can be put into a class with one press. The figures are a beginning, to be changed. */
export type PieceKind = 'warmUp' | 'stations' | 'together' | 'list' | 'ladder' | 'coolDown' | Pause['kind']

const ownPace = { kind: 'task', openerCount: 0, rungRestSeconds: 0 } as const

const pauseSeconds: Record<Pause['kind'], number> = { brief: 180, water: 60, swap: 120, rest: 60 }

/** What a warm-up and a cool-down begin with. What is missing stays an empty station. */
export interface Suggested {
  warmUp: readonly Starter[]
  coolDown: readonly Starter[]
}

/** A new piece of a kind, every id of it from `newId`. */
export function newPiece(kind: PieceKind, newId: NewId, suggested: Suggested = { warmUp: [], coolDown: [] }): Piece {
  switch (kind) {
    case 'warmUp':
      return plainCircuit(newId, 'Warm-up', filled(suggested.warmUp, 4, newId), intervals([60]))
    case 'coolDown':
      return plainCircuit(newId, 'Cool-down', filled(suggested.coolDown, 4, newId), intervals([45]))
    case 'together':
      return plainCircuit(newId, 'Everyone the same', emptyStations(newId, 5), intervals([40]), rest(20, 2))
    case 'stations':
      return plainCircuit(newId, 'Stations', emptyStations(newId, 6), intervals([40]), rotate(15, 2, 60))
    case 'list':
      return plainCircuit(newId, 'List', emptyStations(newId, 1), { ...ownPace, goal: 'cap', capSeconds: 600 })
    case 'ladder':
      return climbedTogether(plainCircuit(newId, 'Ladder', emptyStations(newId, 1), { ...ownPace, goal: 'finish' }), true)
    default:
      return { id: newId(), type: 'pause', kind, seconds: pauseSeconds[kind] }
  }
}

function filled(starters: readonly Starter[], count: number, newId: NewId): Circuit['stations'] {
  return Array.from({ length: count }, (_, index) => {
    const starter = starters[index]
    return { ...emptyStation(newId()), uses: starter === undefined ? [] : [newUse(starter, { kind: 'intervals' }, newId)] }
  })
}

/** The plan with `piece` before everything else, in a part of its own. */
export const withFirst = (plan: Plan, piece: Piece, newId: NewId): Plan => ({ ...plan, parts: [plainPart(newId, [piece]), ...plan.parts] })

/** The plan with `piece` after everything else, in a part of its own. */
export const withLast = (plan: Plan, piece: Piece, newId: NewId): Plan => ({ ...plan, parts: [...plan.parts, plainPart(newId, [piece])] })

/**
 * The plan with a piece after the one named, in the same part, and with what varies of it from repeat to repeat, as far as that part
 * is repeated.
 */
export function withAfter(plan: Plan, afterId: string, piece: Piece, { vary, varyRules }: Omit<Copied, 'piece'> = { vary: [] }): Plan {
  const put = onPart(plan, afterId, (pieces, at) => [...pieces.slice(0, at + 1), piece, ...pieces.slice(at + 1)])
  const parts = put.parts.map((part) => {
    if (!part.pieces.includes(piece)) return part
    const rules = part.repeat > 1 ? [...(part.varyRules ?? []), ...(varyRules ?? [])] : part.varyRules
    return { ...part, vary: [...part.vary, ...vary.filter(({ at }) => at < part.repeat)], ...(rules?.length && { varyRules: rules }) }
  })
  return { ...put, parts }
}

/** The plan with a piece before the one named, in the same part. */
export const withBefore = (plan: Plan, beforeId: string, piece: Piece): Plan =>
  onPart(plan, beforeId, (pieces, at) => pieces.toSpliced(at, 0, piece))

/** The plan without the piece, its variations, and the part it leaves empty. The last piece of a plan stays. */
export function withoutPiece(plan: Plan, id: string): Plan {
  if (plan.parts.reduce((sum, part) => sum + part.pieces.length, 0) < 2) return plan
  const cut = onPart(plan, id, (pieces, at) => pieces.filter((_, index) => index !== at))
  return { ...cut, parts: cut.parts.filter((part) => part.pieces.length > 0) }
}

/**
 * The plan with the piece one place earlier or later. At the edge of its part it goes into the next part, unless that or its own
 * is repeated, optional or varied: there the order of parts changes instead.
 */
export function withMoved(plan: Plan, id: string, by: -1 | 1): Plan {
  const partAt = plan.parts.findIndex((part) => part.pieces.some((piece) => piece.id === id))
  const part = plan.parts[partAt]
  if (!part) return plan
  const at = part.pieces.findIndex((piece) => piece.id === id)
  const next = at + by
  if (next >= 0 && next < part.pieces.length) return onPart(plan, id, (pieces) => exchanged(pieces, at, next))
  const neighbour = plan.parts[partAt + by]
  if (!neighbour) return plan
  const plain = [part, neighbour].every(
    ({ repeat, optional, vary, varyRules }) => repeat === 1 && !optional && vary.length === 0 && !varyRules,
  )
  if (!plain) return { ...plan, parts: exchanged(plan.parts, partAt, partAt + by) }
  const piece = part.pieces[at]!
  const parts = plan.parts.map((before) => {
    if (before === part) return { ...part, pieces: part.pieces.filter((other) => other !== piece) }
    return before === neighbour ? { ...before, pieces: by > 0 ? [piece, ...before.pieces] : [...before.pieces, piece] } : before
  })
  return { ...plan, parts: parts.filter((part) => part.pieces.length > 0) }
}

/** The plan with the piece where another one is now, by as many single moves as it takes. */
export function withMovedTo(plan: Plan, id: string, targetId: string): Plan {
  const order = (plan: Plan) => plan.parts.flatMap((part) => part.pieces.map((piece) => piece.id))
  const target = order(plan).indexOf(targetId)
  let now = plan
  for (let tries = order(plan).length * 2; tries > 0; tries--) {
    const at = order(now).indexOf(id)
    if (at < 0 || target < 0 || at === target) return now
    const next = withMoved(now, id, at < target ? 1 : -1)
    if (next === now) return now
    now = next
  }
  return now
}

/** The part that holds the piece, with its pieces changed; variations of what is gone go too. */
function onPart(plan: Plan, id: string, change: (pieces: Piece[], at: number) => Piece[]): Plan {
  return {
    ...plan,
    parts: plan.parts.map((part) => {
      const at = part.pieces.findIndex((piece) => piece.id === id)
      if (at < 0) return part
      const pieces = change(part.pieces, at)
      const known = new Set(pieces.flatMap(idsOf))
      const here = ({ id: about }: { id: string }) => known.has(about)
      return { ...part, pieces, vary: part.vary.filter(here), ...(part.varyRules && { varyRules: part.varyRules.filter(here) }) }
    }),
  }
}
