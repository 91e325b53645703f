import { openLine } from '../fixtures/line'
import { freePort, startServer } from '../fixtures/server'
import { digitsOf, everyOther, expect, openPage, test } from './app'
import { begin, end, expectTogether, linkTo, openRoom, press, word } from './room'

test('the room goes on while the server is killed in the middle of a class, and rejoins it', async ({ another, context, app }) => {
  const port = await freePort()
  let server = await startServer(app.database, { port })
  const [controls, wall] = await openRoom(context, 'demo-lunch', server.base)
  const [station, card] = [await another(), await another()]
  await openPage(station, await linkTo(controls, 'station', '1'))
  await openPage(card, await linkTo(controls, 'card', 'oren'))
  const screens = [wall, station, card]
  await begin(controls, 5)
  await expect(word(wall)).toHaveText('Work')
  await server.kill()
  for (const screen of screens) await expect(screen.getByText('No connection to the server: going on by itself')).toBeVisible()
  const before = await digitsOf(wall)
  await expect.poll(() => digitsOf(wall)).not.toBe(before)
  for (const screen of screens) await expectTogether(controls, screen)
  server = await startServer(app.database, { port })
  for (const screen of screens) await expect(screen.getByText('No connection to the server')).toHaveCount(0)
  await expect(controls.getByText('in sync')).toBeVisible()
  await press(controls, /^Pause/)
  for (const screen of screens) {
    await expect(word(screen)).toHaveText('Paused')
    await expectTogether(controls, screen)
  }
  await wall.reload()
  await expect(word(wall)).toHaveText('Paused')
  await end(controls)
  await server.kill()
})

test('a screen that is cut off goes on by itself while the others go on without it, and rejoins them', async ({
  another,
  context,
  app,
}) => {
  const [controls, wall] = await openRoom(context, 'demo-lunch')
  const line = await openLine(app.base)
  const far = await another()
  await openPage(far, line.base + new URL(wall.url()).pathname)
  // The longest phase: none passes while the line is away.
  await begin(controls, 0)
  await expect(word(far)).toHaveText('Brief')
  line.cut()
  await expect(far.getByText('No connection to the server: going on by itself')).toBeVisible()
  await press(controls, /^Pause/)
  await expect(word(wall)).toHaveText('Paused')
  const before = await digitsOf(far)
  await expect.poll(() => digitsOf(far)).not.toBe(before)
  await expect(word(far)).toHaveText('Brief')
  line.mend()
  await expect(word(far)).toHaveText('Paused')
  await expect(far.getByText('No connection to the server')).toHaveCount(0)
  await expectTogether(controls, far)
  await line.close()
  await end(controls)
})

everyOther()('controls that are cut off say so, and their stop counts as soon as they are back', async ({ another, context, app }) => {
  const [controls, wall] = await openRoom(context, 'demo-sixties')
  const line = await openLine(app.base)
  const far = await another()
  await openPage(far, line.base + new URL(controls.url()).pathname)
  await press(far, /^Start/)
  // What is cut off has heard of its own start.
  for (const screen of [wall, far]) await expect(word(screen)).toHaveText('Get set')
  line.cut()
  await expect(far.getByText('offline: going on by itself')).toBeVisible()
  await press(far, /^Stop the room/)
  await expect(far.getByRole('alert')).toContainText('trying again')
  // Somebody else's press, of which it knows nothing, does not make its stop too late.
  await press(controls, /^Take over/)
  await press(controls, /^Skip/)
  line.mend()
  await expect(word(wall)).toHaveText('Stop')
  await expect(word(far)).toHaveText('Stop')
  await line.close()
  await end(controls)
})

test('two coaches: the second takes over, the first sees it and takes the controls back, and who has not heard is told', async ({
  browser,
  context,
}) => {
  const [controls, wall] = await openRoom(context, 'demo-lunch')
  await begin(controls, 0)
  await expect(controls.getByText('this device holds the controls')).toBeVisible()
  // The other coach's device hears of nothing, but can be pressed.
  const device = await browser.newContext()
  await device.addInitScript(() => Reflect.deleteProperty(globalThis, 'SharedWorker'))
  await device.route('**/events*', (route) => route.abort())
  const other = await device.newPage()
  await openPage(other, controls.url())
  await expect(other.getByRole('alert')).toContainText('has held the controls since')
  await expect(other.getByRole('button', { name: /^Skip/ })).toBeDisabled()
  await press(other, /^Take over/)
  await expect(controls.getByRole('alert')).toContainText('Another computer took over the controls')
  await expect(controls.getByRole('button', { name: /^Skip/ })).toBeDisabled()
  await press(controls, /^Take them back/)
  await press(controls, /^Skip/)
  await expect(wall.getByText('March on the spot', { exact: true })).toBeVisible()
  await expect(word(other)).toHaveText('Brief')
  await press(other, /^Skip/)
  await expect(other.getByRole('alert').filter({ hasText: 'held by a computer' })).toBeVisible()
  await expectTogether(controls, other)
  await expect(wall.getByText('March on the spot', { exact: true })).toBeVisible()
  // A stop counts from anywhere.
  await press(other, /^Stop the room/)
  await expect(word(wall)).toHaveText('Stop')
  await device.close()
  await end(controls)
})
