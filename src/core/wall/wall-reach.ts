import type { Metres } from '../base/units'
import type { ComputedClass } from '../class/compute'
import type { Room } from '../library/room'
import { readingDistance } from './reading-distance'
import { wallGrid, type WayTile } from './wall-grid'

/** The picture by which the wall is laid out. Others are larger or smaller, and read as much further or less far. */
export const picture = { width: 1280, height: 720 } as const

/** What the wall has for its stations on that picture: on the way, and at work in the layouts Room and Far (see its styles). */
export const stationAreas = {
  way: { width: 1240, height: 500 },
  room: { width: 1240, height: 360 },
  far: { width: 1240, height: 432 },
} as const
export type StationArea = keyof typeof stationAreas

/** Of a capital of the names' font, in sizes of it: Atkinson Hyperlegible Next. */
const capitalHeight = 0.668

/** From how far the smallest of these names reads on a picture so wide; nothing where there is no name. */
export function namesReach(tiles: readonly WayTile[], area: StationArea, pictureMetres: Metres): Metres | undefined {
  if (tiles.every(({ people }) => people.length === 0)) return undefined
  const { width, height } = stationAreas[area]
  const sizes = wallGrid(tiles, width, height).names.flat()
  return readingDistance((Math.min(...sizes.map(({ size }) => size)) * capitalHeight * pictureMetres) / picture.width)
}

/**
 * The stations of each circuit of a class in which people rotate, with who begins there; two waves begin one after the other, at the
 * same stations.
 */
export const startTiles = ({ rotations }: Pick<ComputedClass, 'rotations'>): WayTile[][] =>
  rotations.flatMap(({ circuit, rotation, units }) => {
    if (!rotation.ok) return []
    const { turns, mixes } = rotation.value
    const first = turns[0] ?? []
    const tiles = circuit.stations.map((_, station): WayTile => {
      const people = (first[station] ?? []).flatMap((unit) => units[unit]?.map(({ name, shownAs }) => shownAs ?? name) ?? [])
      return { exercise: '', people, ...(mixes && { ways: [] }) }
    })
    return tiles.some(({ people }) => people.length > 0) ? [tiles] : []
  })

/**
 * How far the names of a class read on the way, and how far the back of the room is, where that is further; nothing where all can read
 * them.
 */
export function outOfReach(
  tiles: readonly WayTile[][],
  room: Pick<Room, 'lengthMetres' | 'widthMetres'>,
  pictureMetres: Metres,
): { reach: Metres; back: Metres } | undefined {
  const reach = classReach(tiles, 'way', pictureMetres)
  const back = Math.max(room.lengthMetres, room.widthMetres)
  return reach === undefined || reach >= back ? undefined : { reach, back }
}

/** Of all that a class shows there, the name that reads least far. */
export function classReach(tiles: readonly WayTile[][], area: StationArea, pictureMetres: Metres): Metres | undefined {
  const found = tiles.flatMap((stations) => namesReach(stations, area, pictureMetres) ?? [])
  return found.length > 0 ? Math.min(...found) : undefined
}
