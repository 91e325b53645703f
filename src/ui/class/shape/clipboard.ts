import { Piece } from '@core/plan/plan'
import { read } from '@core/base/read'

/** Where a copied piece waits to be pasted, in this class or another, in this tab or another. */
const key = 'vicinor-piece'

export function copyPiece(piece: Piece): void {
  localStorage.setItem(key, JSON.stringify(piece))
}

/** The piece copied last, if there is one and it can still be read. */
export function copiedPiece(): Piece | undefined {
  try {
    const result = read(Piece, JSON.parse(localStorage.getItem(key) ?? 'null'))
    return result.ok ? result.value : undefined
  } catch {
    return undefined
  }
}
