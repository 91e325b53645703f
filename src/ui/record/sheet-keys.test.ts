import { describe, expect, it } from 'vitest'
import type { KeyboardEvent } from 'react'
import { moveBy, pastedCells } from './sheet-keys'

const press = (key: string, value = '', at: [number, number] = [0, value.length], held: object = {}) =>
  moveBy(
    { key, shiftKey: false, ctrlKey: false, metaKey: false, altKey: false, ...held } as KeyboardEvent,
    {
      value,
      selectionStart: at[0],
      selectionEnd: at[1],
    } as HTMLInputElement,
  )

describe('keys of the sheet', () => {
  it('go down and up, and to the sides from the ends of what is typed', () => {
    expect(press('Enter')).toEqual([1, 0])
    expect(press('Enter', '', [0, 0], { shiftKey: true })).toEqual([-1, 0])
    expect([press('ArrowDown'), press('ArrowUp')]).toEqual([
      [1, 0],
      [-1, 0],
    ])
    expect(press('ArrowRight', '2:14', [4, 4])).toEqual([0, 1])
    expect(press('ArrowRight', '2:14', [1, 1])).toBeUndefined()
    expect(press('ArrowLeft', '2:14', [0, 0])).toEqual([0, -1])
    expect(press('ArrowLeft', '2:14', [2, 2])).toBeUndefined()
    // All of it is chosen, as when one comes to a cell.
    expect([press('ArrowRight', '2:14'), press('ArrowLeft', '2:14')]).toEqual([
      [0, 1],
      [0, -1],
    ])
    expect([press('a'), press('ArrowDown', '', [0, 0], { ctrlKey: true })]).toEqual([undefined, undefined])
  })

  it('a block of cells is one; a cell is text', () => {
    expect(pastedCells('2:14\t5\r\n2:20\t\r\n')).toEqual([
      ['2:14', '5'],
      ['2:20', ''],
    ])
    expect(pastedCells('2:14\n')).toBeUndefined()
    expect(pastedCells('a\nb')).toEqual([['a'], ['b']])
  })
})
