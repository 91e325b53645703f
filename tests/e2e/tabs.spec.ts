import { expect, lesser, openPage, ownClass, test } from './app'
import { nextWindow } from './device'

const tab = (name: RegExp) => ({ name })

test('tabs of a class change in place: addresses, back and forward work, and one undo goes over all of them', async ({ page }) => {
  const id = await ownClass(page.request, 'demo-lunch')
  await openPage(page, `/classes/${id}/shape`)
  const tabs = page.getByRole('navigation', { name: 'Class' })
  // Whatever loads the page anew forgets this.
  await page.evaluate(() => Object.assign(window, { stays: true }))
  await page.getByRole('textbox', { name: 'Transition', exact: true }).first().fill('0:25')
  await page.keyboard.press('Tab')
  await tabs.getByRole('link', tab(/^People/)).click()
  await expect(page).toHaveURL(new RegExp(`${id}/people$`))
  await page.getByLabel('Walk-in').fill('Juniper')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('checkbox', { name: 'Juniper' })).toBeChecked()
  await tabs.getByRole('link', tab(/^Gear/)).click()
  await expect(tabs.getByRole('link', tab(/^Gear/))).toHaveAttribute('aria-current', 'page')
  // From a tab that shows neither, the person goes first and then the transition.
  await page.keyboard.press('Control+z')
  await page.goBack()
  await expect(page).toHaveURL(new RegExp(`${id}/people$`))
  await expect(page.getByRole('checkbox', { name: 'Juniper' })).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await page.goBack()
  await expect(page.getByRole('textbox', { name: 'Transition', exact: true }).first()).toHaveValue('0:15')
  await page.goForward()
  await expect(page.getByLabel('Walk-in')).toBeVisible()
  expect(await page.evaluate(() => 'stays' in window)).toBe(true)
  await page.reload()
  await expect(page.getByLabel('Walk-in')).toBeVisible()
  expect(await page.evaluate(() => 'stays' in window)).toBe(false)
})

lesser()('a tab can be opened by keyboard, and a change of the hall shows in a class that is open', async ({ page, context }) => {
  const id = await ownClass(page.request, 'demo-lunch')
  await openPage(page, `/classes/${id}/shape`)
  const tabs = page.getByRole('navigation', { name: 'Class' })
  await tabs.getByRole('link', tab(/^People/)).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Walk-in')).toBeVisible()
  const name = `Sorrel ${id.slice(-4)}`
  const other = await nextWindow(context)
  const person = { id: `p-${id.slice(-6)}`, name, level: 'regular', goEasy: [], goEasyNote: '', loads: {} }
  expect((await other.request.post('/api/people', { data: person })).status()).toBe(201)
  await openPage(other, '/people')
  await page.bringToFront()
  await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange', { bubbles: true })))
  await expect(page.getByRole('checkbox', { name })).toBeVisible()
})

lesser()('a page of the version before offers to load anew, once nothing would be lost', async ({ page }) => {
  const id = await ownClass(page.request, 'demo-lunch')
  await openPage(page, `/classes/${id}/shape`)
  const offer = page.getByText('Vicinor has been updated')
  // The app is renewed: every answer comes from another build, and the first save fails.
  let away = true
  await page.route('**/api/classes/**', async (route) => {
    if (away && route.request().method() === 'PUT')
      return route.fulfill({ status: 503, headers: { 'x-vicinor-build': 'other' }, json: { errors: [] } })
    const response = await route.fetch()
    return route.fulfill({ response, headers: { ...response.headers(), 'x-vicinor-build': 'other' } })
  })
  await page.getByRole('button', { name: 'Lunch Loop' }).click()
  await page.getByLabel('Name of the class').fill('Renewed Hour')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/^not saved/)).toBeVisible()
  await expect(offer).toHaveCount(0)
  away = false
  await expect(page.getByText(/^saved/)).toBeVisible()
  await expect(offer).toBeVisible()
  await page.unroute('**/api/classes/**')
  await page.getByRole('button', { name: 'Reload' }).click()
  await expect(page.getByRole('heading', { name: 'Renewed Hour' })).toBeVisible()
  await expect(offer).toHaveCount(0)
})
