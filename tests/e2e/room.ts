import type { BrowserContext, Page } from '@playwright/test'
import { digitsOf, expect, openPage } from './app'

/** Controls and wall of a new run of the class, each in a window of its own. */
export async function openRoom(context: BrowserContext, classId: string, base = ''): Promise<[controls: Page, wall: Page]> {
  const controls = await context.newPage()
  await openPage(controls, `${base}/classes/${classId}/run`)
  await controls.getByRole('button', { name: 'Open the room' }).click()
  await controls.waitForURL(/\/runs\//)
  await openPage(controls, controls.url())
  const wall = await context.newPage()
  await openPage(wall, base + (await controls.getByRole('link', { name: 'Open the wall' }).getAttribute('href')))
  return [controls, wall]
}

/** Screens of a room by the names of their links, each on a device of its own; closed with its context. */
export async function openScreens(controls: Page, names: readonly string[]): Promise<Page[]> {
  const links = await controls.context().newPage()
  await openPage(links, `${controls.url()}/screens`)
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

export const press = (page: Page, name: RegExp) => page.getByRole('button', { name }).click()
export const word = (page: Page) => page.getByTestId('word')

export async function expectTogether(controls: Page, wall: Page): Promise<void> {
  await expect(async () => {
    const [one, two] = await Promise.all([digitsOf(controls), digitsOf(wall)])
    expect(one).toBe(two)
    // The wall says "Paused" where the controls say what is paused.
    const [said, seen] = await Promise.all([word(controls).innerText(), word(wall).innerText()])
    expect(said.split(':')[0]).toBe(seen)
  }).toPass({ timeout: 30_000 })
}

export async function end(controls: Page): Promise<void> {
  await press(controls, /^End class/)
  await press(controls, /^Press again/)
  await expect(word(controls)).toHaveText('Done')
}
