declare const unit: unique symbol

/**
 * A number of one unit. The compiler keeps units apart: milliseconds cannot be passed for seconds, nor metres for kilograms. What
 * has no unit yet (a literal, the result of arithmetic, a field that was just read) takes the one that it is given.
 */
type NumberOf<Unit extends string> = number & { readonly [unit]?: Unit }

/** The quantities the core computes with. A plan's seconds are whole; a run's clock is in milliseconds. */
export type Seconds = NumberOf<'seconds'>
export type Milliseconds = NumberOf<'milliseconds'>
export type Kilograms = NumberOf<'kilograms'>
export type Metres = NumberOf<'metres'>

/** A plan counts in seconds, a run in milliseconds: `inMilliseconds(1.5)` → `1500`. */
export const inMilliseconds = (seconds: Seconds): Milliseconds => seconds * 1000

/** `inSeconds(1500)` → `1.5`. */
export const inSeconds = (milliseconds: Milliseconds): Seconds => milliseconds / 1000

/** `95` → `"1:35"`, `3700` → `"1:01:40"`. Negative values keep their sign; fractions are cut off. */
export function formatSeconds(seconds: Seconds): string {
  const sign = seconds < 0 ? '-' : ''
  const whole = Math.floor(Math.abs(seconds))
  const hours = Math.floor(whole / 3600)
  const minutes = Math.floor((whole % 3600) / 60)
  const rest = String(whole % 60).padStart(2, '0')
  return hours > 0 ? `${sign}${hours}:${String(minutes).padStart(2, '0')}:${rest}` : `${sign}${minutes}:${rest}`
}

/** What is more or less: `+1:30`, `-0:10`. */
export const signedSeconds = (seconds: Seconds): string => `${seconds > 0 ? '+' : ''}${formatSeconds(seconds)}`

/**
 * Reads a length of time as people type it: `45` (seconds), `1:30`, `1:00:00`, `90s`, `2 min`, `1.5 min`; and from a length that
 * stands there, `+5` and `-5` more or less than it. Returns `undefined` for anything else, and for parts of a second, so that a
 * form can keep the text and say what is wrong.
 */
export function parseSeconds(text: string, from?: Seconds): Seconds | undefined {
  const trimmed = text.trim().toLowerCase()
  const change = from === undefined ? undefined : /^([+-])\s*(.+)$/.exec(trimmed)
  if (change) {
    const by = parseSeconds(change[2]!)
    return by === undefined ? undefined : from! + (change[1] === '-' ? -by : by)
  }
  const clock = /^(?:(\d{1,2}):)?(\d{1,3}):([0-5]\d)$/.exec(trimmed)
  if (clock) return Number(clock[1] ?? 0) * 3600 + Number(clock[2]) * 60 + Number(clock[3])
  const plain = /^(\d{1,6}(?:[.,]\d{1,2})?)\s*(s|secs?|seconds?|m|mins?|minutes?|["”']|′)?$/.exec(trimmed)
  if (!plain) return undefined
  const isMinutes = /^(m|'|′)/.test(plain[2] ?? '')
  const seconds = Number(plain[1]!.replace(',', '.')) * (isMinutes ? 60 : 1)
  return Number.isInteger(seconds) ? seconds : undefined
}
