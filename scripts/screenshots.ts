import { chromium, type Page } from '@playwright/test'
import { withFreshDatabase } from '../tests/fixtures/database'
import { debianChromium } from './chromium'
import { startServer } from '../tests/fixtures/server'

/** `npm run screenshots`: one picture of each main view, from the demo, into docs/screenshots. */
const folder = new URL('../docs/screenshots/', import.meta.url).pathname
// With weeks behind it, so that what becomes of people shows.
process.env.SEED_WEEKS = '40'
const { url, drop } = await withFreshDatabase('pictures')
const server = await startServer(url)
const browser = await chromium.launch(debianChromium)
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', locale: 'en-GB' })

/** The digits of the wall once they stand between two figures: the phase before may have passed through them. */
const digitsWithin = (wall: Page, least: number, most: number) =>
  wall.waitForFunction(
    ([low, high]) => {
      const digits = Number(document.querySelector('[data-testid=digits]')?.textContent?.replace(/\D/g, ''))
      return digits > low! && digits < high!
    },
    [least, most],
  )

const settle = (page: Page) =>
  page.waitForFunction(
    () =>
      document.querySelector('astro-island[ssr]') === null &&
      !/One moment …|being worked out/.test(document.body.innerText) &&
      document.fonts.status === 'loaded',
  )
/** A class as somebody types it. */
const typed = `Tuesday lunch, 45 min
3 min brief
6 stations, pairs, 40/20, 3 laps, 1 min between laps
1. Goblet squat 12 kg
2. Push-up on the knees
3. Brick shuffle
4. Plank
5. Bell swing 8 kg
6. Rest
Water 2 min
10 min, as many rounds as possible: 5 burpees, 10 sit-ups, 15 jacks
Cool-down, 30 s each side: quads, hamstrings, calf stretch
Bring your own mat`

/** What is worked out last on a view. */
const lastToCome: Record<string, RegExp> = { shape: /^What it loads/, rotation: /partners each|partner each/, gear: /^Nearest size/ }

const take = async (page: Page, name: string) => {
  await settle(page)
  await page.screenshot({ path: `${folder}${name}.png` })
}

try {
  const page = await context.newPage()
  const views = {
    classes: '/',
    shape: '/classes/demo-lunch/shape',
    people: '/classes/demo-lunch/people',
    rotation: '/classes/demo-lunch/rotation',
    room: '/classes/demo-lunch/room',
    gear: '/classes/demo-lunch/gear',
    brief: '/classes/demo-lunch/brief',
    exercises: '/exercises',
    record: '/runs/demo-past-bricks-run/record',
    person: '/people/kwabena',
  }
  for (const [name, path] of Object.entries(views)) {
    await page.goto(server.base + path)
    const last = lastToCome[name]
    if (last) await page.getByText(last).first().waitFor()
    await take(page, name)
  }
  await page.goto(`${server.base}/type`)
  await page.getByRole('textbox', { name: 'The class as text' }).fill(typed)
  await page.getByText(/slot$/).waitFor()
  await take(page, 'type')
  await page.goto(`${server.base}/classes/demo-lunch/run`)
  await page.getByRole('button', { name: 'Run class' }).click()
  await page.waitForURL(/\/runs\//)
  await settle(page)
  const wall = await context.newPage()
  await wall.goto(server.base + (await page.getByRole('link', { name: 'Open the wall' }).getAttribute('href')))
  await settle(wall)
  const press = (name: RegExp) => page.getByRole('button', { name }).click()
  await press(/^Start/)
  for (let phase = 0; phase < 10; phase++) await press(/^Skip/)
  await digitsWithin(wall, 30, 38)
  await take(wall, 'wall-work')
  await take(page, 'controls')
  await press(/^Skip/)
  await digitsWithin(wall, 9, 13)
  await take(wall, 'wall-move')
  await press(/^Time$/)
  await press(/^10 min sooner/)
  await take(page, 'time')
  await press(/^Close$/)
  await wall.goto(`${page.url()}/screens`)
  await wall.getByRole('button', { name: 'Pair the screen' }).waitFor()
  const card = server.base + (await wall.getByRole('link', { name: 'Ilse', includeHidden: true }).getAttribute('href'))
  await wall.goto(server.base + (await wall.getByRole('link', { name: 'Station 2', exact: true }).getAttribute('href')))
  await settle(wall)
  await press(/^Skip/)
  await digitsWithin(wall, 20, 38)
  await take(wall, 'station')
  await wall.setViewportSize({ width: 390, height: 844 })
  await wall.goto(card)
  await wall.getByRole('region', { name: 'Tell the coach' }).waitFor()
  await settle(wall)
  await take(wall, 'card')
} finally {
  await browser.close()
  await server.kill()
  await drop()
}
