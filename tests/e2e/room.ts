import { randomUUID } from 'node:crypto'
import type { BrowserContext, Page } from '@playwright/test'
import type { Command, RunEvent } from '../../src/core/run/clock/events'
import { digitsOf, expect, openPage, ownClass } from './app'
import { nextWindow } from './device'

/** A page becomes the controls of a class. */
export async function toControls(page: Page, classId: string, base = ''): Promise<void> {
  // What the press at the head of a class asks for.
  const { id } = (await (await page.request.post(`${base}/api/classes/${classId}/runs`, { data: {} })).json()) as { id: string }
  await openPage(page, `${base}/runs/${id}`)
}

/** The controls of a class like one of the demo's. */
export async function openControls(context: BrowserContext, like: string, base = ''): Promise<Page> {
  const page = await nextWindow(context)
  await toControls(page, await ownClass(page.request, like, { base }), base)
  return page
}

export async function openWall(controls: Page): Promise<Page> {
  const wall = await nextWindow(controls.context())
  const path = await controls.getByRole('link', { name: 'Open the wall' }).getAttribute('href')
  await openPage(wall, new URL(path!, controls.url()).href)
  return wall
}

/** Controls and wall of a class like one of the demo's, each in a window of its own. */
export async function openRoom(context: BrowserContext, like: string, base = ''): Promise<[controls: Page, wall: Page]> {
  const controls = await openControls(context, like, base)
  return [controls, await openWall(controls)]
}

/** The link to a screen of a room: of a station by its number, of a card by its person. */
export async function linkTo(controls: Page, screen: 'wall' | 'station' | 'card', subject = ''): Promise<string> {
  const { origin, pathname } = new URL(controls.url())
  const answer = await controls.request.post(`${origin}/api${pathname}/links/${screen}`, { data: {} })
  const { links } = (await answer.json()) as { links: { subject: string; token: string }[] }
  return `${origin}/${screen}/${links.find((link) => link.subject === subject)!.token}`
}

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
  for (let expectedSequence = 0; ;) {
    const answer = await controls.request.post(path, { data: { id: randomUUID(), expectedSequence, who: 'Test', command } })
    if (answer.ok()) return
    const { events = [] } = (await answer.json()) as { events?: RunEvent[] }
    if (events.length === 0) throw new Error(await answer.text())
    expectedSequence = events.at(-1)!.sequence
  }
}

/** Starts the class at its controls; told that the line was slow, as on a machine that has much else to do, presses again. */
export async function start(controls: Page): Promise<void> {
  await press(controls, /^Start/)
  const leftOut = controls.getByRole('alert').filter({ hasText: 'your last press was left out' })
  const said = async () => word(controls).innerText()
  await expect
    .poll(async () => {
      if ((await said()) === 'Ready' && (await leftOut.isVisible())) await press(controls, /^Start/)
      return said()
    })
    .not.toBe('Ready')
}

/** Starts the class at its controls, and goes to a phase of it. */
export async function begin(controls: Page, phase: number): Promise<void> {
  await start(controls)
  await expect(word(controls)).toHaveText('Get set')
  await tell(controls, { type: 'goto', phase })
}

export const end = (controls: Page) => tell(controls, { type: 'finish' })
