import type { Metres } from '../base/units'

/** Metres from the room's top left corner: x along its length, y along its width. */
export interface Point {
  x: Metres
  y: Metres
}

/** A rectangle along the walls, by its top left corner. */
export interface Rect extends Point {
  lengthMetres: Metres
  widthMetres: Metres
}

export const distance = (one: Point, other: Point): Metres => Math.hypot(one.x - other.x, one.y - other.y)

/** The rectangle round a middle. */
export const floorAround = (middle: Point, lengthMetres: Metres, widthMetres: Metres): Rect => ({
  x: middle.x - lengthMetres / 2,
  y: middle.y - widthMetres / 2,
  lengthMetres,
  widthMetres,
})

export const middleOf = (rect: Rect): Point => ({ x: rect.x + rect.lengthMetres / 2, y: rect.y + rect.widthMetres / 2 })

/** Less than this is the same line: a hand's breadth of rounding is no overlap. */
const sameLine: Metres = 1e-6

export const overlap = (one: Rect, other: Rect): boolean =>
  one.x + one.lengthMetres > other.x + sameLine &&
  other.x + other.lengthMetres > one.x + sameLine &&
  one.y + one.widthMetres > other.y + sameLine &&
  other.y + other.widthMetres > one.y + sameLine

/** Whether `inner` is wholly inside `outer`. */
export const inside = (inner: Rect, outer: Rect): boolean =>
  inner.x >= outer.x - sameLine &&
  inner.y >= outer.y - sameLine &&
  inner.x + inner.lengthMetres <= outer.x + outer.lengthMetres + sameLine &&
  inner.y + inner.widthMetres <= outer.y + outer.widthMetres + sameLine

/** The rectangle with `by` metres more on every side. */
export const widened = (rect: Rect, by: Metres): Rect => ({
  x: rect.x - by,
  y: rect.y - by,
  lengthMetres: rect.lengthMetres + 2 * by,
  widthMetres: rect.widthMetres + 2 * by,
})

/** Whether the straight way from `from` to `to` goes through the inside of `rect` (Liang & Barsky 1984: clipping by each side). */
export function crosses(from: Point, to: Point, rect: Rect): boolean {
  let enter = 0
  let leave = 1
  const clip = (direction: number, low: number, high: number, at: number) => {
    if (Math.abs(direction) < sameLine) return at > low + sameLine && at < high - sameLine
    const [near, far] = [(low + sameLine - at) / direction, (high - sameLine - at) / direction].sort((a, b) => a - b) as [number, number]
    enter = Math.max(enter, near)
    leave = Math.min(leave, far)
    return true
  }
  return (
    clip(to.x - from.x, rect.x, rect.x + rect.lengthMetres, from.x) &&
    clip(to.y - from.y, rect.y, rect.y + rect.widthMetres, from.y) &&
    enter < leave
  )
}
