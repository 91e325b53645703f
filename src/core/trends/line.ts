/** A straight line through points. */
export interface Line {
  slope: number
  intercept: number
}

/** The line of least squares through `[x, y]`; nothing for fewer than two points, or all at one x. */
export function lineThrough(points: readonly (readonly [x: number, y: number])[]): Line | undefined {
  const count = points.length
  const mean = (of: (point: readonly [number, number]) => number) => points.reduce((all, point) => all + of(point), 0) / count
  const [x, y] = [mean(([at]) => at), mean(([, figure]) => figure)]
  const spread = points.reduce((all, [at]) => all + (at - x) ** 2, 0)
  if (count < 2 || spread === 0) return undefined
  const slope = points.reduce((all, [at, figure]) => all + (at - x) * (figure - y), 0) / spread
  return { slope, intercept: y - slope * x }
}

/** The middle of some figures; of an even number, half-way between the two. Nothing of none. */
export function median(figures: readonly number[]): number | undefined {
  const sorted = [...figures].sort((a, b) => a - b)
  const middle = Math.floor(sorted.length / 2)
  if (sorted.length === 0) return undefined
  return sorted.length % 2 === 1 ? sorted[middle] : (sorted[middle - 1]! + sorted[middle]!) / 2
}

/** How attendance, or anything counted from class to class, goes: by how much a class, in words that a line of least squares supports. */
export type Trend = 'up' | 'down' | 'steady'

/** Less than this much of a class's usual number, over all that is looked at, is no trend. */
const worthCalling = 0.15

/** Of the figures of classes in their order: whether the line through them rises or falls by enough to be called so. */
export function trendOf(figures: readonly number[]): Trend | undefined {
  if (figures.length < 4) return undefined
  const line = lineThrough(figures.map((figure, index) => [index, figure] as const))
  const usual = figures.reduce((all, figure) => all + figure, 0) / figures.length
  if (!line || usual === 0) return undefined
  const change = (line.slope * (figures.length - 1)) / usual
  return change > worthCalling ? 'up' : change < -worthCalling ? 'down' : 'steady'
}
