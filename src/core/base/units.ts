/** The quantities the core computes with. A plan's seconds are whole; a run's clock is in milliseconds. */
export type Seconds = number
export type Milliseconds = number
export type Kilograms = number
export type Metres = number

/** `95` → `"1:35"`, `3700` → `"1:01:40"`. Negative values keep their sign; fractions are cut off. */
export function formatSeconds(seconds: Seconds): string {
  const sign = seconds < 0 ? '-' : ''
  const whole = Math.floor(Math.abs(seconds))
  const hours = Math.floor(whole / 3600)
  const minutes = Math.floor((whole % 3600) / 60)
  const rest = String(whole % 60).padStart(2, '0')
  return hours > 0 ? `${sign}${hours}:${String(minutes).padStart(2, '0')}:${rest}` : `${sign}${minutes}:${rest}`
}

/**
 * Reads a length of time as people type it: `45` (seconds), `1:30`, `1:00:00`, `90s`, `2 min`.
 * Returns `undefined` for anything else, so that a form can keep the text and say what is wrong.
 */
export function parseSeconds(text: string): Seconds | undefined {
  const trimmed = text.trim().toLowerCase()
  const clock = /^(?:(\d{1,2}):)?(\d{1,3}):([0-5]\d)$/.exec(trimmed)
  if (clock) return Number(clock[1] ?? 0) * 3600 + Number(clock[2]) * 60 + Number(clock[3])
  const plain = /^(\d{1,6})\s*(s|sec|min|m)?$/.exec(trimmed)
  if (!plain) return undefined
  return Number(plain[1]) * (plain[2]?.startsWith('m') ? 60 : 1)
}
