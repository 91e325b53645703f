import { describe, expect, it } from 'vitest'
import { pressed, snapshotOf } from '../../../../tests/fixtures/demo-run'
import { libraryExercises } from '../../../../scripts/library/exercises'
import { foldEvents } from '../clock/apply'
import { stateAt } from '../clock/state'
import { cardView } from './card-view'
import { roomView } from './room-view'
import { stationView } from './station-view'

const lunch = snapshotOf('demo-lunch')
const stateIn = (second: number, snapshot = lunch) => stateAt(foldEvents(snapshot.timeline, pressed([0, 'start'])), (10 + second) * 1000)
const work = lunch.timeline.phases.find((phase) => phase.kind === 'work' && phase.pieceId === 'll-stations')!
const figureOf = (name: string) => libraryExercises.find((exercise) => exercise.name === name)!.figure

describe('the picture of what is done', () => {
  const state = stateIn(work.start + 3)

  it('is the same on the wall and on the station’s own screen, of every station, and in words', () => {
    const { tiles } = roomView(lunch, state)
    expect(tiles).toHaveLength(8)
    for (const tile of tiles) {
      expect(tile.figure!.figure).toEqual(figureOf(tile.exercise))
      expect(tile.figure!.words).toContain(tile.exercise)
      expect(stationView(lunch, state, tile.number).figure).toEqual(tile.figure)
    }
  })

  it('is on one’s card that of one’s own option, which the wall does not show', () => {
    const pictures = lunch.people.flatMap(({ id }) => {
      const { now } = cardView(lunch, state, id)!
      return now?.figure ? [{ now, figure: now.figure }] : []
    })
    expect(pictures).toHaveLength(lunch.people.length)
    const tiles = roomView(lunch, state).tiles
    for (const { now, figure } of pictures) {
      expect(figure.words.startsWith(now.exercise)).toBe(true)
      if (now.exercise === tiles[now.station! - 1]!.exercise) expect(figure.figure).toEqual(tiles[now.station! - 1]!.figure!.figure)
    }
    expect(pictures.some(({ now }) => now.exercise !== tiles[now.station! - 1]!.exercise)).toBe(true)
  })

  it('is kept once, however often it is done, and only of what the class does', () => {
    const names = Object.keys(lunch.figures!)
    expect(new Set(names).size).toBe(names.length)
    expect(names).toContain('goblet-squat')
    expect(names).not.toContain('burpee')
    expect(JSON.stringify(lunch.figures).length).toBeLessThan(2000 * names.length)
  })

  it('is not there where a hall’s exercise has none, nor at a station that is closed or rests', () => {
    const bare = { ...lunch, figures: {} }
    expect(roomView(bare, state).tiles.some(({ figure }) => figure)).toBe(false)
    const closed = { ...lunch, circuits: { ...lunch.circuits, 'll-stations': { ...lunch.circuits['ll-stations']!, closed: [2] } } }
    expect(roomView(closed, state).tiles.flatMap(({ figure, number }) => (figure ? [] : [number]))).toEqual([3])
  })
})
