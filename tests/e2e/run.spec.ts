import type { BrowserContext, Page } from '@playwright/test'
import { freePort, startServer } from '../fixtures/server'
import { digitsOf, expect, expectAccessible, openPage, test } from './app'

/** Controls and wall of a new run of the class, each in a window of its own. */
async function openRoom(context: BrowserContext, classId: string, base = ''): Promise<[controls: Page, wall: Page]> {
  const controls = await context.newPage()
  await openPage(controls, `${base}/classes/${classId}/run`)
  await controls.getByRole('button', { name: 'Open the room' }).click()
  await controls.waitForURL(/\/runs\//)
  await openPage(controls, controls.url())
  const wall = await context.newPage()
  await openPage(wall, base + (await controls.getByRole('link', { name: 'Open the wall' }).getAttribute('href')))
  return [controls, wall]
}

const press = (page: Page, name: RegExp) => page.getByRole('button', { name }).click()
const word = (page: Page) => page.getByTestId('word')

async function expectTogether(controls: Page, wall: Page): Promise<void> {
  await expect(async () => {
    const [one, two] = await Promise.all([digitsOf(controls), digitsOf(wall)])
    expect(one).toBe(two)
    // The wall says "Paused" where the controls say what is paused.
    const [said, seen] = await Promise.all([word(controls).innerText(), word(wall).innerText()])
    expect(said.split(':')[0]).toBe(seen)
  }).toPass({ timeout: 5000 })
}

async function end(controls: Page): Promise<void> {
  await press(controls, /^End class/)
  await press(controls, /^Press again/)
  await expect(word(controls)).toHaveText('Done')
}

test('controls and wall stay together through pause, resume, skip, hold, stop and reload', async ({ context }) => {
  const [controls, wall] = await openRoom(context, 'demo-lunch')
  await expect(word(wall)).toHaveText('Ready')
  await press(controls, /^Start/)
  await expect(word(wall)).toHaveText('Get set')
  await press(controls, /^Skip/)
  await expect(word(wall)).toHaveText('Brief')
  for (let phase = 0; phase < 5; phase++) await press(controls, /^Skip/)
  await expect(word(wall)).toHaveText('Work')
  await expect(wall.getByText('Lap 1 of 2 · turn 1 of 8')).toBeVisible()
  await expect(wall.getByRole('list', { name: 'Stations' }).getByRole('listitem').first()).toContainText('Oren')
  await expectTogether(controls, wall)

  await press(controls, /^Pause/)
  await expect(word(wall)).toHaveText('Paused')
  const stood = await digitsOf(wall)
  await wall.reload()
  await expect(word(wall)).toHaveText('Paused')
  expect(await digitsOf(wall)).toBe(stood)
  await press(controls, /^\+ 10 s/)
  await expect.poll(() => digitsOf(wall)).toBe(String(Number(stood) + 10))
  await controls.reload()
  await expect(word(controls)).toHaveText('Paused: Work')
  await openPage(controls, controls.url())
  await expectTogether(controls, wall)
  await press(controls, /^Resume/)
  await expect(word(wall)).toHaveText('Work')

  await press(controls, /^Skip/)
  await expect(word(wall)).toHaveText('Move on')
  await expect(wall.getByRole('list', { name: 'Stations' }).getByRole('listitem').nth(1)).toContainText('coming in')
  await press(controls, /^Hold/)
  await expect(controls.getByText('Will hold at the end of this')).toBeVisible()
  await press(controls, /^Release/)
  await press(controls, /^Stop the room/)
  await expect(word(wall)).toHaveText('Stop')
  await press(controls, /^Go on/)
  await expect(word(wall)).toHaveText('Get set')
  await expectTogether(controls, wall)
  await end(controls)
  await expect(word(wall)).toHaveText('Done')
  await openPage(controls, '/log')
  await expect(controls.getByRole('row', { name: /Lunch Loop/ }).first()).toContainText('28:10')
})

test('the room goes on while the server is killed in the middle of a class, and rejoins it', async ({ context }) => {
  const port = await freePort()
  let server = await startServer(process.env.APP_DATABASE!, port)
  const [controls, wall] = await openRoom(context, 'demo-sixties', server.base)
  await press(controls, /^Start/)
  for (let phase = 0; phase < 3; phase++) await press(controls, /^Skip/)
  await expect(word(wall)).toHaveText('Work')
  await server.kill()
  await expect(wall.getByText('No line to the server: going on by itself')).toBeVisible()
  const before = await digitsOf(wall)
  await expect.poll(() => digitsOf(wall)).not.toBe(before)
  await expectTogether(controls, wall)
  server = await startServer(process.env.APP_DATABASE!, port)
  await expect(wall.getByText('No line to the server')).toHaveCount(0)
  await expect(controls.getByText('together with the room')).toBeVisible()
  await press(controls, /^Pause/)
  await expect(word(wall)).toHaveText('Paused')
  await expectTogether(controls, wall)
  await wall.reload()
  await expect(word(wall)).toHaveText('Paused')
  await end(controls)
  await server.kill()
})

test('two coaches: the slower is told, shown where the class is, and may press again', async ({ context }) => {
  const [controls] = await openRoom(context, 'demo-short')
  const other = await context.newPage()
  await openPage(other, controls.url())
  await press(controls, /^Start/)
  await expect(word(other)).toHaveText('Get set')
  // The other coach's line is held up, so that this screen does not know of the skip.
  await other.route('**/events*', (route) => route.abort())
  await context.setOffline(false)
  await press(controls, /^Skip/)
  await expect(word(controls)).toHaveText('Work')
  await press(other, /^Skip/)
  await expect(word(other)).toHaveText(/Work|Rest/)
  await end(controls)
})

test('keys and a presenter remote work the controls', async ({ context }) => {
  const [controls, wall] = await openRoom(context, 'demo-early')
  await controls.locator('body').press('Space')
  await expect(word(wall)).toHaveText('Get set')
  await controls.locator('body').press('PageDown')
  await expect(word(wall)).toHaveText('Work')
  await controls.locator('body').press('Space')
  await expect(word(wall)).toHaveText('Paused')
  await controls.locator('body').press('Space')
  await expect(word(wall)).toHaveText('Work')
  await controls.keyboard.down('s')
  await expect(word(wall)).toHaveText('Stop')
  await controls.keyboard.up('s')
  await end(controls)
})

test('three, two, one and the change are scheduled on the audio clock; mute takes them back', async ({ context }) => {
  const [controls] = await openRoom(context, 'demo-short')
  await press(controls, /^Start/)
  await expect(controls.getByRole('button', { name: /^Sound on/ })).toBeVisible()
  const heard = () => controls.evaluate(() => performance.getEntriesByType('mark').filter((mark) => mark.name.startsWith('cue:')).map((mark) => mark.name))
  await expect.poll(heard).toEqual(expect.arrayContaining(['cue:three', 'cue:two', 'cue:one', 'cue:change']))
  await controls.locator('body').press('m')
  await expect(controls.getByRole('button', { name: /^Sound off/ })).toBeVisible()
  await end(controls)
})

test('wall and controls are accessible, and fit a phone and a portrait screen', async ({ context }) => {
  const [controls, wall] = await openRoom(context, 'demo-lunch')
  await press(controls, /^Start/)
  for (let phase = 0; phase < 6; phase++) await press(controls, /^Skip/)
  await expect(word(wall)).toHaveText('Work')
  await controls.emulateMedia({ reducedMotion: 'reduce' })
  await wall.emulateMedia({ reducedMotion: 'reduce' })
  await expectAccessible(controls)
  await expectAccessible(wall)
  await wall.setViewportSize({ width: 720, height: 1280 })
  await controls.setViewportSize({ width: 390, height: 844 })
  for (const page of [wall, controls]) expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0)
  const stop = controls.getByRole('button', { name: /^Stop the room/ })
  await expect(stop).toBeInViewport({ ratio: 1 })
  expect((await stop.boundingBox())!.height).toBeGreaterThanOrEqual(44)
  await end(controls)
})
