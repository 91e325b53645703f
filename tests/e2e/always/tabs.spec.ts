import { expect, openPage, ownClass, test } from '../app'

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
