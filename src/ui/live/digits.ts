import { formatSeconds } from '@core/units'

/** Seconds alone up to a minute, minutes and seconds above. */
export const digitsOf = (seconds: number): string => (seconds < 60 ? String(seconds) : formatSeconds(seconds))
