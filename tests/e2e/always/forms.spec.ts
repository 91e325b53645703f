import { expect, openPage, ownClass, test } from '../app'

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
