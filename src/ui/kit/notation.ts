import { formatSeconds, parseSeconds } from '@core/base/units'

/** How a value is written and read. `read` answers `undefined` for what cannot be taken. */
export interface Notation<T> {
  show: (value: T) => string
  read: (text: string) => T | undefined
  /** What is allowed, in words. */
  allowed: string
  /** The next value up or down, for the arrow keys. */
  step?: (value: T, by: 1 | -1) => T
  numeric?: boolean
}

const between = (value: number | undefined, least: number, most: number) =>
  value !== undefined && value >= least && value <= most ? value : undefined

const stepped = (least: number, most: number, size: number) => (value: number, by: 1 | -1) =>
  Math.min(most, Math.max(least, value + by * size))

export const timeNotation = (least: number, most: number): Notation<number> => ({
  show: formatSeconds,
  read: (text) => between(parseSeconds(text), least, most),
  allowed: `A time from ${formatSeconds(least)} to ${formatSeconds(most)}, such as 0:40`,
  step: stepped(least, most, 5),
})

export const countNotation = (least: number, most: number): Notation<number> => ({
  show: String,
  read: (text) => between(/^\d{1,6}$/.test(text.trim()) ? Number(text) : undefined, least, most),
  allowed: `A whole number from ${least} to ${most}`,
  step: stepped(least, most, 1),
  numeric: true,
})

export const decimalNotation = (least: number, most: number, unit: string): Notation<number> => ({
  show: String,
  read: (text) => between(/^\d{1,4}([.,]\d{1,2})?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : undefined, least, most),
  allowed: `A number of ${unit} from ${least} to ${most}`,
})

/** Text that is at most so long; trimmed. */
export const textNotation = (most: number): Notation<string> => ({
  show: (value) => value,
  read: (text) => (text.trim().length > 0 && text.trim().length <= most ? text.trim() : undefined),
  allowed: `At most ${most} characters`,
})
