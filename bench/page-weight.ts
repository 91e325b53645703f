import type { Browser } from '@playwright/test'

/** Kilobytes as delivered, of script and, where it is named, of HTML. */
interface Aim {
  scripts: number
  html?: number
}

/** What each page brings with it, as on the wire: the sizes that the browser says it was sent. */
export async function benchPageWeight(browser: Browser, base: string, pages: Record<string, { path: string; aim?: Aim }>): Promise<void> {
  console.log('Bytes on the wire: script, HTML')
  for (const [name, { path, aim }] of Object.entries(pages)) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
    const page = await context.newPage()
    await page.goto(base + path)
    await page.waitForFunction(() => document.querySelector('astro-island[ssr]') === null)
    // What an island fetches for itself as it begins.
    await page.waitForTimeout(1500)
    const [scripts, html] = await page.evaluate(() => {
      const sizes = (entries: PerformanceEntry[]) =>
        (entries as PerformanceResourceTiming[]).reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0) / 1000
      const resources = performance.getEntriesByType('resource').filter(({ name }) => /\.js(\?|$)/.test(name))
      return [sizes(resources), sizes(performance.getEntriesByType('navigation'))] as const
    })
    await context.close()
    const ratio = (kilobytes: number, most?: number) => (most === undefined ? '' : ` (aim ${most}: ratio ${(kilobytes / most).toFixed(2)})`)
    console.log(
      `  ${scripts.toFixed(0).padStart(4)} kB${ratio(scripts, aim?.scripts)}, ${html.toFixed(0)} kB${ratio(html, aim?.html)}  ${name}`,
    )
  }
}
