import { dirname } from 'node:path'
import { floors } from './floors'
import type { Import } from './imports'

const row = 30
const left = 150
/** Where the arcs begin. */
const right = 650
const width = 980

const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;')

/** Which floor uses which, from the real imports: each once, with how many imports it stands for. */
function arrowsOf(imports: readonly Import[]): Map<string, number> {
  const arrows = new Map<string, number>()
  for (const { from, to } of imports) {
    const [one, other] = [dirname(from), dirname(to)]
    if (one !== other) arrows.set(`${one} ${other}`, (arrows.get(`${one} ${other}`) ?? 0) + 1)
  }
  return arrows
}

/**
 * The core as an SVG: its floors from the ground up, and to the right an arc from each to every floor that it uses; the more
 * imports, the stronger.
 */
export function picture(imports: readonly Import[]): string {
  const names = floors.map(([floor]) => floor)
  const height = names.length * row + 40
  const y = (floor: string) => height - 25 - names.indexOf(floor) * row
  const arcs = [...arrowsOf(imports)].map(([pair, count]) => {
    const [from, to] = pair.split(' ') as [string, string]
    const reach = 14 + Math.abs(names.indexOf(from) - names.indexOf(to)) * 8
    return `<path d="M ${right} ${y(from)} C ${right + reach} ${y(from)} ${right + reach} ${y(to)} ${right} ${y(to)}" stroke-width="${Math.min(4, 0.6 + count / 8).toFixed(2)}"/>`
  })
  const rooms = floors.map(
    ([floor, what]) =>
      `<text x="16" y="${y(floor) + 5}" class="floor">${floor}</text><text x="${left}" y="${y(floor) + 5}">${escaped(what)}</text><circle cx="${right}" cy="${y(floor)}" r="3"/>`,
  )
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" font-family="system-ui, sans-serif" font-size="13" fill="#22262e">
<style>.floor{font-weight:700}path{fill:none;stroke:#1c6480;opacity:.35}</style>
<rect width="100%" height="100%" fill="#f6f1e7"/>
${arcs.join('\n')}
${rooms.join('\n')}
</svg>
`
}
