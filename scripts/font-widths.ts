import { readFile, writeFile } from 'node:fs/promises'
import { chromium } from '@playwright/test'
import { debianChromium } from './chromium'

/**
 * Measures the letters of the font in which names stand on the wall, at their weight, and writes `font-widths.ts`: how far each
 * advances, in thousandths of the font's size. To be run when the font changes: npx tsx scripts/font-widths.ts
 */
const weight = 700
const files = ['latin', 'latin-ext'].map(
  (part) => `node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${part}-wght-normal.woff2`,
)
const range = (from: number, to: number) => Array.from({ length: to - from + 1 }, (_, index) => String.fromCodePoint(from + index))
const letters = [...range(0x20, 0x7e), ...range(0xc0, 0x17f), '‘', '’', '–', '—', '…', '·']

const browser = await chromium.launch(debianChromium)
const page = await browser.newPage()
const faces = await Promise.all(
  files.map(
    async (file) =>
      `@font-face { font-family: Names; font-weight: 200 800; src: url(data:font/woff2;base64,${(await readFile(file)).toString('base64')}) }`,
  ),
)
await page.setContent(`<style>${faces.join('\n')}</style><p style="font: ${weight} 20px Names">Aā</p>`)
const widths = await page.evaluate(
  async ({ letters, weight }) => {
    await Promise.all([document.fonts.load(`${weight} 100px Names`, 'A'), document.fonts.load(`${weight} 100px Names`, 'ā')])
    const context = document.createElement('canvas').getContext('2d')!
    context.font = `${weight} 1000px Names`
    return letters.map((letter) => Math.round(context.measureText(letter).width))
  },
  { letters, weight },
)
await browser.close()

const byWidth = new Map<number, string>()
letters.forEach((letter, index) => byWidth.set(widths[index]!, (byWidth.get(widths[index]!) ?? '') + letter))
const lines = [...byWidth].sort(([a], [b]) => a - b).map(([width, same]) => `  [${width}, ${JSON.stringify(same)}],`)
await writeFile(
  'src/core/wall/font-widths.ts',
  `/** Written by scripts/font-widths.ts: letters of Atkinson Hyperlegible Next at weight ${weight} by how far they advance, in thousandths of its size. */
export const lettersByWidth: readonly (readonly [width: number, letters: string])[] = [
${lines.join('\n')}
]
`,
)
