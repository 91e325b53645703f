import type { Kilograms } from '../base/units'

/** Weights are stored in kilograms once, and shown in what the hall reads. */
export const weightUnits = ['kg', 'lb'] as const
export type WeightUnit = (typeof weightUnits)[number]

/** One avoirdupois pound (International Yard and Pound Agreement, 1959). */
export const kilogramsPerPound = 0.45359237

const mostKilograms = 1000

const round = (value: number, to: number) => String(Number(value.toFixed(to)))

/** `4` → `4 kg` or `8.8 lb`; what was typed as a whole number of pounds comes back as one. */
export const showWeight = (kilograms: Kilograms, unit: WeightUnit): string =>
  unit === 'kg' ? `${round(kilograms, 2)} kg` : `${round(kilograms / kilogramsPerPound, 1)} lb`

/** Reads `4`, `4 kg`, `2,5kg` or `10 lb`; a bare number is in `unit`. `undefined` for anything else, zero and beyond a tonne. */
export function readWeight(text: string, unit: WeightUnit): Kilograms | undefined {
  const found = /^(\d{1,4}(?:[.,]\d{1,3})?)\s*(kg|lbs?|pounds?)?$/i.exec(text.trim())
  if (!found) return undefined
  const value = Number(found[1]!.replace(',', '.'))
  const pounds = found[2] === undefined ? unit === 'lb' : found[2].toLowerCase() !== 'kg'
  const kilograms = pounds ? Number((value * kilogramsPerPound).toFixed(3)) : value
  return kilograms > 0 && kilograms <= mostKilograms ? kilograms : undefined
}
