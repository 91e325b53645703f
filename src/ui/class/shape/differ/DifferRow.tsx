import { differsAt, isSeriesField, withSeries, withValueAt, type Varied } from '@core/plan/edit/differ'
import type { Piece, Variation } from '@core/plan/plan'
import { useClass } from '../../shared/context'
import { ExercisePicker } from '../../shared/ExercisePicker'
import { DifferCell } from './DifferCell'
import { baseOf, entryFor, fieldNames, type VaryField, type VaryTarget } from './differ-fields'
import { seriesNotation } from './rule-words'
import sentence from '../sentence/sentence.module.css'
import styles from './differ.module.css'

interface DifferRowProps {
  target: VaryTarget
  /** Whether it is the piece itself, which needs no name. */
  whole: boolean
  field: VaryField
  times: number
  varied: Varied
  pieces: readonly Piece[]
  begin: (at: number) => void
  change: (at: number, next: (varied: Varied) => Varied) => string | undefined
  /** The same every time again. */
  onAlike: () => void
}

/** One figure, or one exercise, over the laps or times: only where it differs is it inked. */
export function DifferRow({ target, whole, field, times, varied, pieces, begin, change, onAlike }: DifferRowProps) {
  const { library } = useClass()
  const entry = entryFor(field, target, library.exercises)
  const base = baseOf(field, target)
  const label = `${whole ? '' : `${target.label}, `}${fieldNames[field]}`
  const set = (at: number, value: unknown) =>
    change(at, (now) => withValueAt(now, at, target.id, field, value as Variation['value'] | undefined))
  const series = isSeriesField(field) ? seriesNotation(field) : undefined
  const fill = (at: number, text: string): string | undefined | false => {
    const values = series?.read(text)
    if (!values || !isSeriesField(field)) return false
    const before = Array.from({ length: at }, (_, index) => differsAt(varied, pieces, index, target.id, field) ?? base)
    const figures = [...before.map((value) => figureIn(value)), ...values]
    if (figures.some((figure) => figure === undefined)) return false
    return change(at, (now) => withSeries(now, target.id, field, figures as number[]))
  }
  return (
    <tr>
      <th scope="row">{label}</th>
      {Array.from({ length: times }, (_, at) => {
        const own = differsAt(varied, pieces, at, target.id, field)
        const cell = `${label}, ${at + 1}`
        return (
          <td key={at} className={own === undefined ? undefined : styles.own}>
            {entry.kind === 'text' && (
              <DifferCell
                label={cell}
                notation={entry.notation}
                value={own ?? base}
                onBegin={() => begin(at)}
                onSet={(value) => set(at, value)}
                onFill={(text) => fill(at, text)}
              />
            )}
            {entry.kind === 'choice' && (
              <select
                className={styles.pick}
                aria-label={cell}
                value={(own as string | undefined) ?? ''}
                onChange={(event) => void set(at, event.currentTarget.value || undefined)}
              >
                <option value="">as always</option>
                {entry.choices.map((choice) => (
                  <option key={choice.value} value={choice.value}>
                    {choice.label}
                  </option>
                ))}
              </select>
            )}
            {entry.kind === 'exercise' && (
              <ExercisePicker label={cell} value={(own ?? base) as string | undefined} onChange={(id) => void set(at, id)} tile />
            )}
          </td>
        )
      })}
      <td>
        <button type="button" className={sentence.offer} onClick={onAlike} aria-label={`${label}: the same every time`}>
          ×
        </button>
      </td>
    </tr>
  )
}

/** The one figure of a value, to begin a series with. */
function figureIn(value: unknown): number | undefined {
  if (typeof value === 'number') return value
  if (Array.isArray(value)) return typeof value[0] === 'number' ? value[0] : undefined
  return typeof value === 'object' && value !== null && 'count' in value ? (value.count as number) : undefined
}
