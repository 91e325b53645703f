import { Copied } from '@core/plan/edit/copied'
import { read } from '@core/base/read'

/** Where a copied piece waits to be pasted, in this class or another, in this tab or another. */
const key = 'vicinor-piece'

export function copyPiece(copied: Copied): void {
  localStorage.setItem(key, JSON.stringify(copied))
}

/** The piece copied last, if there is one and it can still be read. */
export function copiedPiece(): Copied | undefined {
  try {
    const result = read(Copied, JSON.parse(localStorage.getItem(key) ?? 'null'))
    return result.ok ? result.value : undefined
  } catch {
    return undefined
  }
}
