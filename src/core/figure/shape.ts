import type { Hundredths } from './body'

/** How a shape is drawn: the figure decides what it is, the screen its colours. */
export type Look =
  | 'ink'
  | 'far'
  | 'ghost'
  | 'halo'
  | 'fill'
  | 'ghostFill'
  | 'gear'
  | 'gearLine'
  | 'scene'
  | 'sceneLine'
  | 'mat'
  | 'anchor'
  | 'arrow'

/** A path of an SVG picture, whose y goes down: the floor is at 0. */
export interface Shape {
  d: string
  look: Look
  /** Of a stroke; filled shapes have none. */
  width?: Hundredths
}

const figure = (value: number) => String(Math.round(value * 10) / 10)

interface Flat {
  x: Hundredths
  y: Hundredths
}

/** A line through points that are given with y going up. */
export const line = (...points: readonly Flat[]): string =>
  points.map(({ x, y }, index) => `${index === 0 ? 'M' : 'L'}${figure(x)} ${figure(-y)}`).join('')

export const circle = ({ x, y }: Flat, radius: Hundredths): string => {
  const [r, across] = [figure(radius), figure(2 * radius)]
  return `M${figure(x - radius)} ${figure(-y)}a${r} ${r} 0 1 0 ${across} 0a${r} ${r} 0 1 0 -${across} 0Z`
}

/** The upper half of a circle, over its flat side. */
export const dome = ({ x, y }: Flat, radius: Hundredths, high: Hundredths): string =>
  `M${figure(x - radius)} ${figure(-y)}A${figure(radius)} ${figure(high)} 0 0 1 ${figure(x + radius)} ${figure(-y)}Z`

export const box = (left: Hundredths, right: Hundredths, bottom: Hundredths, top: Hundredths): string =>
  `${line({ x: left, y: bottom }, { x: left, y: top }, { x: right, y: top }, { x: right, y: bottom })}Z`
