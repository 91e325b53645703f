import { noGoOf, obstaclesOf, type Room } from '../library/room'
import type { Metres } from '../base/units'
import { floorAt, type StationFloor } from './footprints'
import { distance, inside, middleOf, overlap, widened, type Point, type Rect } from './geometry'
import { roomRect, walkerOf } from './walk'

export interface Laid {
  spots: Point[]
  /** Stations (from 0) for which there is no room: they are put in the middle of it. */
  left: number[]
}

const step: Metres = 0.25
/** Kept between the floors of two stations where there is room for it. */
const wideGap: Metres = 0.5

/** A point so far along the walls, clockwise from the top left, when one keeps `inset` from them. */
function alongWalls(room: Room, inset: Metres, share: number): Point {
  const length = Math.max(0, room.lengthMetres - 2 * inset)
  const width = Math.max(0, room.widthMetres - 2 * inset)
  let way = share * 2 * (length + width)
  if (way <= length) return { x: inset + way, y: inset }
  way -= length
  if (way <= width) return { x: inset + length, y: inset + way }
  way -= width
  if (way <= length) return { x: inset + length - way, y: inset + width }
  return { x: inset, y: inset + width - (way - length) }
}

/** The anchor points that a station needs one of, by the kinds of gear it uses; empty when it is not bound to any. */
function anchorsFor(floor: StationFloor, room: Room): Point[] {
  const needs = new Set(floor.forms.flatMap((form) => form.gear.map((need) => need.kindId)))
  return (room.features ?? [])
    .filter((feature) => feature.kind === 'anchor' && feature.kindId !== undefined && needs.has(feature.kindId))
    .map(middleOf)
}

/**
 * Where a station would stand if it could: at the nearest anchor point that it needs and nobody has, or along the walls in the
 * order of the loop.
 */
function wantedSpot(room: Room, floor: StationFloor, count: number, taken: readonly Point[]): { target: Point; anchor?: Point } {
  const inset = Math.min(Math.max(floor.lengthMetres, floor.widthMetres) / 2, room.lengthMetres / 2, room.widthMetres / 2)
  const ring = alongWalls(room, inset, floor.index / count)
  const anchor = anchorsFor(floor, room)
    .filter((point) => !taken.includes(point))
    .sort((a, b) => distance(a, ring) - distance(b, ring))[0]
  return { target: anchor ?? ring, ...(anchor && { anchor }) }
}

/** The point of the room's grid nearest to a target that fits: looked for ring by ring round it, until no nearer one can come. */
function nearest({ lengthMetres, widthMetres }: Room, target: Point, fits: (point: Point) => boolean): Point | undefined {
  const [columns, rows] = [Math.ceil(lengthMetres / step) - 1, Math.ceil(widthMetres / step) - 1]
  const [column, row] = [Math.round(target.x / step), Math.round(target.y / step)]
  let best: { point: Point; metres: Metres } | undefined
  const look = (x: number, y: number) => {
    if (x < 1 || y < 1 || x > columns || y > rows) return
    const point = { x: x * step, y: y * step }
    const metres = distance(point, target)
    if ((!best || metres < best.metres) && fits(point)) best = { point, metres }
  }
  const rings = Math.max(column, row, columns - column, rows - row)
  for (let ring = 0; ring <= rings && !(best && best.metres <= (ring - 0.5) * step); ring++) {
    for (let x = column - ring; x <= column + ring; x++) {
      const isSide = Math.abs(x - column) === ring
      for (let y = row - ring; y <= row + ring; y += isSide || ring === 0 ? 1 : 2 * ring) look(x, y)
    }
  }
  return best?.point
}

/** What is bound to a place first, then the largest: the small ones find room between. */
function inOrderOfNeed(room: Room, floors: readonly StationFloor[]): StationFloor[] {
  const isBound = (floor: StationFloor) => anchorsFor(floor, room).length > 0
  const area = (floor: StationFloor) => floor.lengthMetres * floor.widthMetres
  const free = floors.filter((floor) => !isBound(floor)).sort((a, b) => area(b) - area(a) || a.index - b.index)
  return [...floors.filter(isBound), ...free]
}

/**
 * A spot for every station: round the walls in the order of the loop, floors clear of each other, of obstacles, exits and strips
 * kept free, and within reach of each other; stations that need an anchor point at one. Greedy and always the same; what does not
 * fit is told.
 */
export function layOut(room: Room, floors: readonly StationFloor[]): Laid {
  const whole = roomRect(room)
  const closed = [...noGoOf(room), ...obstaclesOf(room)]
  const walker = walkerOf(room)
  const placed: Rect[] = []
  const spots: Point[] = floors.map(() => middleOf(whole))
  const left: number[] = []
  const taken: Point[] = []
  let first: Point | undefined
  const reached = (point: Point) => !first || walker.metres(point, first) !== undefined
  for (const floor of inOrderOfNeed(room, floors)) {
    const { target, anchor } = wantedSpot(room, floor, floors.length, taken)
    const fits = (point: Point, gap: Metres) => {
      const rect = floorAt(point, floor)
      return (
        inside(rect, whole) &&
        !closed.some((area) => overlap(rect, area)) &&
        !placed.some((other) => overlap(widened(rect, gap / 2), widened(other, gap / 2)))
      )
    }
    const spot =
      nearest(room, target, (point) => fits(point, wideGap) && reached(point)) ??
      nearest(room, target, (point) => fits(point, 0) && reached(point))
    if (!spot) {
      left.push(floor.index)
      continue
    }
    if (anchor) taken.push(anchor)
    first ??= spot
    spots[floor.index] = spot
    placed.push(floorAt(spot, floor))
  }
  return { spots, left }
}
