import { isDayKey, type DayKey } from './zoned'

const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']

const two = (text: string) => text.padStart(2, '0')

/**
 * Reads a day as people type it, once it is whole: `27.5.2027`, `27/05/2027`, `2027-05-27`, `27 May 2027`, `Thu 27 May 2027`. Day
 * before month, as the app writes it. Nothing for what is no day, not whole yet (`5/1/20`), or not plausible.
 */
export function typedDay(text: string): DayKey | undefined {
  const plain = text.trim().toLowerCase()
  const whole = (year: string, month: string, day: string) => {
    const key = `${year}-${two(month)}-${two(day)}`
    return isDayKey(key) ? key : undefined
  }
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(plain)
  if (iso) return whole(iso[1]!, iso[2]!, iso[3]!)
  const figures = /^(\d{1,2})\s*[./ -]\s*(\d{1,2})\s*[./ -]\s*(\d{4})$/.exec(plain)
  if (figures) return whole(figures[3]!, figures[2]!, figures[1]!)
  const words = /^(?:[a-z]+,?\s+)?(\d{1,2})\.?\s+([a-z]{3,9})\.?,?\s+(\d{4})$/.exec(plain)
  const month = words ? months.indexOf(words[2]!.slice(0, 3)) : -1
  return words && month >= 0 ? whole(words[3]!, String(month + 1), words[1]!) : undefined
}
