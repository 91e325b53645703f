import { describe, expect, it } from 'vitest'
import { listLine, listSize } from './list-size'
import { textWidth } from './text-width'

const lines = [
  '12 shuttle walk there and back',
  'then, round after round:',
  '12 sit to stand',
  '8 push-up',
  '6 slider lunge each side',
  '0:25 plank',
]

describe('the size of a list on the wall', () => {
  it('is as large as is wanted while there is room, and smaller the more there is to stand', () => {
    expect(listSize(['8 push-up'], 600, 400, 40)).toBe(40)
    const [six, twelve] = [listSize(lines, 560, 300, 60), listSize([...lines, ...lines], 560, 300, 60)]
    expect(six).toBeLessThan(60)
    expect(twelve).toBeLessThan(six)
  })

  it('leaves nothing outside the box, lines that break counted', () => {
    for (const width of [300, 560, 900])
      for (const height of [200, 300, 420]) {
        const size = listSize(lines, width, height, 80)
        const rows = lines.reduce((sum, line) => sum + Math.ceil((textWidth(line) * size) / (width - listLine.indent * size)), 0)
        expect(rows * listLine.height * size, `${width} × ${height}`).toBeLessThanOrEqual(height)
      }
  })
})
