import { textWidth } from './text-width'

/** A station as it is found on the way: who goes there, and what it is. */
export interface WayTile {
  people: readonly string[]
  exercise: string
  /** Whether a mark stands before each name. */
  ways?: readonly unknown[]
  /** Whether a line tells what is carried there. */
  carried?: unknown
  /** Whether its movement is shown. */
  figure?: unknown
  /** Whether these people are on their way here: then their names are what is looked for. */
  coming?: boolean
}

/** A name as it stands on the wall, and how large. All sizes are in the units of the picture given. */
export interface PlacedName {
  text: string
  size: number
}

/** Stations in rows and columns, with names as large as they can be. */
export interface WallGrid {
  columns: number
  rows: number
  /** Between two tiles. */
  gap: number
  /** Of station numbers; exercises stand beside them at half of it. */
  headSize: number
  /** Of each tile's people, in their order. */
  names: PlacedName[][]
  /** The room that is left over the names of each tile for its picture: beside what the station is called, or under it. */
  pictures: { under: boolean; top: number; height: number }[]
}

/** Shares of a tile: what stands round its words, and between tiles. */
const between = 0.024
const padding = 0.05
/** Width of a mark before a name, with its gap, in sizes of the name. */
const markWidth = 0.68
/** Height of a line of names, and of the line with number and exercise, in sizes of their font. */
const nameLine = 1.06
const headLine = 1.25
/** The least share of a tile's height that pictures have while people work, and what they do is what the wall is for. */
const pictureShare = 0.42
/** A picture under the head of its tile is at least so high, and at most, as shares of the tile's width. */
const underWide = 0.3
const mostHigh = 0.8
/** Three lines of what is carried. */
const carriedLine = 1.5
/** A number is at most so large, as a share of the tile's height; and no less than this share of the names. */
const headShare = 0.22
/** Names up to so many times as wide as the middle one are set in one size. */
const ordinary = 1.3
/** A longer one may be so much smaller than the others before it is shortened. */
const smallest = 0.62

interface Tried extends WallGrid {
  /** The size of the smallest name, but for those that are shortened. */
  least: number
}

/**
 * A grid for these stations in a picture of `width` × `height`: rows and columns are those with which the smallest name is largest.
 * Ordinary names are set in one size. A long name is set smaller by itself, down to a floor; what is longer still, beside which the
 * others would become small, is shortened to what tells it from all others.
 */
export function wallGrid(tiles: readonly WayTile[], width: number, height: number): WallGrid {
  const everyone = tiles.flatMap(({ people }) => people)
  const mark = tiles.some(({ ways }) => ways !== undefined) ? markWidth : 0
  const tried = tiles.map((_, index) => triedWith(index + 1, tiles, { everyone, mark }, width, height))
  return tried.reduce((best, next) => (next.least > best.least ? next : best))
}

/** Everyone who has to be told from each other, and the width of what stands before each name. */
interface Names {
  everyone: readonly string[]
  mark: number
}

function triedWith(rows: number, tiles: readonly WayTile[], names: Names, width: number, height: number): Tried {
  // As even as can be: six in two rows are three and three.
  const columns = Math.ceil(tiles.length / rows)
  const gap = between * Math.min(width, height)
  const tileWidth = (width - gap * (columns - 1)) / columns
  const tileHeight = (height - gap * (rows - 1)) / rows
  const most = Math.max(1, ...tiles.map(({ people }) => people.length))
  const headSize = Math.min(headShare * tileHeight, 0.2 * tileWidth)
  const room = tileWidth * (1 - 2 * padding)
  const lines = headLine + (tiles.some(({ carried }) => carried !== undefined) ? carriedLine : 0)
  const pictured = tiles.some(({ figure, coming }) => figure !== undefined && !coming)
  const over = headSize * lines
  const high = (tileHeight * (1 - padding) - Math.max(over, pictured ? pictureShare * tileHeight : 0)) / (most * nameLine)
  const widths = names.everyone.map((name) => names.mark + textWidth(name)).sort((a, b) => a - b)
  const middle = widths[Math.floor(widths.length / 2)] ?? 1
  const widest = widths.findLast((width) => width <= middle * ordinary) ?? middle
  const size = Math.max(1, Math.min(high, room / widest))
  // What is longer than this becomes too small, and is shortened.
  const longest = Math.max(widest, ...widths.filter((width) => room / width >= size * smallest))
  const placedNames = tiles.map(({ people }) => people.map((name) => placed(name, names, size, room)))
  const pictures = placedNames.map((placed) => {
    const height = tileHeight * (1 - padding) - nameLine * placed.reduce((sum, { size }) => sum + size, 0)
    const below = height - over
    // A high tile has more room under its head than beside it.
    return below > underWide * tileWidth
      ? { under: true, top: over, height: Math.min(below, mostHigh * tileWidth) }
      : { under: false, top: 0, height }
  })
  return { columns, rows, gap, headSize, names: placedNames, pictures, least: Math.min(size, room / longest) }
}

/** The name at the size, or as much smaller as it has to be; shortened where that is below the floor. */
function placed(name: string, { everyone, mark }: Names, size: number, room: number): PlacedName {
  const fits = room / (mark + textWidth(name))
  if (fits >= size * smallest) return { text: name, size: Math.min(size, fits) }
  const text = shortened(name, everyone, room / (size * smallest) - mark)
  return { text, size: Math.min(size, room / (mark + textWidth(text))) }
}

/**
 * The longest beginning of a name that is no wider than `room` (in sizes of the font) with a full stop; longer where it takes more
 * to tell it from all others.
 */
export function shortened(name: string, everyone: readonly string[], room: number): string {
  const letters = [...name]
  const others = everyone.filter((other) => other !== name)
  let short = name
  for (let count = letters.length - 1; count > 1; count--) {
    const beginning = letters.slice(0, count).join('')
    if (others.some((other) => other.startsWith(beginning))) return short
    short = `${beginning.trimEnd()}.`
    if (textWidth(short) <= room) return short
  }
  return short
}
