import { formatSeconds, parseSeconds } from '@core/base/units'
import {
  readCycle,
  readDose,
  readLaps,
  readReps,
  readRungs,
  readTempo,
  showCycle,
  showDose,
  showLaps,
  showReps,
  showRungs,
  showTempo,
} from '@core/plan/words/notation'
import type { NumberSlot, TextSlot, Written, WrittenSlot } from '@core/summary/sentence/said'
import { countNotation, decimalNotation, textNotation, timeNotation, type Notation } from '../../../kit/notation'

export type FigureSlot<Of> = NumberSlot<Of> | WrittenSlot<Of> | TextSlot<Of>

/** How those values are typed that have a notation of their own. */
export const written: { [Kind in keyof Written]: Notation<Written[Kind]> } = {
  rungs: { show: showRungs, read: readRungs, allowed: 'Figures such as 10-8-6-4-2' },
  laps: { show: showLaps, read: readLaps, allowed: 'Laps such as 4, or 2, 4' },
  reps: { show: showReps, read: readReps, allowed: 'Such as 12, 8–10, or max 12–18' },
  tempo: { show: showTempo, read: readTempo, allowed: 'Four figures: lower-hold-raise-hold, such as 4-2-1-0' },
  cycle: { show: showCycle, read: readCycle, allowed: 'Such as 5 squats + 3 jumps' },
  dose: { show: showDose, read: readDose, allowed: 'Such as 6, 20 s, 3 rounds, 2 laps, rest 15 s' },
  kilograms: decimalNotation(0.1, 500, 'kilograms'),
}

/** What is typed after a `+` or `-` is more or less than what stood there (`from`). */
const changed = (text: string, from: number): string => {
  const by = /^\s*([+-])\s*(\d{1,4})\s*$/.exec(text)
  return by ? String(from + Number(by[2]) * (by[1] === '-' ? -1 : 1)) : text
}

/** How a slot is typed; a figure takes more or less than `from` too. */
export function notationOf<Of>(slot: FigureSlot<Of>, from: number): Notation<unknown> {
  switch (slot.kind) {
    case 'time': {
      const time = timeNotation(slot.least, slot.most)
      const read = (text: string) => {
        const typed = slot.minutes && /^\s*\d{1,3}\s*$/.test(text) ? `${text} min` : text
        const seconds = parseSeconds(typed, from)
        return seconds === undefined ? undefined : time.read(formatSeconds(seconds))
      }
      return { ...time, read } as Notation<unknown>
    }
    case 'count': {
      const count = countNotation(slot.least, slot.most)
      return { ...count, read: (text) => count.read(changed(text, from)) } as Notation<unknown>
    }
    case 'text':
      return textNotation(slot.most) as Notation<unknown>
    default:
      return written[slot.kind] as Notation<unknown>
  }
}

/** Whether what is typed means that it is not done at all: nothing, or a figure below the least that is worth saying. */
export function meansNone<Of>(slot: FigureSlot<Of>, text: string): boolean {
  if (text.trim() === '') return true
  const value = slot.kind === 'time' ? parseSeconds(text) : slot.kind === 'count' && /^\d+$/.test(text.trim()) ? Number(text) : undefined
  return value !== undefined && 'least' in slot && value < slot.least
}
