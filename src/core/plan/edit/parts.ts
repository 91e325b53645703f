import type { Part, Plan } from '../plan'
import { idsOf } from './copied'
import type { NewId } from './make'

/** The part that holds the piece. */
export const partOf = (plan: Plan, pieceId: string): Part | undefined =>
  plan.parts.find(({ pieces }) => pieces.some(({ id }) => id === pieceId))

/** Those of a part's pieces, with what varies about them. */
function withPieces(part: Part, pieces: Part['pieces']): Part {
  const known = new Set(pieces.flatMap(idsOf))
  const about = ({ id }: { id: string }) => known.has(id)
  const { varyRules, ...rest } = part
  const rules = varyRules?.filter(about) ?? []
  return { ...rest, pieces, vary: part.vary.filter(about), ...(rules.length > 0 && { varyRules: rules }) }
}

/** The plan with a part's pieces from one on as a part of their own, gone through as often as before; what is only a pause, once. */
export function withPartFrom(plan: Plan, pieceId: string, newId: NewId): Plan {
  const part = partOf(plan, pieceId)
  const at = part?.pieces.findIndex(({ id }) => id === pieceId) ?? 0
  if (!part || at < 1) return plan
  const { name: _, ...nameless } = withPieces(part, part.pieces.slice(at))
  const once = nameless.pieces.every(({ type }) => type === 'pause') && { repeat: 1, restBetweenSeconds: 0, vary: [] }
  const halves = [withPieces(part, part.pieces.slice(0, at)), { ...nameless, id: newId(), ...once }]
  return { ...plan, parts: plan.parts.flatMap((known) => (known === part ? halves : [known])) }
}

/** The plan with a part and the one after it as one, under the first's name and as often as the first. */
export function withPartJoined(plan: Plan, partId: string): Plan {
  const at = plan.parts.findIndex(({ id }) => id === partId)
  const [first, second] = [plan.parts[at], plan.parts[at + 1]]
  if (!first || !second) return plan
  const rules = [...(first.varyRules ?? []), ...(second.varyRules ?? [])]
  const pieces = [...first.pieces, ...second.pieces]
  const one = { ...first, pieces, vary: [...first.vary, ...second.vary], ...(rules.length > 0 && { varyRules: rules }) }
  return { ...plan, parts: plan.parts.flatMap((known) => (known === first ? [one] : known === second ? [] : [known])) }
}

/** The plan with the piece at the end of another part (of those before its own) or at its start (of those after). */
export function withPieceInPart(plan: Plan, pieceId: string, partId: string): Plan {
  const from = plan.parts.findIndex(({ pieces }) => pieces.some(({ id }) => id === pieceId))
  const to = plan.parts.findIndex(({ id }) => id === partId)
  const piece = plan.parts[from]?.pieces.find(({ id }) => id === pieceId)
  if (!piece || to < 0 || to === from) return plan
  const parts = plan.parts.map((part, index) => {
    if (index === from)
      return withPieces(
        part,
        part.pieces.filter(({ id }) => id !== pieceId),
      )
    if (index !== to) return part
    return { ...part, pieces: to < from ? [...part.pieces, piece] : [piece, ...part.pieces] }
  })
  return { ...plan, parts: parts.filter(({ pieces }) => pieces.length > 0) }
}
