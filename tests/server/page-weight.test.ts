import { existsSync, readFileSync, statSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { sumBy } from 'es-toolkit'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { makeRun, openHall, type Hall } from '../fixtures/hall'

let hall: Hall
let runId: string
beforeAll(async () => {
  hall = await openHall()
  runId = await makeRun(hall, 'demo-lunch')
})
afterAll(() => hall.close())

const pathTo = async (screen: 'wall' | 'card') =>
  `/${screen}/${((await hall.post(`/api/runs/${runId}/links/${screen}`)).body.links as { token: string }[])[0]!.token}`

/** The scripts that a page brings before it can be used, and what it asks for at once; each with all that it needs. */
async function scriptsOf(path: string, atOnce?: string): Promise<Set<string>> {
  const html = await (await fetch(hall.server.base + path)).text()
  const scripts = new Set([...html.matchAll(/(?:component-url|renderer-url)="([^"]+\.js)"/g)].map(([, script]) => script!))
  for (const script of scripts) {
    const text = readFileSync(join('dist/client', script), 'utf8')
    for (const [, needed] of text.matchAll(/(?:from|import)\s*"(\.\/[^"]+\.js)"/g)) scripts.add(join(dirname(script), needed!))
    for (const [, later] of text.matchAll(/import\("(\.\/[^"]+\.js)"\)/g))
      if (atOnce && later!.includes(atOnce)) scripts.add(join(dirname(script), later!))
  }
  return scripts
}

/** Kilobytes as delivered to a browser that takes the smallest. */
const weight = (scripts: Iterable<string>) =>
  sumBy([...scripts], (script) => {
    const file = join('dist/client', script)
    return statSync(existsSync(`${file}.br`) ? `${file}.br` : file).size / 1000
  })

it.each([
  ['wall', 100],
  ['card', 100],
] as const)('a %s is there with few and light scripts', async (screen, most) => {
  const scripts = await scriptsOf(await pathTo(screen))
  expect(weight(scripts), [...scripts].join(' ')).toBeLessThanOrEqual(most)
  expect(scripts.size).toBeLessThanOrEqual(15)
})

it('a class is there with few and light scripts, its first tab with it', async () => {
  const scripts = await scriptsOf('/classes/demo-lunch/shape', 'ShapeView')
  expect([...scripts].join(' ')).toContain('ShapeView')
  expect(weight(scripts), [...scripts].join(' ')).toBeLessThanOrEqual(260)
  expect(scripts.size).toBeLessThanOrEqual(25)
})
