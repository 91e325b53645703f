import { readFile } from 'node:fs/promises'
import { chromium } from '@playwright/test'
import { pictureOf } from '../src/core/figure/shapes'
import { formsOf, type Form } from '../src/core/library/form'
import { debianChromium } from './chromium'
import { libraryExercises } from './library/exercises'

/** `npm run contact-sheets`: every figure of the library on two sheets, exercises and options, into docs/screenshots. */
const folder = new URL('../docs/screenshots/', import.meta.url).pathname
const styles = await Promise.all(
  ['kit/tokens.css', 'kit/figure.module.css'].map((path) => readFile(new URL(`../src/ui/${path}`, import.meta.url), 'utf8')),
)
const text = (words: string) => words.replaceAll('&', '&amp;').replaceAll('<', '&lt;')

function card({ name, figure, rung }: Form): string {
  const { shapes, extent } = pictureOf(figure!)
  const [width, height] = [Math.max(extent.right - extent.left + 8, 112), Math.max(extent.top - extent.bottom + 4, 64)]
  const left = (extent.left + extent.right - width) / 2
  const paths = shapes
    .map(({ d, look, width: stroke }) => `<path data-look="${look}" d="${d}"${stroke ? ` stroke-width="${stroke}"` : ''}/>`)
    .join('')
  const turned = figure!.mirrored ? ` transform="matrix(-1 0 0 1 ${2 * left + width} 0)"` : ''
  const picture = `<svg viewBox="${left} ${-extent.bottom - height + 1} ${width} ${height}"><g class="figure"${turned}><path data-look="ground" d="M${extent.left - 4} 0H${extent.right + 4}"/>${paths}</g></svg>`
  return `<figure>${picture}<figcaption>${text(name)}${rung ? `<small>${rung}</small>` : ''}</figcaption></figure>`
}

const look = `
  body { display: grid; grid-template-columns: repeat(10, 1fr); gap: 6px; padding: 10px; }
  figure { margin: 0; padding: 4px 6px 6px; border-radius: 6px; background: var(--card); min-width: 0; }
  figure svg { display: block; width: 100%; height: 84px; }
  figcaption { font-size: 11px; line-height: 1.15; font-weight: 600; }
  small { display: block; font-weight: 400; color: var(--second); }
`

const browser = await chromium.launch(debianChromium)
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const forms = libraryExercises.flatMap(formsOf)
  const sheets = { 'figures-exercises': forms.filter(({ rung }) => !rung), 'figures-options': forms.filter(({ rung }) => rung) }
  for (const [name, shown] of Object.entries(sheets)) {
    await page.setContent(`<style>${styles.join('\n')}${look}</style>${shown.map(card).join('')}`)
    await page.screenshot({ path: `${folder}${name}.png`, fullPage: true })
  }
} finally {
  await browser.close()
}
