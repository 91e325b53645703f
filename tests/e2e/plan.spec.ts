import { arrive, everyOther, expect, expectAccessible, lesser, openClass, openPage, test } from './app'
import { nextWindow } from './device'

test('an instructor makes a class, shapes it, ticks people, and sees rotation and gear', async ({ page }) => {
  await openPage(page, '/')
  await page.getByRole('button', { name: 'New class' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Create class' }).click()
  await expect(dialog.getByText('Give the class a name')).toBeVisible()
  await dialog.getByLabel('Name').fill('Brick Lane <b>Six</b> 🌅')
  await dialog.getByRole('combobox', { name: 'Begin with' }).fill('Empty')
  await dialog.getByRole('combobox', { name: 'Begin with' }).press('ArrowDown')
  await dialog.getByRole('combobox', { name: 'Begin with' }).press('Enter')
  await dialog.getByLabel('Stations').fill('0')
  await dialog.getByRole('button', { name: 'Create class' }).click()
  await expect(dialog.getByText('A whole number from 1 to 40')).toBeVisible()
  await dialog.getByLabel('Stations').fill('6')
  await dialog.getByLabel('Slot, in minutes').fill('20')
  await dialog.getByRole('button', { name: 'Create class' }).click()
  await arrive(page, /\/classes\/[\w-]+\/shape/)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Brick Lane <b>Six</b> 🌅')

  // 6 × (40 + 15) twice, a minute between the laps for the last transition of the first.
  const total = page.getByRole('status', { name: 'Total' })
  await expect(total).toContainText('11:45')
  await page.getByRole('textbox', { name: 'Work', exact: true }).fill('45')
  await expect(total).toContainText('12:45')
  await page.getByRole('textbox', { name: 'Work', exact: true }).fill('45x')
  await expect(page.getByText('A time from 0:01 to 6:00:00, such as 0:40')).toBeVisible()
  await expect(page.getByRole('textbox', { name: 'Work', exact: true })).toHaveValue('45x')
  await expect(total).toContainText('12:45')
  await page.getByRole('textbox', { name: 'Work', exact: true }).fill('0:45')
  await page.getByRole('textbox', { name: 'Laps', exact: true }).fill('51')
  await expect(page.getByText('A whole number from 1 to 50')).toBeVisible()
  await page.getByRole('textbox', { name: 'Laps', exact: true }).fill('3')
  await expect(total).toContainText('19:30')
  // What is typed in a field has an undo of its own there.
  await page.getByRole('textbox', { name: 'Laps', exact: true }).blur()
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('textbox', { name: 'Laps', exact: true })).toHaveValue('2')
  await expect(total).toContainText('12:45')
  const first = page.getByRole('combobox', { name: 'Exercise at station 1' })
  await first.fill('gob')
  await page.getByRole('option', { name: 'Goblet squat' }).click()
  await expect(page.getByRole('listitem', { name: 'Station 1' })).toContainText('kettlebell')

  await page.getByRole('link', { name: 'People' }).last().click()
  await arrive(page, /\/people/)
  const find = page.getByLabel('Find', { exact: true })
  for (const name of ['Oren', 'Tove', 'Hettie']) {
    await find.fill(name)
    await find.press('Enter')
  }
  await page.getByLabel('Walk-in').fill('Zola')
  await page.getByRole('button', { name: 'Add' }).click()
  for (const pair of ['Oren, Tove', 'Hettie, Zola'])
    await expect(page.getByRole('list', { name: 'Groups' }).getByRole('listitem', { name: pair })).toBeVisible()

  await page.getByRole('link', { name: 'Rotation' }).click()
  await arrive(page, /\/rotation/)
  await expect(page.getByText('Every group is at every station twice.')).toBeVisible()
  await page.getByRole('button', { name: 'Next turn' }).click()
  await expect(page.getByRole('list', { name: 'Who is where in turn 2' }).getByRole('listitem').nth(1)).toContainText('Oren')

  await page.getByRole('link', { name: /^Gear/ }).last().click()
  await page.waitForURL(/\/gear/)
  await expect(page.getByRole('row', { name: /Kettlebell/ }).first()).toBeVisible()
  await expect(page.getByRole('row', { name: /8 kg/ })).toContainText('1')
})

test('two windows with the same class: the second is told, and nothing typed is lost', async ({ context }) => {
  const [mine, theirs] = [await nextWindow(context), await nextWindow(context)]
  const path = await openClass(mine, 'demo-evening', 'people')
  await openPage(theirs, `${path}/people`)
  await theirs.getByRole('checkbox', { name: 'Amadou' }).click()
  await expect(theirs.getByText(/^saved/)).toBeVisible()
  await mine.getByRole('checkbox', { name: 'Gwilym' }).click()
  await expect(mine.getByRole('alert').filter({ hasText: 'changed in another window' })).toBeVisible()
  await expect(mine.getByRole('checkbox', { name: 'Gwilym' })).toBeChecked()
  await mine.getByRole('button', { name: /Take the other/ }).click()
  await mine.getByRole('button', { name: 'Undo' }).click()
  await expect(mine.getByRole('checkbox', { name: 'Gwilym' })).toBeChecked()
  await expect(mine.getByText(/^saved/)).toBeVisible()
})

test('what is typed while the server is away is stored when it is back', async ({ newcomer }) => {
  const page = await newcomer.newPage()
  const path = await openClass(page, 'demo-evening', 'shape')
  await newcomer.setOffline(true)
  await page.getByRole('button', { name: /^Brief,/ }).click()
  await page.getByRole('textbox', { name: 'Length', exact: true }).fill('2:00')
  await expect(page.getByText('not saved: the server is away, trying again')).toBeVisible()
  // What has to be fetched cannot be opened; the page and what was typed stay.
  const told = page.waitForEvent('dialog')
  void page.getByRole('button', { name: 'Change Brief', exact: true }).click()
  await (await told).dismiss()
  await page
    .getByRole('navigation', { name: 'Class' })
    .getByRole('link', { name: /^Rotation/ })
    .click()
  await expect(page.getByText(/^This view cannot be shown while the server is away/)).toBeVisible()
  await page
    .getByRole('navigation', { name: 'Class' })
    .getByRole('link', { name: /^Shape/ })
    .click()
  await expect(page.getByRole('textbox', { name: 'Length', exact: true })).toHaveValue('2:00')
  await newcomer.setOffline(false)
  await expect(page.getByText(/^saved/)).toBeVisible()
  await openPage(page, `${path}/shape`)
  await expect(page.getByRole('button', { name: 'Brief, 2:00 from 0:00' })).toBeVisible()
})

everyOther()('more pairs than stations is said in words, and one press mends it', async ({ page }) => {
  await openClass(page, 'demo-lunch', 'people')
  await page.getByText('Solo', { exact: true }).click()
  await expect(page.getByRole('alert')).toContainText('16 groups for 8 places')
  await page.getByRole('button', { name: 'Make groups that fit the stations' }).click()
  await expect(page.getByRole('alert')).toHaveCount(0)
  await page.getByText('Pairs', { exact: true }).click()
  await expect(page.getByText(/^saved/)).toBeVisible()
})

lesser()('a plan of another shape opens with its ribbon, and its numbers are there to change', async ({ page }) => {
  await openClass(page, 'demo-evening', 'shape')
  await page.getByRole('button', { name: /^Blocks of three,/ }).click()
  await expect(page.getByText(/3 sets of 0:30 \+ 0:30 \+ 0:30 work/).last()).toBeVisible()
  await expect(page.getByRole('textbox', { name: 'Work 3' })).toHaveValue('0:30')
})

lesser()('a plan goes out as a file and comes in again; a wrong file is told by its field', async ({ page }) => {
  await openPage(page, '/plans')
  const download = page.waitForEvent('download')
  await page.getByRole('article', { name: 'Lunch Loop' }).getByRole('link', { name: 'Save as file' }).click()
  const path = await (await download).path()
  const input = page.locator('input[type=file]')
  await input.setInputFiles(path)
  await expect(page.getByRole('status').filter({ hasText: 'Lunch Loop is in' })).toBeVisible()
  await expect(page.getByRole('article', { name: 'Lunch Loop' })).toHaveCount(2)
  await input.setInputFiles({
    name: 'wrong.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"vicinor-plan","version":7}'),
  })
  await expect(page.getByRole('alert')).toContainText('version must be a whole number from 1')
})

lesser()('classes that were put away come back one by one, from the notice or from the list', async ({ page }) => {
  const { document } = (await (await page.request.get('/api/classes/demo-short')).json()) as { document: { name: string } }
  // Of tomorrow: it is on the page whether the day ends meanwhile or not.
  const startsAt = new Date(Date.now() + 86_400_000).toISOString()
  for (const name of ['First away', 'Second away']) await page.request.post('/api/classes', { data: { ...document, name, startsAt } })
  await openPage(page, '/')
  for (const name of ['First away', 'Second away']) {
    await page.getByRole('button', { name: `More for ${name}` }).click()
    await page.getByRole('menuitem', { name: 'Put away' }).click()
    await expect(page.getByRole('article', { name })).toHaveCount(0)
  }
  await page.getByRole('alert').filter({ hasText: 'Second away' }).getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.getByRole('article', { name: 'Second away' })).toBeVisible()
  await expect(page.getByRole('article', { name: 'First away' })).toHaveCount(0)
  await openPage(page, '/put-away')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Bring back First away' }).click()
  await expect(page.getByText('First away is back')).toBeVisible()
  await openPage(page, '/')
  await expect(page.getByRole('article', { name: 'First away' })).toBeVisible()
})

test('a page that is loaded anew right after a change has the change, and stores what comes next', async ({ page }) => {
  await openClass(page, 'demo-evening', 'shape')
  const name = page.getByRole('heading', { level: 1 })
  for (const laps of ['3', '4']) {
    await page.getByRole('textbox', { name: 'Laps', exact: true }).fill(laps)
    // No pause: the page is asked for while the change is on its way.
    await openPage(page, page.url())
    await expect(name).toBeVisible()
    await expect(page.getByRole('textbox', { name: 'Laps', exact: true })).toHaveValue(laps)
  }
  await expect(page.getByText(/^saved/)).toBeVisible()
  await expect(page.getByRole('alert')).toHaveCount(0)
})
