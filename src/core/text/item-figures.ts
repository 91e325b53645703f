import { limits } from '../base/limits'
import type { Item } from './draft'
import { placeOf } from './heard'
import type { TextLine } from './lines'
import type { Phrase } from './phrase'

/** What a phrase says of an exercise; false where it says nothing that one can have, or what has been said of it already. */
export function tellItem(item: Item, phrase: Phrase, line: TextLine): boolean {
  const key = keyOf(phrase)
  if (item.rest || (key && item[key] !== undefined)) return false
  switch (phrase.kind) {
    case 'time':
      if (phrase.seconds < 1 || phrase.seconds > 3600) return false
      item.seconds = phrase.seconds
      item.at = { ...item.at, seconds: placeOf([phrase], line) }
      return true
    case 'counted':
      item.counted = phrase.counted
      item.at = { ...item.at, counted: placeOf([phrase], line) }
      return true
    case 'load':
      if (phrase.kilograms <= 0 || phrase.kilograms > 500) return false
      item.load = { kilograms: phrase.kilograms }
      return true
    case 'tempo':
      if (phrase.figures.some((figure) => figure > 60)) return false
      item.tempo = { figures: phrase.figures, from: phrase.end }
      return true
    case 'distance':
      item.note = placeOf([phrase], line).text
      return true
    case 'sides':
      item.sides = phrase.sides
      return true
    case 'reps': {
      const { count, most, open } = phrase
      if (count < 1 || Math.max(count, most ?? 0) > limits.reps || (most !== undefined && most <= count)) return false
      item.reps = { count, ...(most !== undefined && { most }), ...(open && { open }) }
      return true
    }
    default:
      return false
  }
}

const keyOf = ({ kind }: Phrase): keyof Item | undefined =>
  kind === 'time'
    ? 'seconds'
    : kind === 'distance'
      ? 'note'
      : kind === 'reps' || kind === 'counted' || kind === 'load' || kind === 'tempo' || kind === 'sides'
        ? kind
        : undefined
