import { andList } from '@core/base/and-list'
import type { GearLine } from '@core/gear/count'
import type { GearTurn } from '@core/gear/station-need'
import type { Piece } from '@core/plan/plan'
import { turnsPerLap } from '@core/plan/turns'
import { pieceName } from '@core/summary/names'

/** "turn 3", "stations 1 and 7". */
const numbered = (what: string, numbers: readonly number[]): string =>
  `${what}${numbers.length === 1 ? '' : 's'} ${andList(numbers.map(String))}`

/** How many too few, and when: the circuit, and its turns as they are counted in each lap. */
export function shortageWords(line: GearLine, turns: readonly GearTurn[], pieces: readonly Piece[]): string {
  const when = pieces.flatMap((piece) => {
    if (piece.type === 'pause') return []
    const perLap = turnsPerLap(piece)
    const over = turns.flatMap((turn, index) =>
      turn.pieceId === piece.id && line.byTurn[index]! > line.owned ? [(turn.turn % perLap) + 1] : [],
    )
    const named = [...new Set(over)].sort((a, b) => a - b)
    if (named.length === 0) return []
    const which = named.length === perLap ? 'every turn' : numbered('turn', named)
    return [`${pieceName(piece)}: ${which}`]
  })
  const where = line.stations.length > 0 ? ` Used at ${numbered('station', line.stations)}.` : ''
  return `${line.short} too few. ${when.join('; ')}.${where}`
}
