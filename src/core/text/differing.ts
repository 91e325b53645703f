import { applicableRules, applicableToCircuit, applicableToPart } from '../plan/check'
import type { Circuit, Part, Piece, Variation, VariationRule } from '../plan/plan'
import type { Draft } from './draft'
import type { InText } from './heard'
import type { Makings } from './makings'
import { idAt } from './paths'

/**
 * A circuit, or a part, with what is said to differ in its pieces; what leads to nothing, or cannot differ there, is refused.
 */
export function withDiffering<Of extends Circuit | Part>(
  of: Of,
  pieces: readonly Piece[],
  { differs = [], differsBy = [] }: Pick<Draft, 'differs' | 'differsBy'>,
  { refuse }: Pick<Makings, 'refuse'>,
): Of {
  if (differs.length + differsBy.length === 0) return of
  const places = new Map<Variation | VariationRule, InText>()
  const found = <Told extends Variation | VariationRule>(path: Parameters<typeof idAt>[1], told: object, place: InText): Told[] => {
    const id = idAt(pieces, path)
    if (id === undefined) {
      refuse(place, 'there is no such place')
      return []
    }
    const one = { ...told, id } as Told
    places.set(one, place)
    return [one]
  }
  const vary = differs.flatMap(({ path, place, ...told }) => found<Variation>(path, told, place))
  const varyRules = differsBy.flatMap(({ path, place, rule }) => found<VariationRule>(path, rule, place))
  const said = { ...of, vary, ...(varyRules.length > 0 && { varyRules }) }
  const kept = 'pieces' in said ? applicableToPart(said) : applicableToCircuit(said)
  const rules = applicableRules(said)
  for (const [one, place] of places)
    if (!kept.includes(one as Variation) && !rules.varyRules?.includes(one as VariationRule)) refuse(place, 'that cannot differ there')
  const { varyRules: _, ...rest } = said
  return { ...(rest as Of), vary: kept, ...rules }
}
