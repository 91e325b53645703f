import { lettersByWidth } from './font-widths'

const widths = new Map(lettersByWidth.flatMap(([width, letters]) => [...letters].map((letter) => [letter, width / 1000] as const)))

/** Other scripts: as wide as they are high. */
const square = 1
/** Marks on the letter before, and joiners. */
const isMark = (letter: string) => /\p{M}|\u200d/u.test(letter)

/** How wide a text is in the wall's font for names, in sizes of the font. */
export function textWidth(text: string): number {
  let sum = 0
  for (const letter of text.normalize('NFC')) sum += widths.get(letter) ?? (isMark(letter) ? 0 : square)
  return sum
}
