import { randomUUID } from 'node:crypto'
import type { BrowserContext, Page } from '@playwright/test'
import type { Command, RunEvent } from '../../src/core/run/clock/events'
import { digitsOf, expect, openPage, ownClass } from './app'

/** Controls and wall of the run of a class like one of the demo's, each in a window of its own. */
export async function openRoom(context: BrowserContext, like: string, base = ''): Promise<[controls: Page, wall: Page]> {
  const page = await context.newPage()
  return openRoomOf(page, await ownClass(page.request, like, { base }), base)
}

/** The same of a class by its id; the page becomes its controls. */
export async function openRoomOf(controls: Page, classId: string, base = ''): Promise<[controls: Page, wall: Page]> {
  await openPage(controls, `${base}/classes/${classId}/run`)
  // At the head of the class, and in the tab itself.
  await controls.getByRole('button', { name: 'Run class' }).first().click()
  await controls.waitForURL(/\/runs\//)
  await openPage(controls, controls.url())
  const wall = await controls.context().newPage()
  await openPage(wall, base + (await controls.getByRole('link', { name: 'Open the wall' }).getAttribute('href')))
  return [controls, wall]
}

/** Screens of a room by the names of their links, each on a device of its own; closed with its context. */
export async function openScreens(controls: Page, names: readonly string[]): Promise<Page[]> {
  const links = await controls.context().newPage()
  await openPage(links, `${controls.url()}/screens`)
  // Some stand behind a press.
  await links.locator('details').evaluateAll((all) => (all as HTMLDetailsElement[]).forEach((details) => (details.open = true)))
  const opened: Page[] = []
  for (const name of names) {
    const path = await links.getByRole('link', { name, exact: true }).getAttribute('href')
    const device = await controls.context().browser()!.newContext()
    const page = await device.newPage()
    await openPage(page, new URL(path!, controls.url()).href)
    opened.push(page)
  }
  await links.close()
  return opened
}

export const closeScreens = (screens: readonly Page[]) => Promise.all(screens.map((screen) => screen.context().close()))

export async function press(page: Page, name: RegExp): Promise<void> {
  await page.bringToFront()
  await page.getByRole('button', { name }).click()
}

export const word = (page: Page) => page.getByTestId('word')

export async function expectTogether(controls: Page, wall: Page): Promise<void> {
  await expect(async () => {
    const [one, two] = await Promise.all([digitsOf(controls), digitsOf(wall)])
    expect(one).toBe(two)
    // The wall says "Paused" where the controls say what is paused.
    const [said, seen] = await Promise.all([word(controls).innerText(), word(wall).innerText()])
    expect(said.split(':')[0]).toBe(seen)
  }).toPass({ timeout: 120_000 })
}

/** Tells the run something past its controls: what is pressed is seen elsewhere. */
export async function tell(controls: Page, command: Command): Promise<void> {
  const url = new URL(controls.url())
  const path = `${url.origin}/api${url.pathname}/commands`
  for (let expectedSequence = 0; ; ) {
    const answer = await controls.request.post(path, { data: { id: randomUUID(), expectedSequence, who: 'Test', command } })
    if (answer.ok()) return
    const { events = [] } = (await answer.json()) as { events?: RunEvent[] }
    if (events.length === 0) throw new Error(await answer.text())
    expectedSequence = events.at(-1)!.sequence
  }
}

/** Starts the class at its controls, and goes to a phase of it. */
export async function begin(controls: Page, phase: number): Promise<void> {
  await press(controls, /^Start/)
  await expect(word(controls)).toHaveText('Get set')
  await tell(controls, { type: 'goto', phase })
}

export const end = (controls: Page) => tell(controls, { type: 'finish' })
