import { gzipSync } from 'node:zlib'
import type { Browser } from '@playwright/test'

const wallAim = 120

/** The compressed script that each page loads, as a browser asks for it. */
export async function benchPageWeight(browser: Browser, base: string, wallPath: string): Promise<void> {
  const paths = ['/', '/plans', '/people', '/log', '/classes/demo-lunch/shape', '/classes/demo-lunch/gear', wallPath]
  console.log('Compressed script of each page')
  for (const path of paths) {
    const page = await browser.newPage()
    let bytes = 0
    const pending: Promise<void>[] = []
    page.on('response', (response) => {
      if (response.request().resourceType() !== 'script') return
      pending.push(response.body().then((body) => void (bytes += gzipSync(body).length)))
    })
    await page.goto(base + path)
    await page.waitForFunction(() => document.querySelector('astro-island[ssr]') === null)
    await Promise.all(pending)
    await page.close()
    const kilobytes = bytes / 1000
    const aim = path === wallPath ? ` (aim under ${wallAim} kB: ratio ${(kilobytes / wallAim).toFixed(2)})` : ''
    console.log(`  ${kilobytes.toFixed(0).padStart(4)} kB  ${path === wallPath ? 'wall' : path}${aim}`)
  }
}
