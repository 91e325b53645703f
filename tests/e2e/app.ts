import { readFileSync } from 'node:fs'
import {
  expect,
  test as base,
  type APIRequestContext,
  type BrowserContext,
  type Locator,
  type Page,
  type ViewportSize,
  type WebError,
} from '@playwright/test'
import type Axe from 'axe-core'
import type { RunOptions } from 'axe-core'
import { emptyDatabase } from '../fixtures/database'
import { startServer } from '../fixtures/server'
import { isTurn } from '../fixtures/turns'
import { clear, makeDevice, nextWindow, seen } from './device'

interface App {
  base: string
  database: string
}

interface Devices {
  newcomer: BrowserContext
  another: (window?: ViewportSize) => Promise<Page>
  quiet: void
}

/** Each worker has the built app for itself, on a database with the demo, and devices. Any error on a page's console fails the test. */
export const test = base.extend<Devices, { app: App; device: BrowserContext; others: BrowserContext[] }>({
  app: [
    // oxlint-disable-next-line no-empty-pattern -- what a fixture needs is read off its first argument
    async ({}, use) => {
      const { url, drop } = await emptyDatabase('browser', process.env.TEMPLATE_DATABASE)
      const server = await startServer(url)
      await use({ base: server.base, database: url })
      await server.kill()
      await drop()
    },
    { scope: 'worker', timeout: 300_000 },
  ],
  device: [
    async ({ app, browser }, use) => {
      const device = await makeDevice(browser, app.base)
      await use(device)
      await device.close()
    },
    { scope: 'worker' },
  ],
  others: [
    // oxlint-disable-next-line no-empty-pattern -- what a fixture needs is read off its first argument
    async ({}, use) => {
      const devices: BrowserContext[] = []
      await use(devices)
      await Promise.all(devices.map((device) => device.close()))
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ app }, use) => use(app.base),
  context: async ({ device }, use, { errors }) => {
    await use(device)
    // What stands on the pages of a test that failed is told; the worker ends with it, and its device.
    if (errors.length === 0) await clear(device)
  },
  page: async ({ context }, use) => use(await nextWindow(context)),
  // Has fetched nothing yet; for a test that sets the clock, too.
  newcomer: async ({ browser }, use) => {
    const device = await browser.newContext()
    await quietly(device, () => use(device))
    await device.close()
  },
  // A window on somebody else's device, which knows nothing of what is open here: on one more each time.
  another: async ({ app, browser, others }, use, { errors }) => {
    const used: { device: BrowserContext; expectQuiet: () => void }[] = []
    await use(async (window) => {
      const device = (others[used.length] ??= await makeDevice(browser, app.base))
      used.push({ device, expectQuiet: listen(device) })
      const page = await nextWindow(device)
      if (window) await page.setViewportSize(window)
      return page
    })
    for (const { expectQuiet } of used) expectQuiet()
    if (errors.length === 0) await Promise.all(used.map(({ device }) => clear(device)))
  },
  quiet: [async ({ context }, use) => quietly(context, use), { auto: true }],
})

export { expect }

let lessers = 0
let others = 0

/**
 * For a way that nobody takes while a class is under way, and whose rules are tested below the browser: it is tried in a tenth of the
 * runs, and told as left out in the others. Pages in a browser are most of what ./test waits for.
 */
export const lesser = () => (isTurn(lessers++, 10) ? test : test.skip)

/** For a way through a class under way whose rules are tested below the browser, too: tried in every second run. */
export const everyOther = () => (isTurn(others++, 2) ? test : test.skip)

async function quietly(device: BrowserContext, use: () => Promise<void>): Promise<void> {
  const expectQuiet = listen(device)
  await use()
  expectQuiet()
}

/** Listens for errors on a device's pages, until what is answered with says that there were none. */
function listen(device: BrowserContext): () => void {
  const errors: string[] = []
  const hear = (error: WebError) => errors.push(error.error().message)
  device.on('weberror', hear)
  return () => {
    device.off('weberror', hear)
    expect(errors).toEqual([])
  }
}

const standards: RunOptions = { runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] } }

/** A page as somebody finds it who opens it. */
export const expectAllAccessible = (page: Page) => expectClean(page, standards)

let looks = 0

/**
 * To measure colours and targets takes twice as long as all else, and all that is read is judged by its colours' names in each run
 * (src/ui/kit/colours.test.ts): where a page is come to on the way, or something has opened on one, they take turns.
 */
function lessMeasured(): RunOptions {
  const measured = { enabled: isTurn(looks++, 3) }
  return { ...standards, rules: { 'color-contrast': measured, 'target-size': measured } }
}

/** A page as a test has come to it on its way. */
export const expectAccessible = (page: Page) => expectClean(page, lessMeasured())

/** What has opened on a page that was looked at before. */
export async function expectPartAccessible(part: Locator): Promise<void> {
  await part.evaluate((element) => element.setAttribute('data-looked-at', ''))
  await expectClean(part.page(), lessMeasured(), '[data-looked-at]')
  await part.evaluate((element) => element.removeAttribute('data-looked-at'))
}

/** What another colour scheme can change; the rest is the same page. */
export const expectContrast = (page: Page) => expectClean(page, { runOnly: ['color-contrast'] })

const axeSource = readFileSync('node_modules/axe-core/axe.min.js', 'utf8')

/** The checker is read once by each page: to read it takes as long as to check a dialog. */
async function expectClean(page: Page, options: RunOptions, within = 'html'): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axeSource)
  const violations = await seen(page, () =>
    page.evaluate(
      // Of what is right nothing is told: on a full page that is most of the work.
      ([part, wanted]) =>
        (window as unknown as { axe: typeof Axe }).axe
          .run(part, { ...wanted, resultTypes: ['violations'] })
          .then((found) => found.violations),
      [within, options] as const,
    ),
  )
  expect(
    violations.map(
      (violation) =>
        `${violation.id}: ${violation.nodes
          .map((node) => `${node.target.join(' ')} ${node.html.slice(0, 160)}`)
          .slice(0, 4)
          .join(' | ')}`,
    ),
  ).toEqual([])
}

export async function openPage(page: Page, path: string): Promise<void> {
  // Of a window's tabs only the one in front has frames at full rate, and the browser runner waits by frames.
  await page.bringToFront()
  await page.goto(path)
  await untilLive(page)
}

/** Where a press has led, once it answers to the next. */
export async function arrive(page: Page, url: RegExp): Promise<void> {
  await page.waitForURL(url)
  await untilLive(page)
}

/** A class like one of the demo's, that no other test knows; answers with its id. `days` on: classes at the same time share their gear. */
export async function ownClass(request: APIRequestContext, like: string, { base = '', days = 0 } = {}): Promise<string> {
  const { document } = (await (await request.get(`${base}/api/classes/${like}`)).json()) as { document: { startsAt: string } }
  const startsAt = new Date(Date.parse(document.startsAt) + days * 86_400_000).toISOString()
  const made = await request.post(`${base}/api/classes`, { data: { ...document, startsAt } })
  expect(made.ok()).toBe(true)
  return ((await made.json()) as { id: string }).id
}

let apart = 10

/** Opens a tab of a class of one's own, on a day of its own; answers with the way to the class. */
export async function openClass(page: Page, like: string, tab: string): Promise<string> {
  const path = `/classes/${await ownClass(page.request, like, { days: apart++ })}`
  await openPage(page, `${path}/${tab}`)
  return path
}

/** An island answers to presses only once all of it is live: it comes to life piece by piece. */
async function untilLive(page: Page): Promise<void> {
  await page.waitForFunction(
    () => {
      // Some has not even begun.
      if (document.querySelector('astro-island[ssr]')) return false
      const isLive = (element: Element) => Object.keys(element).some((key) => key.startsWith('__reactProps'))
      return [...document.querySelectorAll('astro-island')].every((island) => {
        const pressed = [...island.querySelectorAll('input, select, textarea, button, a')]
        return pressed.length > 0 ? pressed.every(isLive) : [...island.querySelectorAll('*')].some(isLive)
      })
      // Not with every frame: looking takes from what comes to life.
    },
    undefined,
    { polling: 60 },
  )
  // Effects, such as those that listen for keys, follow the next painting.
  await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 50))))
}

/** Keeps back what is asked for at an address, until it is released. */
export async function held(page: Page, address: RegExp): Promise<() => void> {
  let release = () => {}
  const released = new Promise<void>((resolve) => (release = resolve))
  await page.route(address, async (route) => {
    await released
    await route.continue()
  })
  return release
}

/** Types into a list that opens, and takes its first entry once it is marked. */
export const takeFirst = async (page: Page) => {
  await expect(page.locator('[role=option][data-combobox-selected]').filter({ visible: true }).first()).toBeVisible()
  await page.keyboard.press('Enter')
}

/** Moves what has the focus by a key: it has been held, and has moved, once that is said. */
export async function moveByKey(page: Page, arrow: string): Promise<void> {
  const said = page.getByRole('status').filter({ hasText: 'At the place of' })
  await page.keyboard.press('Space')
  const held = await said.innerText()
  await page.keyboard.press(arrow)
  await expect(said).not.toHaveText(held)
  await page.keyboard.press('Space')
}

/** Digits as shown, without the boxes they stand in. */
export const digitsOf = async (page: Page) => (await page.getByTestId('digits').innerText()).replace(/\s/g, '')
