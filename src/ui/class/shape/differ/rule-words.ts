import { parseSeconds } from '@core/base/units'
import { limits } from '@core/base/limits'
import type { VariationRule } from '@core/plan/plan'
import { ruleText, seriesText } from '@core/summary/rule-words'
import type { Notation } from '../../../kit/notation'
import { fieldNames, type VaryTarget } from './differ-fields'

type Exchange = Extract<VariationRule, { rule: 'exchange' }>
type Series = Extract<VariationRule, { rule: 'series' }>

/** Two figures that could change places. */
export interface ExchangeChoice {
  label: string
  rule: Exchange
}

const pairs: Exchange['fields'][] = [
  ['workSeconds', 'workSeconds'],
  ['workSeconds', 'gapSeconds'],
  ['workSeconds', 'transitionSeconds'],
  ['workSeconds', 'setRestSeconds'],
]

/** Figures of 0 have nothing to change places with; positions of different lengths change places among themselves only. */
const hasFigures = ({ stay, transition }: VaryTarget, [, other]: Exchange['fields']): boolean => {
  if (stay?.kind !== 'intervals') return false
  const differ = new Set(stay.workSeconds).size > 1
  if (other === 'workSeconds' || differ) return other === 'workSeconds' && differ
  return (other === 'transitionSeconds' ? (transition ?? 0) : stay[other]) > 0
}

const at = (target: VaryTarget, targets: readonly VaryTarget[]) => (target === targets[0] ? '' : `${target.label}: `)

/** The figures of these that can change places every second lap or time. */
export const exchangeChoices = (targets: readonly VaryTarget[]): ExchangeChoice[] =>
  targets.flatMap((target) =>
    pairs.flatMap((fields): ExchangeChoice[] =>
      hasFigures(target, fields)
        ? [
            {
              label: `${at(target, targets)}${fields[0] === fields[1] ? 'the lengths of work' : `${fieldNames[fields[0]]} and ${fieldNames[fields[1]]}`} change places`,
              rule: { rule: 'exchange', id: target.id, fields },
            },
          ]
        : [],
    ),
  )

/** A rule in words, with what it is about where that is not the whole piece. */
export function ruleLabel(rule: VariationRule, unit: 'lap' | 'time', targets: readonly VaryTarget[]): string {
  const target = targets.find((known) => known.id === rule.id)
  return `${target ? at(target, targets) : ''}${ruleText(rule, unit)}`
}

/** Two figures or more, one for each lap or time through. */
export const seriesNotation = (field: Series['field']): Notation<number[]> => ({
  show: (values) => seriesText(field, values),
  read: (text) => {
    const values = text
      .split(/[\s,;]+|(?<=\d)\s*[-–]\s*(?=\d)/)
      .filter(Boolean)
      .map((word) => (field === 'reps' ? Number(word) : parseSeconds(word)))
    const most = field === 'reps' ? limits.reps : 3600
    const fits = values.every((value): value is number => value !== undefined && Number.isInteger(value) && value >= 1 && value <= most)
    return fits && values.length > 1 && values.length <= limits.laps ? values : undefined
  },
  allowed: field === 'reps' ? 'Figures such as 18, 15, 12' : 'Times such as 1:00, 0:45, 0:30',
})
