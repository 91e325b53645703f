import { textWidth } from './text-width'

/** Of a line of a list, in sizes of its font: its height, and what its number and the gap beside it take of the width. */
export const listLine = { height: 1.25, indent: 1.5 } as const

/** Words break where they do; a line is seldom full to its end. */
const filled = 0.92

/**
 * The largest size of type in which all lines of a list stand in a box, each broken into as many as it needs; at most `most`. All in
 * the units of the box.
 */
export function listSize(lines: readonly string[], width: number, height: number, most: number): number {
  const widths = lines.map(textWidth)
  const fits = (size: number) => {
    const room = (width / size - listLine.indent) * filled
    const rows = widths.reduce((sum, wide) => sum + Math.ceil(wide / Math.max(room, 1)), 0)
    return rows * listLine.height * size <= height
  }
  let [least, largest] = [1, most]
  if (fits(most)) return most
  while (largest - least > 0.25) {
    const size = (least + largest) / 2
    if (fits(size)) least = size
    else largest = size
  }
  return least
}
