import type { GearLine } from '@core/gear/count'
import type { GearTurn } from '@core/gear/station-need'
import type { Piece } from '@core/plan/plan'
import { turnsPerLap } from '@core/plan/turns'
import { pieceName } from '@core/summary/names'

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
    const which = named.length === perLap ? 'every turn' : `${named.length === 1 ? 'turn' : 'turns'} ${named.join(', ')}`
    return [`${pieceName(piece)}: ${which}`]
  })
  const where = line.stations.length > 0 ? ` Used at station ${line.stations.join(', ')}.` : ''
  return `${line.short} too few. ${when.join('; ')}.${where}`
}
