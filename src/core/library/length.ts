import type { Metres } from '../base/units'

/** Lengths are stored in metres once, and shown in what the hall reads. */
export const lengthUnits = ['m', 'ft'] as const
export type LengthUnit = (typeof lengthUnits)[number]

/** One international foot (International Yard and Pound Agreement, 1959). */
export const metresPerFoot = 0.3048

/** `5.4` → `5.4 m` or `17.7 ft`. */
export const showLength = (metres: Metres, unit: LengthUnit): string =>
  `${Number((unit === 'm' ? metres : metres / metresPerFoot).toFixed(unit === 'm' ? 2 : 1))} ${unit}`

/** Reads `5.4`, `5,4 m` or `18 ft`; a bare number is in `unit`. `undefined` for anything else. */
export function readLength(text: string, unit: LengthUnit): Metres | undefined {
  const found = /^(\d{1,4}(?:[.,]\d{1,3})?)\s*(m|metres?|ft|feet|foot)?$/i.exec(text.trim())
  if (!found) return undefined
  const value = Number(found[1]!.replace(',', '.'))
  const feet = found[2] === undefined ? unit === 'ft' : /^f/i.test(found[2])
  return feet ? Number((value * metresPerFoot).toFixed(4)) : value
}
