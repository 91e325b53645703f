import { formatSeconds } from '../../base/units'
import { differsAt, type Varied } from '../../plan/edit/differ'
import type { Circuit, Part, Piece, Use, Variation } from '../../plan/plan'
import { lapsOf } from '../../plan/turns'

/** The figures of an exercise that are told where they differ, and how each is written. */
const figures: Partial<Record<Variation['field'], (value: unknown) => string>> = {
  reps: (value) => String((value as NonNullable<Use['reps']>).count),
  seconds: (value) => formatSeconds(value as number),
  load: (value) => `${(value as NonNullable<Use['load']>).kilograms} kg`,
}

/**
 * What is done at each lap of a circuit, or at each time through its part, where that differs: `18, 15, 12, 9 reps`, `lap 2: Plank`.
 * Empty where all are alike.
 */
export function differsTexts(use: Use, circuit: Circuit, part: Part, nameOf: (exerciseId: string) => string): string[] {
  return [...over(use, circuit, [circuit], lapsOf(circuit), 'lap', nameOf), ...over(use, part, part.pieces, part.repeat, 'time', nameOf)]
}

function over(
  use: Use,
  varied: Varied,
  pieces: readonly Piece[],
  times: number,
  unit: 'lap' | 'time',
  nameOf: (exerciseId: string) => string,
): string[] {
  const at = Array.from({ length: times }, (_, index) => index)
  const own = (index: number, field: Variation['field']) => differsAt(varied, pieces, index, use.id, field)
  const told = (Object.entries(figures) as [keyof Use & Variation['field'], (value: unknown) => string][]).flatMap(([field, show]) => {
    if (at.every((index) => own(index, field) === undefined)) return []
    const values = at.map((index) => own(index, field) ?? use[field])
    const texts = values.map((value) => (value === undefined ? '–' : show(value)))
    return new Set(texts).size > 1 ? [`${texts.join(', ')}${field === 'reps' ? ' reps' : ''}`] : []
  })
  const others = at.flatMap((index) => {
    const exerciseId = own(index, 'exerciseId')
    return typeof exerciseId === 'string' ? [`${unit} ${index + 1}: ${nameOf(exerciseId)}`] : []
  })
  return [...told, ...others]
}
