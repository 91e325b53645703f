import { arrive, expect, expectPartAccessible, lesser, openClass, openPage } from './app'

lesser()('a bare class is judged, mended with a press each, and fitted to its slot to the second', async ({ page }) => {
  await openPage(page, '/')
  await page.getByRole('button', { name: 'New class' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name').fill('Bare brick')
  const begin = dialog.getByRole('combobox', { name: 'Begin with' })
  await begin.fill('Empty')
  await begin.press('ArrowDown')
  await begin.press('Enter')
  await dialog.getByRole('button', { name: 'Create class' }).click()
  await arrive(page, /\/shape/)
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
  await expectPartAccessible(dialog)
  await dialog.getByRole('button', { name: 'Use this' }).first().click()
  await expect(page.getByRole('status', { name: 'Total' })).toContainText('fills the slot')
  await expect(page.getByRole('textbox', { name: 'Transition' })).toHaveValue('0:15')
  await expect(page.getByText(/^saved/)).toBeVisible()
})

lesser()('pieces are added, moved, duplicated and removed, with the keyboard only', async ({ page }) => {
  await openClass(page, 'demo-short', 'shape')
  const ribbon = page.getByRole('group', { name: /^The class to scale/ })
  const change = async (name: string, item: string | RegExp) => {
    await page.getByRole('button', { name }).press('Enter')
    await page.getByRole('menuitem', { name: item }).press('Enter')
  }
  await ribbon.getByRole('button', { name: /^Warm-up,/ }).press('Enter')
  await change('Add after Warm-up', /^Water/)
  await expect(ribbon.getByRole('button', { name: 'Water, 1:00 from 4:00' })).toHaveAttribute('aria-pressed', 'true')
  // What was added is typed over at once.
  await expect(page.getByRole('textbox', { name: 'Length', exact: true })).toBeFocused()
  await change('Change Water', 'Move earlier')
  await expect(ribbon.getByRole('button', { name: 'Water, 1:00 from 0:00' })).toBeVisible()
  await change('Change Water', 'Duplicate')
  await expect(ribbon.getByRole('button', { name: 'Water, 1:00 from 1:00' })).toBeVisible()
  // The focus stays with what is chosen now.
  await expect(page.getByRole('textbox', { name: 'Length', exact: true })).toBeFocused()
  await change('Change Water', 'Remove')
  await expect(ribbon.getByRole('button', { name: 'Water, 1:00 from 1:00' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Long and Short', exact: true }).click()
  await page.getByLabel('Name of the class').fill('Long, short, longer')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Long, short, longer')
  await expect(page.getByText(/^saved/)).toBeVisible()
})

lesser()('the sentence is typed over: what people write is taken, arrows walk it, and one undo takes a figure back', async ({ page }) => {
  await openClass(page, 'demo-lunch', 'shape')
  const slot = (name: string) => page.getByRole('textbox', { name, exact: true })
  const total = page.getByRole('status', { name: 'Total' })
  await slot('Work').fill('1.5 min')
  await expect(total).toContainText('41:30')
  await slot('Work').fill('50s')
  await slot('Work').press('Enter')
  await expect(slot('Transition')).toBeFocused()
  await expect(slot('Work')).toHaveValue('0:50')
  await page.keyboard.type('+5')
  await expect(total).toContainText('32:00')
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('combobox', { name: 'What it is for' })).toBeFocused()
  await page.keyboard.press('ArrowLeft')
  await expect(slot('Transition')).toHaveValue('0:20')
  await slot('Transition').fill('soon')
  await expect(page.getByRole('alert').filter({ hasText: 'A time from 0:01 to 1:00:00' })).toBeVisible()
  await slot('Transition').press('Escape')
  // On the way from 8 to 12 there is one station, but nothing of the eight is lost.
  await slot('Stations').focus()
  await page.keyboard.type('12')
  await expect(page.getByRole('listitem', { name: /^Station / })).toHaveCount(12)
  await expect(page.getByRole('combobox', { name: 'Exercise at station 8' })).toHaveValue('Side plank')
  await slot('Stations').blur()
  await page.keyboard.press('Control+z')
  await expect(slot('Stations')).toHaveValue('8')
  // Words are added from the offers, and taken away where they stand.
  await page.getByRole('button', { name: '3 sets with 0:20 between' }).click()
  await expect(slot('Sets')).toBeFocused()
  await expect(page.getByRole('group', { name: 'The piece in a sentence' })).toContainText('sets of')
  await slot('Sets').fill('')
  await slot('Sets').press('Tab')
  await expect(slot('Sets')).toHaveCount(0)
  await page.getByRole('combobox', { name: 'How they move' }).selectOption({ label: 'new partner each turn' })
  await expect(page.getByRole('complementary').getByText(/8 stations, a new partner each turn: 0:50 work/)).toBeVisible()
  await expectPartAccessible(page.getByRole('group', { name: 'The piece in a sentence' }))
  await expect(page.getByText(/^saved/)).toBeVisible()
})

lesser()('a common class is made from the Classes screen by keyboard alone, in at most 45 presses', async ({ page }) => {
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
  const wanted = ['gob', 'row', 'dea', 'ste', 'flo', 'shu', 'hin', 'pla']
  for (const [index, letters] of wanted.entries()) {
    await expect(page.getByRole('combobox', { name: `Exercise at station ${index + 1}` })).toBeFocused()
    await type(letters)
    // Letters that were typed before the list had come mark nothing in it; Enter takes the best all the same.
    await expect(page.getByRole('option').filter({ visible: true }).first()).toBeVisible()
    await press('Enter')
  }
  expect(presses).toBeLessThanOrEqual(45)
  await expect(
    page
      .getByRole('list', { name: 'Stations in order' })
      .locator('input')
      .evaluateAll((inputs) => inputs.map((input) => (input as HTMLInputElement).value)),
  ).resolves.not.toContain('')
  await expect(page.getByRole('status', { name: 'Total' })).toContainText('23:40')
  await expect(page.getByText(/^saved/)).toBeVisible()
})
