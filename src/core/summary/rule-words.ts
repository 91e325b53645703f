import { formatSeconds } from '../base/units'
import type { Variation, VariationRule } from '../plan/plan'
import { turnsRound } from '../plan/vary-rules'

/** The figures that a rule can change, as they are called. */
export const figureNames = {
  workSeconds: 'work',
  gapSeconds: 'gap',
  setRestSeconds: 'set rest',
  transitionSeconds: 'transition',
  capSeconds: 'time cap',
  seconds: 'time',
  reps: 'reps',
} as const

/** The figures of a series: "18, 15, 12", "0:40, 0:30". */
export const seriesText = (field: Extract<VariationRule, { rule: 'series' }>['field'], values: readonly number[]): string =>
  values.map(field === 'reps' ? String : formatSeconds).join(', ')

/** A rule in words: "work and gap change places every second lap", "the lengths of work change places every second time", "reps 18, 15, 12, lap by lap". */
export function ruleText(rule: VariationRule, unit: 'lap' | 'time'): string {
  if (rule.rule === 'series') return `${figureNames[rule.field]} ${seriesText(rule.field, rule.values)}, ${unit} by ${unit}`
  if (turnsRound(rule)) return `the lengths of work change places every second ${unit}`
  return `${rule.fields.map((field) => figureNames[field]).join(' and ')} change places every second ${unit}`
}

/** Those rules about one of these, each after a semicolon. */
export const rulesPhrase = (rules: readonly VariationRule[] | undefined, ids: readonly string[], unit: 'lap' | 'time'): string =>
  (rules ?? []).map((rule) => (ids.includes(rule.id) ? `; ${ruleText(rule, unit)}` : '')).join('')

/** One figure of a clock that differs at a lap or repeat: "work 0:30"; nothing for what is not of the clock. */
export function clockText(variation: Variation): string | undefined {
  switch (variation.field) {
    case 'workSeconds':
      return `${figureNames.workSeconds} ${variation.value.map(formatSeconds).join(' + ')}`
    case 'gapSeconds':
    case 'setRestSeconds':
    case 'transitionSeconds':
    case 'capSeconds':
      return `${figureNames[variation.field]} ${formatSeconds(variation.value)}`
    case 'rungs':
      return `rungs ${variation.value.join('-')}`
    default:
      return undefined
  }
}
