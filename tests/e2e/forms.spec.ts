import { expect, lesser, openPage, ownClass, test } from './app'

lesser()(
  'a filled form asks before it discards, takes no number for another, and asks about a second person of a name',
  async ({ page }) => {
    await openPage(page, '/people')
    await page.getByRole('button', { name: 'New person' }).click()
    const dialog = page.getByRole('dialog')
    await page.keyboard.press('Escape')
    await expect(dialog).toHaveCount(0)
    await page.getByRole('button', { name: 'New person' }).click()
    await dialog.getByLabel('First name').fill('Tove')
    await page.keyboard.press('Escape')
    await expect(dialog.getByRole('alertdialog')).toBeVisible()
    await dialog.getByRole('button', { name: 'Keep typing' }).click()
    await expect(dialog.getByLabel('First name')).toHaveValue('Tove')
    await dialog.getByLabel('Walks, metres a second').fill('1e9')
    await expect(dialog.getByLabel('Walks, metres a second')).toHaveValue('1e9')
    await expect(dialog.getByText('A number, such as 2.5')).toBeVisible()
    await dialog.getByLabel('Walks, metres a second').fill('12')
    await dialog.getByRole('button', { name: 'Save' }).click()
    await expect(dialog.getByText(/There is a Tove already/)).toBeVisible()
    await dialog.getByLabel('First name').fill('Tove B.')
    await dialog.getByRole('button', { name: 'Save' }).click()
    await expect(dialog.getByText(/at most 3/)).toBeVisible()
    await expect(dialog.getByText(/walkingMetresPerSecond/)).toHaveCount(0)
    await dialog.getByRole('button', { name: 'Cancel' }).click()
    await dialog.getByRole('button', { name: 'Discard it' }).click()
    await expect(dialog).toHaveCount(0)
    await expect(page.getByText('Tove B.')).toHaveCount(0)
  },
)

test('"saved" is said only when every field was taken, and a day is stored only when it is whole', async ({ page }) => {
  const id = await ownClass(page.request, 'demo-lunch')
  await openPage(page, `/classes/${id}/shape`)
  const stored = async () =>
    ((await (await page.request.get(`/api/classes/${id}`)).json()) as { document: { startsAt: string } }).document.startsAt
  const before = await stored()
  await page.getByRole('button', { name: 'Change day or time' }).click()
  const day = page.getByRole('textbox', { name: 'Day' })
  await day.fill('05/01/20')
  await expect(page.getByText('not saved: a field cannot be taken as it stands')).toBeVisible()
  expect(await stored()).toBe(before)
  await day.fill('5 January 2027')
  await day.press('Tab')
  await page.keyboard.press('Escape')
  await expect.poll(stored).toMatch(/^2027-01-0[45]T/)
  expect(await stored()).not.toBe(before)
  const slot = page.getByRole('textbox', { name: 'Slot' })
  await slot.fill('soon')
  await expect(page.getByText('not saved: a field cannot be taken as it stands')).toBeVisible()
  await slot.fill('44')
  await expect(page.getByText(/^saved/)).toBeVisible()
})

test('what was typed before a crash is offered again', async ({ newcomer }) => {
  const page = await newcomer.newPage()
  const id = await ownClass(page.request, 'demo-lunch')
  await openPage(page, `/classes/${id}/shape`)
  // The line is gone, and the browser with it, before anything could be stored.
  await page.route('**/api/classes/**', (route) => route.abort())
  await page.getByRole('button', { name: 'Lunch Loop' }).click()
  const name = page.getByLabel('Name of the class')
  await name.fill('Ember Hour')
  await expect(page.getByText(/^not saved/)).toBeVisible()
  await page.close({ runBeforeUnload: false })
  const again = await newcomer.newPage()
  // A minute later: nobody can still be editing it.
  await again.clock.install({ time: Date.now() + 60_000 })
  await openPage(again, `/classes/${id}/shape`)
  await expect(again.getByRole('alert')).toContainText('that were not stored')
  // What stands beside the new name when it is first there: nothing is said to be saved that is not, not even for a moment.
  const first = again.evaluate(
    () =>
      new Promise<string>((tell) =>
        new MutationObserver(() => {
          if (!document.querySelector('h1')?.textContent.includes('Ember Hour')) return
          tell(Array.from(document.querySelectorAll('header [role=status]'), (word) => word.textContent).join())
        }).observe(document, { subtree: true, childList: true, characterData: true }),
      ),
  )
  await again.getByRole('button', { name: 'Bring them back' }).click()
  expect(await first).toContain('saving')
  await expect(again.getByText(/^saved/)).toBeVisible()
  expect(((await (await again.request.get(`/api/classes/${id}`)).json()) as { document: { name: string } }).document.name).toBe(
    'Ember Hour',
  )
})

lesser()('a day that does not exist is told, stays as it was typed, and makes no class', async ({ page }) => {
  await openPage(page, '/')
  await page.keyboard.press('n')
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name').fill('Ember Hour')
  await page.keyboard.press('Tab')
  await page.keyboard.type('31/02/2027')
  await page.keyboard.press('Tab')
  await expect(dialog.getByRole('textbox', { name: 'Day' })).toHaveValue('31/02/2027')
  await expect(dialog.getByText('A day that there is, such as 27 May 2027')).toBeVisible()
  await dialog.getByRole('button', { name: 'Create class' }).click()
  await expect(dialog).toBeVisible()
  await dialog.getByRole('textbox', { name: 'Day' }).fill('28/02/2027')
  await page.keyboard.press('Tab')
  await dialog.getByRole('button', { name: 'Create class' }).click()
  await page.waitForURL(/\/shape/)
  await expect(page.getByText('Sun 28 Feb').first()).toBeVisible()
})
