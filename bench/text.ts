import type { Browser } from '@playwright/test'

const aimMs = 1000 / 60
const keys = 60

/** A class of 90 minutes: a warm-up, thirteen stations six times round, rounds in a cap, a cool-down. */
const text = [
  'Long evening, 90 min',
  '3 min brief',
  'Warm-up, 45 s each: march, arm circles, hip circles, leg swings',
  '13 stations, pairs, 40 on, 15 to move, 5 laps, 90 s between laps',
  ...[
    'Goblet squat',
    'Band row',
    'Dead bug',
    'Step-up',
    'Floor press',
    'Shuttle walk',
    'Hip hinge',
    'Side plank',
    'Push-up',
    'Burpee',
    'Plank',
    'Crunch',
    'Wall sit',
  ].map((name, index) => `${index + 1}. ${name}`),
  'Water 2 min',
  '10 min, as many rounds as possible: 10 swings 12 kg, 10 burpees, 10 sit-ups',
  'Cool-down, 45 s each: quads, hamstrings, chest stretch, child’s pose',
].join('\n')

/** From a key in the text of a class to the new total beside it: all that is read, worked out and laid out anew; and 200 kB at once. */
export async function benchText(browser: Browser, base: string): Promise<void> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, permissions: ['clipboard-read', 'clipboard-write'] })
  const page = await context.newPage()
  await page.goto(`${base}/type`)
  const field = page.getByRole('textbox', { name: 'The class as text' })
  await field.fill(text)
  const reading = page.getByRole('region', { name: 'How it is read' })
  await reading.getByText('Long evening').waitFor()
  const total = await reading.locator('b').first().innerText()
  const times = await page.evaluate(
    async ({ written, count }) => {
      const area = document.querySelector('textarea')!
      const write = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')!.set!
      const shown = document.querySelector('[aria-label="How it is read"]')!
      const taken: number[] = []
      for (let index = 0; index < count; index++) {
        await new Promise((painted) => requestAnimationFrame(() => setTimeout(painted, 120)))
        const changed = new Promise<void>((resolve) => {
          const observer = new MutationObserver(() => {
            observer.disconnect()
            resolve()
          })
          observer.observe(shown, { subtree: true, childList: true, characterData: true })
        })
        const begun = performance.now()
        write.call(area, written.replace('40 on', `${41 + (index % 9)} on`))
        area.dispatchEvent(new Event('input', { bubbles: true }))
        await changed
        taken.push(performance.now() - begun)
      }
      return taken.slice(5).sort((a, b) => a - b)
    },
    { written: text, count: keys },
  )
  const at = (share: number) => times[Math.floor(share * (times.length - 1))]!
  console.log('A key in the text of a class')
  console.log(
    `  class of ${total}: ${at(0.5).toFixed(1)} ms at the median, ${at(0.95).toFixed(1)} at p95 (aim ${aimMs.toFixed(1)}: ratio ${(at(0.5) / aimMs).toFixed(2)})`,
  )
  await field.press('ControlOrMeta+a')
  await page.evaluate((text) => navigator.clipboard.writeText(text), '20 squats and some more\n'.repeat(8500))
  const begun = Date.now()
  await page.keyboard.press('ControlOrMeta+v')
  await reading.getByText(/only the first/).waitFor()
  const ms = Date.now() - begun
  console.log(`  200 kB pasted: ${ms} ms (aim 1000: ratio ${(ms / 1000).toFixed(2)})`)
  await context.close()
}
