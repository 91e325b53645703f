/**
 * A number as it is typed: digits, with at most so many decimals after a point or a comma. Empty: none. What is anything else is
 * not guessed at: NaN.
 */
export function readNumber(text: string, decimals: number): number | undefined {
  const typed = text.trim().replace(',', '.')
  if (typed === '') return undefined
  const [, after = ''] = typed.split('.')
  return /^\d{1,7}(\.\d+)?$/.test(typed) && after.length <= decimals ? Number(typed) : NaN
}

export const showNumber = (value: number | undefined): string => (value === undefined || Number.isNaN(value) ? '' : String(value))
