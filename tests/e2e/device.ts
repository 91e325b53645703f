import { expect, type Browser, type BrowserContext, type BrowserContextOptions, type Page } from '@playwright/test'

/** How a window of the tests is, unless a test says otherwise. */
export const likeThis = {
  viewport: { width: 1280, height: 800 },
  locale: 'en-GB',
  // Nothing moves for the eye alone.
  reducedMotion: 'reduce',
} satisfies BrowserContextOptions

/**
 * A browser as a person has one: its windows stay open from test to test, for to open one takes as long as a page of a class. What a
 * test has left in it is cleared away before the next.
 */
export async function makeDevice(browser: Browser, baseURL: string): Promise<BrowserContext> {
  const device = await browser.newContext({ ...likeThis, baseURL })
  await device.addInitScript(() => {
    const unseen = new CSSStyleSheet()
    unseen.replaceSync('html { opacity: 0 !important }')
    document.adoptedStyleSheets = [unseen]
  })
  return device
}

/** Nothing is looked at here, so nothing is painted, but for what looks at the page as it is. */
export async function seen<Of>(page: Page, look: () => Promise<Of>): Promise<Of> {
  const unseen = await page.evaluateHandle(() => document.adoptedStyleSheets.splice(0))
  try {
    return await look()
  } finally {
    await unseen.evaluate((sheets) => void document.adoptedStyleSheets.push(...sheets))
  }
}

/** Where a window rests between two tests: of the app, and nothing runs on it. */
const rest = '/api/time'
const kept = 2
const taken = new WeakSet<Page>()

/** A window of a device: one that rests, if there is one. */
export async function nextWindow(device: BrowserContext): Promise<Page> {
  const page = device.pages().find((open) => !taken.has(open)) ?? (await device.newPage())
  taken.add(page)
  return page
}

/** A device as it was when it was made, but for what it has fetched. */
export async function clear(device: BrowserContext): Promise<void> {
  await device.unrouteAll({ behavior: 'ignoreErrors' })
  await device.setOffline(false)
  const pages = device.pages()
  await Promise.all(pages.slice(kept).map((page) => page.close()))
  for (const page of pages.slice(0, kept)) if (taken.has(page)) await toRest(page)
  const [page] = pages
  if (!page) return
  await device.clearCookies()
  const session = await device.newCDPSession(page)
  await session.send('Storage.clearDataForOrigin', { origin: new URL(page.url()).origin, storageTypes: 'all' })
  await session.detach()
}

async function toRest(page: Page): Promise<void> {
  await page.unrouteAll({ behavior: 'ignoreErrors' })
  await page.goto(rest)
  // A test that sets the clock, or puts a script into every page, takes a device of its own.
  const asItWas = await page.evaluate(() => {
    sessionStorage.clear()
    return /\[native code\]/.test(String(Date))
  })
  expect(asItWas).toBe(true)
  await page.emulateMedia({ colorScheme: null, reducedMotion: likeThis.reducedMotion })
  await page.setViewportSize(likeThis.viewport)
  await page.mouse.move(0, 0)
  taken.delete(page)
}
