import type { Circuit, Intervals, Piece, Stay, Variation, VariationRule } from './schema'

type Exchange = Extract<VariationRule, { rule: 'exchange' }>
type Series = Extract<VariationRule, { rule: 'series' }>
type Figure = Exchange['fields'][number]

/** The stay that goes by the id, its circuit's own or a station's; a circuit's has the transition too. */
function stayOf(pieces: readonly Piece[], id: string): { stay: Stay; circuit?: Circuit } | undefined {
  for (const piece of pieces) {
    if (piece.type === 'pause') continue
    if (piece.id === id) return { stay: piece.stay, circuit: piece }
    const own = piece.stations.find((station) => station.id === id)?.stay
    if (own) return { stay: own }
  }
  return undefined
}

const figure = (stay: Intervals, circuit: Circuit | undefined, field: Figure): number | undefined => {
  if (field === 'transitionSeconds') return circuit?.transition.seconds
  if (field !== 'workSeconds') return stay[field]
  // Positions of different lengths cannot be one figure.
  return new Set(stay.workSeconds).size === 1 ? stay.workSeconds[0] : undefined
}

const variation = (id: string, field: Variation['field'], at: number, value: unknown) => ({ at, id, field, value }) as Variation

/** Lengths of work that change places among themselves: 50 + 30, then 30 + 50. */
export const turnsRound = ({ fields }: Exchange): boolean => fields[0] === 'workSeconds' && fields[1] === 'workSeconds'

/** Whether the rule can be kept to on these pieces: both figures are there, or several lengths of work that differ. */
export const canExchange = (rule: Exchange, pieces: readonly Piece[]): boolean => {
  const stay = stayOf(pieces, rule.id)?.stay
  if (turnsRound(rule)) return stay?.kind === 'intervals' && new Set(stay.workSeconds).size > 1
  return exchangedFigures(rule, pieces) !== undefined
}

/** The two figures that the rule exchanges, as they are at first; `undefined` where they cannot be exchanged. */
function exchangedFigures({ id, fields }: Exchange, pieces: readonly Piece[]): [number, number] | undefined {
  const found = stayOf(pieces, id)
  if (found?.stay.kind !== 'intervals') return undefined
  const { stay, circuit } = found
  const [one, other] = [figure(stay, circuit, fields[0]), figure(stay, circuit, fields[1])]
  if (one === undefined || other === undefined) return undefined
  // Work that lasts no time is none.
  return fields.includes('workSeconds') && Math.min(one, other) < 1 ? undefined : [one, other]
}

function exchangedAt(rule: Exchange, pieces: readonly Piece[], at: number): Variation[] {
  const found = stayOf(pieces, rule.id)
  if (at % 2 === 0 || found?.stay.kind !== 'intervals') return []
  if (turnsRound(rule)) return [variation(rule.id, 'workSeconds', at, found.stay.workSeconds.toReversed())]
  const figures = exchangedFigures(rule, pieces)
  if (!figures) return []
  const positions = found.stay.workSeconds.length
  const valueOf = (field: Figure, seconds: number) => (field === 'workSeconds' ? Array<number>(positions).fill(seconds) : seconds)
  const [one, other] = rule.fields
  return [variation(rule.id, one, at, valueOf(one, figures[1])), variation(rule.id, other, at, valueOf(other, figures[0]))]
}

/** A series longer than the laps is cut off; of one that is shorter the last figure stays. */
function inSeries({ id, field, values }: Series, pieces: readonly Piece[], at: number): Variation[] {
  const value = values[Math.min(at, values.length - 1)]!
  if (field === 'reps') {
    const use = pieces
      .flatMap((piece) => (piece.type === 'pause' ? [] : piece.stations.flatMap(({ uses }) => uses)))
      .find((known) => known.id === id)
    // A figure of its own for every time leaves no range.
    const { most: _, ...reps } = use?.reps ?? { counted: 'total' }
    return [variation(id, field, at, { ...reps, count: value })]
  }
  if (field !== 'workSeconds') return [variation(id, field, at, value)]
  const stay = stayOf(pieces, id)?.stay
  return stay?.kind === 'intervals' ? [variation(id, field, at, Array<number>(stay.workSeconds.length).fill(value))] : []
}

/** What rules change at one lap or repeat (`at`, from 0) of these pieces, as the variations that they stand for. */
export const ruledAt = (rules: readonly VariationRule[] | undefined, pieces: readonly Piece[], at: number): Variation[] =>
  (rules ?? []).flatMap((rule) => (rule.rule === 'exchange' ? exchangedAt(rule, pieces, at) : inSeries(rule, pieces, at)))
