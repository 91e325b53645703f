import { expect, expectAccessible, openClass, openPage, takeFirst, test } from './app'

test('a bare class is judged, mended with a press each, and fitted to its slot to the second', async ({ page }) => {
  await openPage(page, '/')
  await page.getByRole('button', { name: 'New class' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name').fill('Bare brick')
  const begin = dialog.getByRole('combobox', { name: 'Begin with' })
  await begin.fill('Empty')
  await begin.press('ArrowDown')
  await begin.press('Enter')
  await dialog.getByRole('button', { name: 'Make the class' }).click()
  await page.waitForURL(/\/shape/)
  await openPage(page, page.url())
  const findings = page.getByRole('region', { name: 'Findings' })
  await findings.getByRole('button', { name: 'Add 4 × 1:00 in front' }).click()
  await findings.getByRole('button', { name: 'Add 4 × 0:45 at the end' }).click()
  await expect(page.getByRole('status', { name: 'Total' })).toContainText('22:25')
  await expect(findings.getByText('No warm-up')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(findings.getByText('No cool-down')).toBeVisible()
  await page.getByRole('button', { name: 'Redo' }).click()

  await page.getByRole('button', { name: 'Fit to slot' }).click()
  await dialog.getByText('2 : 1', { exact: true }).click()
  await dialog.getByRole('checkbox', { name: 'Transition' }).check()
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Use this' }).first().click()
  await expect(page.getByRole('status', { name: 'Total' })).toContainText('45:00 of 45:00 fills the slot')
  await expect(page.getByRole('textbox', { name: 'Transition' })).toHaveValue('0:15')
  await expect(page.getByText(/^saved/)).toBeVisible()
})

test('pieces are added, moved, duplicated and deleted, with the keyboard only', async ({ page }) => {
  await openClass(page, 'demo-short', 'shape')
  const ribbon = page.getByRole('group', { name: /^The class to scale/ })
  await page.getByRole('button', { name: /^Warm-up,/ }).press('Enter')
  await page.getByRole('button', { name: 'Add after' }).press('Enter')
  await page.getByRole('menuitem', { name: /^Water/ }).press('Enter')
  await expect(ribbon.getByRole('button', { name: 'Water, 1:00 from 4:00' })).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Earlier' }).press('Enter')
  await expect(ribbon.getByRole('button', { name: 'Water, 1:00 from 0:00' })).toBeVisible()
  await page.getByRole('button', { name: 'Duplicate' }).press('Enter')
  await expect(ribbon.getByRole('button', { name: 'Water, 1:00 from 1:00' })).toBeVisible()
  await page.getByRole('button', { name: 'Delete' }).press('Enter')
  await expect(ribbon.getByRole('button', { name: 'Water, 1:00 from 1:00' })).toHaveCount(0)
  await page.getByRole('complementary').getByLabel('Name').fill('Long, short, longer')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Long, short, longer')
  await expect(page.getByText(/^saved/)).toBeVisible()
})

test('a common class is made from the Classes screen by keyboard alone, in at most 60 presses', async ({ page }) => {
  await openPage(page, '/')
  let presses = 0
  const press = async (key: string) => {
    presses++
    await page.keyboard.press(key)
  }
  const type = async (text: string) => {
    for (const letter of text) await press(letter)
  }
  await press('n')
  await expect(page.getByRole('dialog').getByLabel('Name')).toBeFocused()
  await type('Loop')
  await press('Enter')
  await page.waitForURL(/\/shape/)
  const wanted = ['gob', 'row', 'dead', 'step', 'floor', 'shut', 'hip h', 'pla']
  for (const [index, letters] of wanted.entries()) {
    await expect(page.getByRole('combobox', { name: `Exercise at station ${index + 1}` })).toBeFocused()
    await type(letters)
    presses++
    await takeFirst(page)
  }
  expect(presses).toBeLessThanOrEqual(60)
  await expect(
    page
      .getByRole('list', { name: 'Stations in order' })
      .locator('input')
      .evaluateAll((inputs) => inputs.map((input) => (input as HTMLInputElement).value)),
  ).resolves.not.toContain('')
  await expect(page.getByRole('status', { name: 'Total' })).toContainText('23:40')
  await expect(page.getByText(/^saved/)).toBeVisible()
})
