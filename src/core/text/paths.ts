import type { Piece } from '../plan/plan'
import type { Path } from './phrase'

/** The id of what a way leads to, from the pieces of a part or from a circuit alone. */
export function idAt(pieces: readonly Piece[], path: Path): string | undefined {
  const step = (name: Path[number][0]) => path.find(([known]) => known === name)?.[1]
  const piece = pieces[step('piece') ?? 0]
  const [place, item] = [step('place'), step('item')]
  if (!piece || piece.type === 'pause' || place === undefined) return piece?.id
  const station = piece.stations[place]
  return item === undefined ? station?.id : station?.uses[item]?.id
}

/** The way to what has the id; nothing where nothing has it. */
export function pathTo(pieces: readonly Piece[], id: string): Path | undefined {
  for (const [at, piece] of pieces.entries()) {
    const first: Path = at === 0 ? [] : [['piece', at]]
    if (piece.id === id) return first
    for (const [place, station] of piece.type === 'pause' ? [] : piece.stations.entries()) {
      if (station.id === id) return [...first, ['place', place]]
      const item = station.uses.findIndex((use) => use.id === id)
      if (item >= 0) return [...first, ['place', place], ['item', item]]
    }
  }
  return undefined
}
