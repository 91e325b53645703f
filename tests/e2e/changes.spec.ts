import type { ClassDocument } from '../../src/core/class/class-document'
import type { Circuit } from '../../src/core/plan/plan'
import { everyOther, expect, expectAccessible, expectPartAccessible, lesser, openClass, openPage, test } from './app'
import { nextWindow } from './device'
import { begin, end, expectTogether, linkTo, openRoom, openWall, press, start, tell, toControls, word } from './room'

test('one stream serves all tabs of a browser; undo, repeat and lock', async ({ context, app }) => {
  const [controls, wall] = await openRoom(context, 'demo-lunch')
  const streams = async () => ((await (await controls.request.get(`${app.base}/api/health`)).json()) as { streams: number }).streams
  await expect(controls.getByText('in sync')).toBeVisible()
  const before = await streams()
  const third = await nextWindow(context)
  await openPage(third, wall.url())
  await expect(third.getByText('No connection to the server')).toHaveCount(0)
  expect(await streams()).toBe(before)
  await third.close()
  await begin(controls, 5)
  await expect(word(wall)).toHaveText('Work')
  await press(controls, /^Skip/)
  await expect(word(wall)).toHaveText('Move on')
  await press(controls, /^Undo: skip/)
  await expect(word(wall)).toHaveText('Work')
  await press(controls, /^Skip/)
  await expect(word(controls)).toHaveText('Move on')
  await controls.locator('body').press('r')
  await expect(word(wall)).toHaveText('Get set')
  await expectTogether(controls, wall)
  await press(controls, /^Lock$/)
  await expect(controls.getByRole('button', { name: /^Pause/ })).toBeDisabled()
  await controls.locator('body').press(' ')
  await expect(word(wall)).toHaveText('Get set')
  await expect(controls.getByRole('button', { name: /^Stop the room/ })).toBeEnabled()
  await controls.getByRole('button', { name: /^Locked/ }).click({ delay: 1200 })
  await expect(controls.getByRole('button', { name: /^Pause/ })).toBeEnabled()
  await end(controls)
})

everyOther()(
  'the class is made to end by a time, on all screens at the next boundary; a way is looked at and taken back',
  async ({ context }) => {
    const [controls, wall] = await openRoom(context, 'demo-early')
    await begin(controls, 5)
    await expect(wall.getByText('Lap 1 of 3 · turn 2 of 6')).toBeVisible()
    // While it is looked at, no boundary passes.
    await press(controls, /^Pause/)
    await expect(word(wall)).toHaveText('Paused')
    await press(controls, /^Time$/)
    const panel = controls.getByRole('dialog', { name: 'Time' })
    await panel.getByRole('button', { name: '5 min sooner' }).click()
    await expect(panel.getByText(/too long$/)).toBeVisible()
    const ways = panel.getByRole('listitem')
    await expect(ways).toHaveCount(3)
    await expect(ways.filter({ hasText: /lap fewer|laps fewer/ })).toContainText('Everyone still comes to every station')
    await expectPartAccessible(panel)
    const ends = await wall.getByText(/^ends \d/).innerText()
    await panel.getByRole('button', { name: /^Do this: .*lap/ }).click()
    await expect(panel.getByText('The change comes in at the next boundary')).toBeVisible()
    await press(controls, /^Undo: the change of time/)
    await expect(panel.getByText('The change comes in')).toHaveCount(0)
    await panel.getByRole('button', { name: /^Do this: .*lap/ }).click()
    await expect(panel.getByText('The change comes in at the next boundary')).toBeVisible()
    await panel.getByRole('button', { name: 'Close' }).click()
    await expect(wall.getByText(/^ends \d/)).not.toHaveText(ends)
    await press(controls, /^Skip/)
    await expectTogether(controls, wall)
    await end(controls)
  },
)

everyOther()(
  'a station out of order, and everything easier, are seen on wall and station screen; and taken back',
  async ({ another, context }) => {
    const [controls, wall] = await openRoom(context, 'demo-lunch')
    const station = await another()
    await openPage(station, await linkTo(controls, 'station', '1'))
    await begin(controls, 5)
    // Nobody moves on while it is looked at.
    await tell(controls, { type: 'pause' })
    await expect(station.getByText('Goblet squat', { exact: true })).toBeVisible()
    await expect(station.getByText(/^Oren and Maribel/)).toBeVisible()
    // For those who listen, once.
    await expect(station.getByTestId('announced')).toHaveText(/^Work\. Lap 1 of 2, turn 1 of 8\. Goblet squat\. Oren and Maribel$/)
    await expectAccessible(station)
    await press(controls, /^Stations$/)
    const panel = controls.getByRole('dialog', { name: 'Stations' })
    await panel.getByRole('button', { name: 'Easier' }).click()
    await expect(wall.getByRole('list', { name: 'Stations' }).getByRole('listitem').first()).not.toContainText('Goblet squat')
    await panel.getByRole('button', { name: 'Take it back' }).click()
    await expect(station.getByText('Goblet squat', { exact: true })).toBeVisible()
    await panel.getByRole('button', { name: 'Station 1: out of order' }).click()
    await expect(panel.getByText(/^Oren and Maribel go now to station/)).toBeVisible()
    await expect(station.getByText('Closed', { exact: true })).toBeVisible()
    await expect(station.getByTestId('announced')).toContainText('Closed')
    await expect(wall.getByRole('list', { name: 'Stations' }).getByRole('listitem').first()).toContainText('Closed')
    await panel.getByRole('button', { name: 'Station 1: open again' }).click()
    await panel.getByRole('button', { name: 'Close' }).click()
    await end(controls)
  },
)

everyOther()('the controls open on another device by a link, until it is taken back', async ({ another, context }) => {
  const [controls, wall] = await openRoom(context, 'demo-sixties')
  const screens = await nextWindow(context)
  await openPage(screens, `${controls.url()}/screens`)
  const path = (await screens.getByRole('link', { name: 'Controls', exact: true, includeHidden: true }).getAttribute('href'))!
  const other = await another()
  await openPage(other, new URL(path, controls.url()).href)
  await start(other)
  await expect(word(wall)).toHaveText('Get set')
  await press(controls, /^Take over/)
  await press(controls, /^Skip/)
  await expectTogether(controls, other)
  await press(screens, /^Controls on another device: make new links/)
  await press(screens, /^Controls on another device: all links stop working: press again/)
  await expect(screens.getByRole('link', { name: 'Controls', exact: true, includeHidden: true })).not.toHaveAttribute('href', path)
  expect((await other.request.get(other.url())).status()).toBe(410)
  await expect(other.getByText('This link has been replaced by a new one. Ask your coach for it.')).toBeVisible()
  await end(controls)
})

everyOther()('rounds are tapped in a list at everyone’s own pace; what is said is shown', async ({ context }) => {
  const page = await nextWindow(context)
  const { document } = (await (await page.request.get('/api/classes/demo-short')).json()) as { document: ClassDocument }
  const part = document.plan.parts.find((part) => part.pieces.some((piece) => piece.id === 'ls-extra'))!
  const extra = part.pieces.find((piece): piece is Circuit => piece.id === 'ls-extra')!
  const uses = extra.stations
    .flatMap((station) => station.uses)
    .map((use) => ({ ...use, sides: 'none' as const, reps: { count: 10, counted: 'total' as const } }))
  part.pieces = [
    {
      ...extra,
      laps: 1,
      stations: [{ ...extra.stations[0]!, uses }],
      stay: { kind: 'task', openerCount: 0, rungRestSeconds: 0, goal: 'cap', capSeconds: 300 },
    },
  ]
  const made = await page.request.post('/api/classes', {
    data: {
      ...document,
      name: 'Kettle Round',
      plan: { ...document.plan, parts: [part] },
      here: ['oren', 'tove'],
      groupSize: 'solo',
      scores: true,
      ownTaps: true,
    },
  })
  const { id: classId } = (await made.json()) as { id: string }
  await toControls(page, classId)
  const [controls, wall] = [page, await openWall(page)]
  await start(controls)
  await press(controls, /^Skip/)
  await press(controls, /^List$/)
  const panel = controls.getByRole('dialog', { name: 'At their own pace' })
  await expect(panel.getByText(/Probably now: /)).toBeVisible()
  await panel.getByRole('button', { name: 'Oren: a round more' }).click()
  await expect(panel.getByText('1 round')).toBeVisible()
  await expect(wall.getByRole('list', { name: 'How people stand' })).toContainText('Oren: 1 round')
  await panel.getByRole('button', { name: 'Oren: undo the last tap' }).click()
  await expect(wall.getByRole('list', { name: 'How people stand' })).toHaveCount(0)
  // Oren puts one down himself; the coach's panel, and the wall, have it.
  const card = await nextWindow(context)
  await openPage(card, await linkTo(controls, 'card', 'oren'))
  await card.getByRole('checkbox').first().check()
  await card.getByRole('button', { name: 'A round done' }).click()
  await expect(card.getByText('You: 1 round')).toBeVisible()
  await expect(card.getByRole('checkbox').first()).not.toBeChecked()
  await expectAccessible(card)
  await expect(wall.getByRole('list', { name: 'How people stand' })).toContainText('Oren: 1 round')
  await card.getByRole('button', { name: 'Undo the last tap' }).click()
  await expect(card.getByText('You: no round yet')).toBeVisible()
  await card.close()
  await controls.bringToFront()
  await panel.getByRole('button', { name: 'Tove: finished' }).click()
  await expect(panel.getByRole('button', { name: 'Tove: a round more' })).toBeDisabled()
  await expectPartAccessible(panel)
  await panel.getByRole('button', { name: 'Close' }).click()
  await end(controls)
  await expect(word(controls)).toHaveText('Done')
  // Once it is over, people say how far they have come.
  await press(controls, /^List$/)
  const stored = controls.waitForResponse((response) => response.url().endsWith('/commands') && response.ok())
  await panel.getByRole('button', { name: 'Oren: a round more' }).click()
  await expect(panel.getByText('1 round')).toBeVisible()
  await stored
  await openPage(controls, `/classes/${classId}/log`)
  await controls.getByRole('table').last().getByRole('link').first().click()
  const results = controls.getByRole('table', { name: 'Results' })
  await expect(results.getByLabel(/^Oren, .*, rounds$/)).toHaveValue('1')
  await expect(results.getByLabel(/^Tove, .*, rounds$/)).toHaveValue(/^0:\d\d/)
  // The class of next week shows them.
  const { ids } = (await (await page.request.post(`/api/classes/${classId}/again`, { data: { weeks: 1 } })).json()) as { ids: [string] }
  await openPage(controls, `/classes/${ids[0]}/log`)
  await expect(controls.getByRole('heading', { name: 'What those here did last' })).toBeVisible()
  await expect(controls.getByRole('row', { name: /^Oren 1 round/ })).toBeVisible()
})

lesser()('a class is rehearsed at sixty times its speed, from any point, to its end', async ({ page }) => {
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

lesser()('screens are checked before the start; the sound of one is set kind by kind, and kept on the device', async ({ context }) => {
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
