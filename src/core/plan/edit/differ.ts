import type { Piece, Variation, VariationRule } from '../plan'
import { ruledAt } from '../vary-rules'

/** What differs at laps of a circuit, or at times through a part. */
export interface Varied {
  vary: Variation[]
  varyRules?: VariationRule[]
}

type Field = Variation['field']
type SeriesField = Extract<VariationRule, { rule: 'series' }>['field']

/** The fields of which a series can be made. */
export const seriesFields: readonly SeriesField[] = ['reps', 'seconds', 'workSeconds', 'capSeconds']
export const isSeriesField = (field: Field): field is SeriesField => (seriesFields as readonly Field[]).includes(field)

const isOf = (id: string, field: Field, at?: number) => (one: Variation) =>
  one.id === id && one.field === field && (at === undefined || one.at === at)

const seriesOf = ({ varyRules = [] }: Varied, id: string, field: Field) =>
  varyRules.find((rule) => rule.rule === 'series' && rule.id === id && rule.field === field) as
    | Extract<VariationRule, { rule: 'series' }>
    | undefined

const withRules = ({ varyRules: _, ...rest }: Varied, rules: VariationRule[]): Varied => ({
  ...rest,
  ...(rules.length > 0 && { varyRules: rules }),
})

/** What a field is at one lap or time (from 0), if it differs there from how it is at all others. */
export function differsAt(varied: Varied, pieces: readonly Piece[], at: number, id: string, field: Field): Variation['value'] | undefined {
  const here = [...ruledAt(varied.varyRules, pieces, at), ...varied.vary]
  return here.findLast(isOf(id, field, at))?.value
}

/** A figure of a series is changed in it; what else differs is a variation of its own, and `undefined` is as everywhere again. */
export function withValueAt(varied: Varied, at: number, id: string, field: Field, value: Variation['value'] | undefined): Varied {
  const series = seriesOf(varied, id, field)
  const figure = value === undefined ? undefined : figureOf(value)
  if (series && figure !== undefined) {
    const values = Array.from(
      { length: Math.max(series.values.length, at + 1) },
      (_, index) => series.values[index] ?? series.values.at(-1)!,
    )
    return withRules(
      varied,
      varied.varyRules!.map((rule) => (rule === series ? { ...series, values: values.with(at, figure) } : rule)),
    )
  }
  const others = varied.vary.filter((one) => !isOf(id, field, at)(one))
  return { ...varied, vary: value === undefined ? others : [...others, { at, id, field, value } as Variation] }
}

/** The one figure that a value is, as a series holds it. */
function figureOf(value: Variation['value']): number | undefined {
  if (typeof value === 'number') return value
  if (Array.isArray(value)) return value.length > 0 && new Set(value).size === 1 ? value[0] : undefined
  return typeof value === 'object' && 'count' in value ? value.count : undefined
}

/** What varies without the rule at this place of its list. */
export function withoutRule<Of extends Partial<Varied>>({ varyRules = [], ...rest }: Of, at: number): Of {
  const left = varyRules.toSpliced(at, 1)
  return { ...rest, ...(left.length > 0 && { varyRules: left }) } as Of
}

/** Figures that follow each other from the first lap or time on, in place of all that is said of the field. */
export function withSeries(varied: Varied, id: string, field: SeriesField, values: number[]): Varied {
  const plain = withoutDiffering(varied, id, field)
  return withRules(plain, [...(plain.varyRules ?? []), { rule: 'series', id, field, values }])
}

/** The field is the same at all laps or times again. */
export function withoutDiffering(varied: Varied, id: string, field: Field): Varied {
  const series = seriesOf(varied, id, field)
  const rules = (varied.varyRules ?? []).filter((rule) => rule !== series)
  return withRules({ ...varied, vary: varied.vary.filter((one) => !isOf(id, field)(one)) }, rules)
}

/** The figures of which something is said: each once, in the order of the laps or times. */
export function differingFields(varied: Varied): { id: string; field: Field }[] {
  const all = [
    ...(varied.varyRules ?? []).flatMap((rule) =>
      (rule.rule === 'series' ? [rule.field] : rule.fields).map((field) => ({ id: rule.id, field })),
    ),
    ...varied.vary.map(({ id, field }) => ({ id, field })),
  ]
  return all.filter(({ id, field }, index) => all.findIndex((other) => other.id === id && other.field === field) === index)
}
