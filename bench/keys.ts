import type { Browser } from '@playwright/test'
import { asker } from '../tests/fixtures/hall'

const aimMs = 1000 / 60
const keys = 60

/**
 * From a key in a slot of the sentence to the new total on the page: all script of the key, with what it computes and lays out anew,
 * up to the next frame: sentence, ribbon and total. Findings, tiles and load follow in slices when there is time. The class lasts 90 minutes: 13 stations in pairs, with a warm-up and a cool-down.
 */
export async function benchKeys(browser: Browser, base: string): Promise<void> {
  const { get, post } = asker(base)
  const { document: planned } = (await get('/api/classes/demo-lunch')).body as {
    document: { plan: { slotSeconds: number; parts: Part[] } }
  }
  const long = planned.plan.parts.flatMap(({ pieces }) => pieces).find((piece) => piece.travel === 'rotate')!
  long.stations = Array.from({ length: 13 }, (_, index) => ({
    ...long.stations![index % long.stations!.length]!,
    id: `k${index}`,
    uses: [],
  }))
  Object.assign(long, { laps: 6, lapRestSeconds: 90 })
  planned.plan.slotSeconds = 5400
  const { id } = (await post('/api/classes', planned)).body as { id: string }
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  await page.goto(`${base}/classes/${id}/shape`)
  await page.getByRole('textbox', { name: 'Work', exact: true }).waitFor()
  await page.waitForTimeout(1000)
  const total = await page.getByRole('status', { name: 'Total' }).innerText()
  const times = await page.evaluate(async (count) => {
    const slot = document.querySelector<HTMLInputElement>('[data-slot="work.0"]')!
    const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!
    const shown = () => document.querySelector('[role=status][aria-label=Total]')!.textContent
    slot.focus()
    const taken: number[] = []
    for (let index = 0; index < count; index++) {
      const before = shown()
      await new Promise((painted) => requestAnimationFrame(() => setTimeout(painted, 120)))
      const begun = performance.now()
      write.call(slot, String(40 + (index % 9)))
      slot.dispatchEvent(new Event('input', { bubbles: true }))
      // A key is answered before the browser gets to draw.
      await Promise.resolve()
      taken.push(performance.now() - begun)
      if (index > 0 && shown() === before) throw new Error('The total did not follow the key.')
    }
    return taken.slice(5).sort((a, b) => a - b)
  }, keys)
  const at = (share: number) => times[Math.floor(share * (times.length - 1))]!
  console.log('A key in a slot of the sentence')
  console.log(
    `  class of ${total.split(' ')[0]}: ${at(0.5).toFixed(1)} ms at the median, ${at(0.95).toFixed(1)} at p95 (aim ${aimMs.toFixed(1)}: ratio ${(at(0.5) / aimMs).toFixed(2)})`,
  )
  await page.context().close()
}

interface Part {
  pieces: { travel?: string; stations?: { id: string; uses: unknown[] }[] }[]
}
