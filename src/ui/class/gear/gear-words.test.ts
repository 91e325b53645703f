import { expect, it } from 'vitest'
import type { GearLine } from '@core/gear/count'
import { Piece } from '@core/plan/plan'
import { shortageWords } from './gear-words'

const stations = ['a', 'b', 'c'].map((id) => ({ id, uses: [] }))
const stay = { kind: 'intervals', workSeconds: [40], gapSeconds: 0, sets: 1, setRestSeconds: 0 }
const piece = Piece.parse({ id: 'round', type: 'circuit', name: 'Round', travel: 'rotate', stations, laps: 2, stay })
const turns = [0, 1, 2, 3, 4, 5].map((turn) => ({ pieceId: 'round', repeat: 0, lap: Math.floor(turn / 3), turn }))
const said = (wanted: number[], at: number[]) =>
  shortageWords({ byTurn: wanted, owned: 2, short: 1, stations: at } as unknown as GearLine, turns, [piece])

it('tells when and where gear is short: one turn or station, two, several, or every turn', () => {
  expect(said([2, 3, 2, 2, 3, 2], [2])).toBe('1 too few. Round: turn 2. Used at station 2.')
  expect(said([3, 3, 2, 2, 2, 2], [1, 3])).toBe('1 too few. Round: turns 1 and 2. Used at stations 1 and 3.')
  expect(said([3, 3, 2, 2, 2, 3], [1, 2, 3])).toBe('1 too few. Round: every turn. Used at stations 1, 2, and 3.')
  expect(said([3, 2, 2, 2, 2, 2], [])).toBe('1 too few. Round: turn 1.')
})
