import jsQR from 'jsqr'
import { PNG } from 'pngjs'
import { expect, expectAccessible, openPage, test } from '../app'
import { nextWindow, seen } from '../device'
import { end, openControls } from '../room'

test('a television is paired by its code, and two phones open their cards from one list of names', async ({ another, context }) => {
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

test('a picture on a screen that waits opens the form with its code, on a coach’s phone', async ({ another, context }) => {
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

test('a code for a phone, read by another decoder, opens the card that it stands beside', async ({ context }) => {
  const controls = await openControls(context, 'demo-sixties')
  const screens = await nextWindow(context)
  await openPage(screens, `${controls.url()}/screens`)
  await screens.getByText('Each card’s own link and code').click()
  const entry = screens.getByRole('region', { name: 'Cards' }).getByRole('group').getByRole('listitem').first()
  const name = await entry.getByRole('link').innerText()
  const { data, width, height } = PNG.sync.read(
    await seen(screens, () => entry.getByRole('img', { name: `Code that opens: ${name}` }).screenshot()),
  )
  const read = jsQR(new Uint8ClampedArray(data), width, height)?.data
  expect(read).toBe(new URL((await entry.getByRole('link').getAttribute('href'))!, controls.url()).href)
  const phone = await nextWindow(context)
  await openPage(phone, read!)
  await expect(phone.getByRole('heading', { name })).toBeVisible()
  await end(controls)
})
