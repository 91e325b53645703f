import { chromium } from '@playwright/test'
import { debianChromium } from '../scripts/chromium'
import { withFreshDatabase } from '../tests/fixtures/database'
import { asker } from '../tests/fixtures/hall'
import { startServer } from '../tests/fixtures/server'
import { benchCues, benchDrift, benchSkew } from './clock'
import { benchCore } from './core'
import { benchCrowd } from './crowd'
import { benchFigures } from './figures'
import { benchFlood } from './flood'
import { benchKeys } from './keys'
import { benchText } from './text'
import { benchPace } from './pace'
import { benchReach } from './reach'
import { benchPageWeight } from './page-weight'
import { benchShortage } from './shortage'
import { benchSolver } from './solver'
import { benchTabs } from './tabs'
import { benchYears } from './years'

/** What `npm run bench` measures, or only what is named: `npm run bench -- tabs years`. */
const parts: Record<string, () => Promise<void> | void> = {
  core: () => {
    benchCore()
    benchShortage()
    benchPace()
    benchReach()
    benchSolver()
    benchDrift()
  },
  room: () =>
    onScreens(async (browser, base, runId) => {
      await benchCues(browser, base)
      await benchSkew(browser, base)
      await benchCrowd(base, runId)
    }),
  tabs: () => onScreens((browser, base) => benchTabs(browser, base)),
  keys: () => onScreens((browser, base) => benchKeys(browser, base)),
  text: () => onScreens((browser, base) => benchText(browser, base)),
  figures: () => onScreens((browser, base) => benchFigures(browser, base)),
  pages: () =>
    onScreens(async (browser, base, runId) => {
      const screens = await (await fetch(`${base}/runs/${runId}/screens`)).text()
      const linkTo = (screen: string) => new RegExp(`/${screen}/[\\w-]+`).exec(screens)![0]
      await benchPageWeight(browser, base, {
        wall: { path: linkTo('wall'), aim: { scripts: 100 } },
        card: { path: linkTo('card'), aim: { scripts: 100 } },
        'a class': { path: '/classes/demo-lunch/shape', aim: { scripts: 260, html: 25 } },
        Classes: { path: '/' },
        Plans: { path: '/plans' },
        Exercises: { path: '/exercises' },
        People: { path: '/people' },
        Log: { path: '/log' },
      })
    }),
  years: () => onDemo(benchYears),
  flood: () => onDemo(benchFlood),
}

async function onDemo(measure: (url: string) => Promise<void>): Promise<void> {
  const { url, drop } = await withFreshDatabase('bench')
  try {
    await measure(url)
  } finally {
    await drop()
  }
}

/** With a browser, the app, and a run of a class that is open. */
async function onScreens(measure: (browser: Awaited<ReturnType<typeof chromium.launch>>, base: string, runId: string) => Promise<void>) {
  const { url, drop } = await withFreshDatabase('bench')
  const server = await startServer(url)
  const { post } = asker(server.base)
  const browser = await chromium.launch(debianChromium)
  try {
    const run = await post('/api/classes/demo-lunch/runs')
    await measure(browser, server.base, run.body.id as string)
  } finally {
    await browser.close()
    await server.kill()
    await drop()
  }
}

const named = process.argv.slice(2)
const unknown = named.filter((name) => !(name in parts))
if (unknown.length > 0) throw new Error(`There is no ${unknown.join(', ')}: ${Object.keys(parts).join(', ')}.`)
for (const [name, measure] of Object.entries(parts)) if (named.length === 0 || named.includes(name)) await measure()
