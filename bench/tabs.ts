import type { Browser } from '@playwright/test'

const aimMs = 100

/**
 * From the press on a tab of a class to its view on the screen: the first time, with the hand coming near as hands do, and again
 * after an edit, which lays out every view anew. Median and worst of the tabs.
 */
export async function benchTabs(browser: Browser, base: string): Promise<void> {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  await page.goto(`${base}/classes/demo-lunch/shape`)
  await page.getByRole('button', { name: 'Run class' }).waitFor()
  const tabs = page.getByRole('navigation', { name: 'Class' }).getByRole('link')
  const change = async (index: number) => {
    await tabs.nth(index).hover()
    await page.waitForTimeout(300)
    return page.evaluate(async (at) => {
      const link = document.querySelectorAll<HTMLAnchorElement>('nav[aria-label=Class] a')[at]!
      const shown = () => [...document.querySelectorAll('[data-tab]:not([hidden])')]
      const before = shown()[0]
      const begun = performance.now()
      link.click()
      while (shown()[0] === before) await new Promise(requestAnimationFrame)
      await new Promise((painted) => requestAnimationFrame(() => setTimeout(painted, 0)))
      return performance.now() - begun
    }, index)
  }
  const round = async () => {
    const times = []
    for (let index = 1; index <= 8; index++) times.push({ tab: await tabs.nth(index % 8).innerText(), ms: await change(index % 8) })
    return times.sort((a, b) => a.ms - b.ms)
  }
  const line = (what: string, times: { tab: string; ms: number }[]) =>
    console.log(
      `  ${what}: ${times[4]!.ms.toFixed(0)} ms, worst ${times.at(-1)!.ms.toFixed(0)}, ${times.at(-1)!.tab.split('\n')[0]} (aim ${aimMs}: ratio ${(times.at(-1)!.ms / aimMs).toFixed(2)})`,
    )
  console.log('From one tab of a class to another')
  line('first time ', await round())
  await page.getByRole('textbox', { name: 'Transition', exact: true }).first().fill('0:20')
  await page.keyboard.press('Tab')
  line('again      ', await round())
  await page.context().close()
}
