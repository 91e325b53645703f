import { formatSeconds } from '../base/units'
import { kilogramsPerPound, showWeight, type WeightUnit } from '../library/weight'
import type { Outcome, Value } from './outcome'

/** `1343` → `"2:14.3"`; whole seconds without a tenth, as nobody tapped it. */
export const tenthsWords = (tenths: number): string => {
  const whole = formatSeconds(Math.floor(Math.abs(tenths) / 10))
  const rest = Math.abs(tenths) % 10
  return rest === 0 ? whole : `${whole}.${rest}`
}

/** A value as it is read out and typed: `2:14.3`, `5 + 12`, `40`, `24 kg`. */
export function valueWords(value: Value, unit: WeightUnit = 'kg'): string {
  switch (value.measure) {
    case 'time':
      return tenthsWords(value.tenths)
    case 'rounds':
      return value.reps === 0 ? String(value.rounds) : `${value.rounds} + ${value.reps}`
    case 'reps':
      return String(value.reps)
    case 'load':
      return showWeight(value.kilograms, unit)
    case 'effort':
      return String(value.effort)
  }
}

/** The one figure by which a value is drawn: seconds, rounds, reps, or the weight in what the hall reads. */
export function figureOf(value: Value, unit: WeightUnit = 'kg'): number {
  switch (value.measure) {
    case 'time':
      return value.tenths / 10
    case 'rounds':
      return value.rounds
    case 'reps':
      return value.reps
    case 'load':
      return unit === 'kg' ? value.kilograms : value.kilograms / kilogramsPerPound
    case 'effort':
      return value.effort
  }
}

/**
 * A result as it stands in a cell, and as `readOutcome` reads it back; the standard of rep stands beside it.
 *
 * `{value: 2:14.3, scaled, lateTenths: 200}` → `"2:14.3, scaled, late 0:20"`
 */
export function outcomeWords({ value, didNotFinish, scaled, lateTenths }: Outcome, unit: WeightUnit = 'kg'): string {
  const done = value && valueWords(value, unit)
  return [
    didNotFinish ? ['DNF', done].filter(Boolean).join(' ') : done,
    scaled && 'scaled',
    lateTenths !== undefined && `late ${tenthsWords(lateTenths)}`,
  ]
    .filter(Boolean)
    .join(', ')
}

/** The same where nothing else says what is counted: `5 rounds + 12`, `40 reps`, `effort 7`. */
export function spokenOutcome(outcome: Outcome, unit: WeightUnit = 'kg'): string {
  const { value } = outcome
  const words = outcomeWords(outcome, unit)
  if (value?.measure === 'rounds')
    return words.replace(/^(DNF )?(\d+)/, (_, dnf: string = '', rounds: string) => `${dnf}${rounds} ${rounds === '1' ? 'round' : 'rounds'}`)
  if (value?.measure === 'reps')
    return words.replace(/^(DNF )?(\d+)/, (_, dnf: string = '', reps: string) => `${dnf}${reps} ${reps === '1' ? 'rep' : 'reps'}`)
  return value?.measure === 'effort' ? `effort ${words}` : words
}
