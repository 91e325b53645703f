import { z } from 'zod'
import { Part, Piece, type Circuit, type Plan } from '../plan'
import type { NewId } from './make'

/** A piece with what its part says of it at some repeats: what is copied, and put in somewhere else. */
export const Copied = z.strictObject({ piece: Piece, ...Part.pick({ vary: true, varyRules: true }).shape })
export type Copied = z.infer<typeof Copied>

/** The ids of a piece, its stations and their uses: what a variation can be about. */
export function idsOf(piece: Piece): string[] {
  if (piece.type === 'pause') return [piece.id]
  return [piece.id, ...piece.stations.flatMap((station) => [station.id, ...station.uses.map((use) => use.id)])]
}

/** The piece named, with what its part says of it; nothing where the plan has none of that id. */
export function takenFrom(plan: Plan, id: string): Copied | undefined {
  const part = plan.parts.find(({ pieces }) => pieces.some((piece) => piece.id === id))
  const piece = part?.pieces.find((known) => known.id === id)
  if (!part || !piece) return undefined
  const known = new Set(idsOf(piece))
  const about = ({ id: named }: { id: string }) => known.has(named)
  const varyRules = part.varyRules?.filter(about)
  return { piece, vary: part.vary.filter(about), ...(varyRules?.length && { varyRules }) }
}

/** A copy whose ids are all new; what varies follows them. */
export function copyOf({ piece, ...about }: Copied, newId: NewId): Copied {
  const ids = new Map(idsOf(piece).map((id) => [id, newId()]))
  return { piece: renamedPiece(piece, ids, newId), ...renamedAbout(about, ids) }
}

const renamed = <T extends { id: string }>(known: T, ids: ReadonlyMap<string, string>): T => ({
  ...known,
  id: ids.get(known.id) ?? known.id,
})

function renamedAbout({ vary, varyRules }: Pick<Copied, 'vary' | 'varyRules'>, ids: ReadonlyMap<string, string>) {
  return {
    vary: vary.map((variation) => renamed(variation, ids)),
    ...(varyRules && { varyRules: varyRules.map((rule) => renamed(rule, ids)) }),
  }
}

function renamedPiece(piece: Piece, ids: ReadonlyMap<string, string>, newId: NewId): Piece {
  if (piece.type === 'pause') return renamed(piece, ids)
  const meanwhile = piece.waves && (copyOf({ piece: piece.waves.meanwhile, vary: [] }, newId).piece as Circuit)
  return {
    ...renamed(piece, ids),
    stations: piece.stations.map((station) => ({
      ...renamed(station, ids),
      uses: station.uses.map((use) => renamed(use, ids)),
    })),
    ...renamedAbout(piece, ids),
    ...(meanwhile && { waves: { meanwhile } }),
  }
}
