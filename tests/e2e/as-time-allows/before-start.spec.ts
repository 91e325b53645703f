import { expect, expectAccessible, expectPartAccessible, openClass, openPage, test } from '../app'
import { openRoom, press, word } from '../room'

test('a class is rehearsed at sixty times its speed, from any point, to its end', async ({ page }) => {
  await openClass(page, 'demo-lunch', 'rehearsal')
  await press(page, /^Play/)
  await expect(word(page)).toHaveText('Get set')
  await page.getByLabel('Speed').selectOption('60')
  await page.getByLabel('Where in the class').fill('1655')
  await page.getByText('What the room hears').click()
  await expect(
    page
      .getByRole('list', { name: /^Cues heard/ })
      .getByRole('listitem')
      .first(),
  ).toContainText('on time')
  await expectAccessible(page)
  await expect(word(page)).toHaveText('Done')
  await expect(page.getByRole('button', { name: 'Once more' })).toBeVisible()
})

test('screens are checked before the start; the sound of one is set kind by kind, and kept on the device', async ({ context }) => {
  const [controls, wall] = await openRoom(context, 'demo-short')
  await press(controls, /^Check all screens/)
  await expect(wall.getByText(/^Room wall.*Sound is off: press the sound button on it/)).toBeVisible()
  await expectAccessible(wall)
  await controls.bringToFront()
  await expect(controls.getByRole('button', { name: 'Check all screens' })).toBeDisabled()
  await press(controls, /^Sound$/)
  const panel = controls.getByRole('dialog', { name: 'Sound' })
  await panel.getByLabel('Half way').first().check()
  await panel.getByLabel('Volume: Half way').fill('0.3')
  await expectPartAccessible(panel)
  await openPage(controls, controls.url())
  await press(controls, /^Sound$/)
  await expect(panel.getByLabel('Half way').first()).toBeChecked()
  await expect(panel.getByLabel('Volume: Half way')).toHaveValue('0.3')
})
