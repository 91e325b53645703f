import { chromium } from '@playwright/test'
import { withFreshDatabase } from '../tests/fixtures/database'
import { startServer } from '../tests/fixtures/server'
import { benchCues, benchDrift, benchSkew } from './clock'
import { benchCore } from './core'
import { benchCrowd } from './crowd'
import { benchFlood } from './flood'
import { benchSolver } from './solver'
import { benchPageWeight } from './page-weight'

/** `npm run bench`: needs the built app and DATABASE_URL, both of which ./start leaves behind. */
benchCore()
benchSolver()
benchDrift()
if (!process.env.DATABASE_URL) {
  console.log('Set DATABASE_URL for cues, clients and the weight of pages too.')
} else {
  const { url, drop } = await withFreshDatabase('bench')
  const server = await startServer(url)
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--autoplay-policy=no-user-gesture-required'],
  })
  try {
    const opened = await fetch(`${server.base}/api/classes/demo-lunch/runs`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: '{}',
    })
    const { id } = (await opened.json()) as { id: string }
    const controls = await (await fetch(`${server.base}/runs/${id}`)).text()
    await benchCues(browser, server.base)
    await benchSkew(browser, server.base)
    await benchCrowd(server.base, id)
    await benchPageWeight(browser, server.base, /\/wall\/[\w-]+/.exec(controls)![0])
    await server.kill()
    await benchFlood(url)
  } finally {
    await browser.close()
    await server.kill()
    await drop()
  }
}
