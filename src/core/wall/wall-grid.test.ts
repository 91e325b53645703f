import { describe, expect, it } from 'vitest'
import { demoPeople } from '../../../scripts/demo/people'
import { textWidth } from './text-width'
import { shortened, wallGrid, type WayTile } from './wall-grid'
import { namesReach, stationAreas } from './wall-reach'

const { width, height } = stationAreas.way
/** Of a picture that many have. */
const pictureMetres = 1.2
const names = demoPeople.map(({ name }) => name)
const hard = [
  'Maximilienne',
  'Konstantinos',
  'Ann',
  'Anna',
  'Björn-Håkan',
  'Wilhelmina',
  'Éloïse',
  'Łukasz',
  '陽菜',
  'Oluwaseun',
  'Mohammadreza',
  'Marguerite-Io',
]
const of = (stations: number, each: number, from: readonly string[]): WayTile[] =>
  Array.from({ length: stations }, (_, station) => ({
    exercise: 'Goblet squat',
    people: Array.from({ length: each }, (_, index) => from[(station * each + index) % from.length]!),
  }))

describe('the grid of stations on the wall', () => {
  it.each([
    ['8 stations of pairs', 8, 2, 6],
    ['12 of pairs', 12, 2, 4.5],
    ['6 of trios', 6, 3, 5],
    ['16 of one', 16, 1, 6],
  ])('%s: the least name is read from far enough on a picture 1.2 m wide (aims of the trade)', (_, stations, each, metres) => {
    expect(namesReach(of(stations, each, names), 'way', pictureMetres)).toBeGreaterThanOrEqual(metres)
  })

  it('everything fits: names in their tiles, tiles in the picture, whatever the names', () => {
    for (let stations = 1; stations <= 20; stations++) {
      for (const each of [1, 2, 3, 4]) {
        const tiles = of(stations, each, [...names, ...hard])
        const grid = wallGrid(tiles, width, height)
        expect(grid.columns * grid.rows).toBeGreaterThanOrEqual(stations)
        const tileWidth = width / grid.columns
        const tileHeight = height / grid.rows
        for (const people of grid.names) {
          for (const { text, size } of people) expect(textWidth(text) * size).toBeLessThanOrEqual(tileWidth)
          const high = people.reduce((sum, { size }) => sum + size * 1.06, 0)
          expect(high + grid.headSize).toBeLessThanOrEqual(tileHeight)
        }
      }
    }
  })

  it('a larger picture never makes names smaller (but for what its larger head takes), nor does a station less', () => {
    const sizeIn = (stations: number, wide: number, high: number) =>
      Math.min(
        ...wallGrid(of(stations, 2, ['Saoirse', 'Bo']), wide, high)
          .names.flat()
          .map(({ size }) => size),
      )
    for (let stations = 2; stations <= 16; stations++) {
      const here = sizeIn(stations, width, height)
      expect(sizeIn(stations, width * 1.2, height)).toBeGreaterThanOrEqual(here * 0.97)
      expect(sizeIn(stations, width, height * 1.2)).toBeGreaterThanOrEqual(here * 0.97)
      expect(sizeIn(stations - 1, width, height)).toBeGreaterThanOrEqual(here * 0.97)
    }
  })

  it('a long name is smaller by itself, and shortened only to what tells it from the others', () => {
    const people = ['Ann', 'Maximilienne-Charlotte', 'Bo', 'Maximilian']
    const { names: placed } = wallGrid(of(8, 1, people), width, height)
    const long = placed.flat().find(({ text }) => text.startsWith('Maximilie'))!
    expect(long.size).toBeLessThan(placed.flat().find(({ text }) => text === 'Ann')!.size)
    expect(shortened('Maximilienne', ['Maximilienne', 'Maximilian'], 3)).toBe('Maximilie.')
    expect(shortened('Konstantinos', ['Konstantinos', 'Bo'], 3)).toMatch(/^Kons?t?\.$/)
    expect(shortened('Anna', ['Anna', 'Ann'], 0.1)).toBe('Anna')
  })

  it('letters are as wide as the font has them, other scripts square, marks nothing', () => {
    expect(textWidth('m')).toBeGreaterThan(textWidth('i') * 2)
    expect(textWidth('陽菜')).toBe(2)
    expect(textWidth('e\u0301')).toBe(textWidth('é'))
    expect(textWidth('')).toBe(0)
  })
})
