import { chunk } from 'es-toolkit'
import { expect, expectAllAccessible, expectPartAccessible, held, lesser, openClass, openPage, test } from './app'
import { inTurn } from '../fixtures/turns'
import type { Page } from '@playwright/test'

const press = (page: Page, name: string | RegExp) =>
  page
    .getByRole('button', { name, exact: typeof name === 'string' })
    .first()
    .click()
const fromMenu = async (page: Page, menu: string, item: string) => {
  await press(page, menu)
  await page.getByRole('menuitem', { name: item }).click()
}

/** Opens it, looks, shuts it with Escape, and expects nothing left of it and the focus not lost. */
async function lookAt(page: Page, role: 'dialog' | 'menu' | 'region', name: string | RegExp, open: () => Promise<void>): Promise<void> {
  await test.step(String(name), async () => {
    await open()
    const shown = page.getByRole(role, { name }).last()
    await expect(shown).toBeVisible()
    await expectPartAccessible(shown)
    await page.keyboard.press('Escape')
    await expect(shown).toHaveCount(0)
    await expect(page.locator('body:focus')).toHaveCount(0)
  })
}

lesser()('what opens on Shape can be read and shut by all, and gives the focus back', async ({ page }) => {
  await openClass(page, 'demo-lunch', 'shape')
  await lookAt(page, 'dialog', /^Fit to the/, () => press(page, 'Fit to slot'))
  for (const [title, item] of [
    [/^Exercises for/, 'Suggest exercises …'],
    ['Along the ladders', 'Make it harder or easier …'],
    [/^Order round the room/, 'Find a better order …'],
  ] as const)
    await lookAt(page, 'dialog', title, () => fromMenu(page, 'Change Stations', item))
  await lookAt(page, 'menu', /.*/, () => press(page, 'Add after Stations'))
  await lookAt(page, 'dialog', 'Every week', () => fromMenu(page, 'More for this class', 'Every week until …'))
  const openHistory = () => fromMenu(page, 'More for this class', 'Version history …')
  const release = await held(page, /\/revisions/)
  await lookAt(page, 'dialog', 'Version history', openHistory)
  release()
  await lookAt(page, 'dialog', 'Version history', async () => {
    await openHistory()
    await expect(page.getByRole('status', { name: 'Loading' })).toHaveCount(0)
  })
  await lookAt(page, 'region', 'Station 4 in detail', () => press(page, 'Details of station 4'))
  await press(page, 'Change day or time')
  await expectAllAccessible(page)
})

type Scheme = 'light' | 'dark'

async function lookAtPage(page: Page, path: string, scheme: Scheme): Promise<void> {
  await page.emulateMedia({ colorScheme: scheme })
  await openPage(page, path)
  await expect(page.getByText('One moment …')).toHaveCount(0)
  // What is drawn only once it is scrolled to counts too.
  await page.keyboard.press('End')
  await expectAllAccessible(page)
}

/** What opens, by the button that opens it, on each page; each tab of a class has an address of its own. */
const pages = {
  '/': ['New class'],
  '/people': ['New person'],
  '/plans': [],
  '/exercises': ['New exercise', 'Usual times'],
  '/gear': ['New kind'],
  '/rooms': ['New room'],
  '/log': [],
  '/classes/demo-lunch/shape': [],
  '/classes/demo-lunch/people': ['Paste a list'],
  '/classes/demo-lunch/rotation': ['Optimise'],
  '/classes/demo-lunch/room': [],
  '/classes/demo-lunch/gear': [],
  '/classes/demo-lunch/brief': [],
  '/classes/demo-lunch/run': [],
  '/classes/demo-lunch/log': [],
}

/** Each in light and in dark, in turns. */
const looks = inTurn(
  Object.entries(pages).flatMap(([path, buttons]) => (['light', 'dark'] as const).map((scheme) => ({ path, buttons, scheme }))),
  15,
)

for (const some of chunk(looks, 3))
  test(`with what opens on them, all can read ${some.map(({ path, scheme }) => `${path} in ${scheme}`).join(', ')}`, async ({ page }) => {
    for (const { path, buttons, scheme } of some)
      await test.step(path, async () => {
        await lookAtPage(page, path, scheme)
        for (const button of buttons) await lookAt(page, 'dialog', /.*/, () => press(page, button))
      })
  })

lesser()('light or dark goes with the device, until it is chosen', async ({ page }) => {
  await openPage(page, '/rooms')
  const scheme = (wanted: Scheme) => expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', wanted)
  await page.emulateMedia({ colorScheme: 'dark' })
  await scheme('dark')
  await press(page, 'Light or dark')
  await page.emulateMedia({ colorScheme: 'light' })
  await page.emulateMedia({ colorScheme: 'dark' })
  await page.evaluate(() => new Promise(requestAnimationFrame))
  await scheme('light')
})
