import { expect, expectAccessible, openClass, openPage, test } from '../app'

test('a plan of another shape opens with its ribbon, and its numbers are there to change', async ({ page }) => {
  await openClass(page, 'demo-evening', 'shape')
  await page.getByRole('button', { name: /^Blocks of three,/ }).click()
  await expect(page.getByText(/3 sets of 0:30 \+ 0:30 \+ 0:30 work/).last()).toBeVisible()
  await expect(page.getByRole('textbox', { name: 'Work 3' })).toHaveValue('0:30')
})

test('a plan goes out as a file and comes in again; a wrong file is told by its field', async ({ page }) => {
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

test('classes that were put away come back one by one, from the notice or from the list', async ({ page }) => {
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
