import type { KeyboardEvent } from 'react'

/** Where a press moves to, from a cell: rows and columns from 0; nothing where it stays in the text. */
export function moveBy(
  { key, shiftKey, ctrlKey, metaKey, altKey }: KeyboardEvent,
  field: HTMLInputElement,
): [down: number, right: number] | undefined {
  if (ctrlKey || metaKey || altKey) return undefined
  const { selectionStart, selectionEnd, value } = field
  switch (key) {
    case 'Enter':
      return [shiftKey ? -1 : 1, 0]
    case 'ArrowDown':
      return [1, 0]
    case 'ArrowUp':
      return [-1, 0]
    // At the end of the text, as in a sheet; within it, to the next letter.
    case 'ArrowRight':
      return selectionStart === value.length || (selectionStart === 0 && selectionEnd === value.length) ? [0, 1] : undefined
    case 'ArrowLeft':
      return selectionEnd === 0 || (selectionStart === 0 && selectionEnd === value.length) ? [0, -1] : undefined
    default:
      return undefined
  }
}

/** A piece of a sheet as the clipboard has it: its rows of cells; nothing where it is one cell. */
export function pastedCells(text: string): string[][] | undefined {
  const rows = text
    .replace(/\r?\n$/, '')
    .split(/\r?\n/)
    .map((row) => row.split('\t'))
  return rows.length > 1 || rows[0]!.length > 1 ? rows : undefined
}
