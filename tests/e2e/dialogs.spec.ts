import { expect, expectAccessible, expectPartAccessible, openClass, openPage, test } from './app'
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

test('what opens on Shape can be read and shut by all, and gives the focus back', async ({ page }) => {
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
  await lookAt(page, 'dialog', 'Version history', () => fromMenu(page, 'More for this class', 'Version history …'))
  await lookAt(page, 'region', 'Station 4 in detail', () => press(page, 'Details of station 4'))
  await press(page, 'Change day or time')
  await expectAccessible(page)
  await page.keyboard.press('Escape')
  await press(page, 'laps that differ')
  await expectAccessible(page)
})

test('what opens on the other tabs and pages can be read and shut by all, and gives the focus back', async ({ page }) => {
  const path = await openClass(page, 'demo-lunch', 'people')
  await lookAt(page, 'dialog', 'Who is here', () => press(page, 'Paste a list'))
  await openPage(page, `${path}/rotation`)
  await lookAt(page, 'dialog', 'Optimise', () => press(page, 'Optimise'))
  for (const [address, button] of [
    ['/people', 'New person'],
    ['/gear', 'New kind'],
    ['/rooms', 'New room'],
    ['/exercises', 'New exercise'],
    ['/exercises', 'Usual times'],
    ['/', 'New class'],
  ] as const) {
    await openPage(page, address)
    await lookAt(page, 'dialog', /.*/, () => press(page, button))
  }
})
