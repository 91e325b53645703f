import { expect, expectAccessible, lesser, openPage } from './app'
import { nextWindow } from './device'
import { openControls } from './room'

lesser()('a television is paired by its code, and two phones open their cards from one list of names', async ({ another, context }) => {
  const controls = await openControls(context, 'demo-lunch')
  const television = await another({ width: 1280, height: 720 })
  await openPage(television, new URL('/screen', controls.url()).href)
  const code = (await television.getByLabel(/^Code: /).getAttribute('aria-label'))!.replace('Code: ', '')
  await expectAccessible(television)

  const screens = await nextWindow(context)
  await openPage(screens, `${controls.url()}/screens`)
  const form = screens.getByRole('form', { name: 'Pair a screen' })
  await form.getByLabel('Code on the screen').fill('AAAA')
  await form.getByRole('button', { name: 'Pair the screen' }).click()
  await expect(form.getByRole('alert')).toContainText('No screen shows the code AAAA')
  await form.getByLabel('Code on the screen').fill(code.toLowerCase())
  await form.getByRole('combobox', { name: 'It shows' }).click()
  await screens.getByRole('option', { name: 'Room wall: Far' }).click()
  await form.getByRole('button', { name: 'Pair the screen' }).click()
  await expect(form.getByRole('status')).toContainText('Room wall: Far')
  await television.waitForURL(/\/wall\/.*layout=far/)
  await expect(television.getByTestId('word')).toHaveText('Ready')

  const list = await screens.getByRole('link', { name: 'The list of names' }).getAttribute('href')
  const phone = async () => {
    const opened = await another({ width: 390, height: 844 })
    await openPage(opened, new URL(list!, controls.url()).href)
    return opened
  }
  const [one, two] = [await phone(), await phone()]
  await expectAccessible(two)
  await one.getByRole('button', { name: 'Oren' }).click()
  await one.waitForURL(/\/card\//)
  await two.getByRole('button', { name: 'Oren' }).click()
  await expect(two.getByRole('alert')).toContainText('open on another phone')
  await screens.reload()
  await screens.getByRole('button', { name: 'Let Oren’s card go' }).click()
  await expect(one.getByText('This link has been replaced by a new one')).toBeVisible()
  await two.reload()
  await two.getByRole('button', { name: 'Oren' }).click()
  await two.waitForURL(/\/card\//)
})

lesser()('a picture on a screen that waits opens the form with its code, on a coach’s phone', async ({ another, context }) => {
  const controls = await openControls(context, 'demo-lunch')
  const tablet = await another()
  await openPage(tablet, new URL('/screen', controls.url()).href)
  const code = (await tablet.getByLabel(/^Code: /).getAttribute('aria-label'))!.replace(/Code: | /g, '')
  const phone = await another({ width: 390, height: 844 })
  await openPage(phone, new URL(`/pair?code=${code}`, controls.url()).href)
  await expect(phone.getByLabel('Code on the screen')).toHaveValue(code)
  await phone.getByRole('combobox', { name: 'It shows' }).click()
  await phone.getByRole('option', { name: 'Station 2' }).click()
  await phone.getByRole('button', { name: 'Pair the screen' }).click()
  await tablet.waitForURL(/\/station\//)
})
