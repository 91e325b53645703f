import { expect, expectAccessible, lesser, openClass, openPage, test } from './app'
import { looseTexts } from '../fixtures/loose/texts'
import type { Page } from '@playwright/test'

const textOf = (name: string) => looseTexts.find((loose) => loose.name === name)!.text
const field = (page: Page) => page.getByRole('textbox', { name: 'The class as text' })
const reading = (page: Page) => page.getByRole('region', { name: 'How it is read' })

/** Pastes over all that stands there: two presses. */
async function paste(page: Page, text: string): Promise<void> {
  await field(page).press('ControlOrMeta+a')
  await page.keyboard.insertText(text)
}

test('from a pasted text to a running room in six presses', async ({ page }) => {
  await openPage(page, '/')
  await page.getByRole('link', { name: 'Type or paste' }).click()
  await expect(field(page)).toBeFocused()
  await page.keyboard.insertText(textOf('a board: stations, one a line'))
  await expect(reading(page)).toContainText('12:00')
  await page.getByLabel('How many come').click()
  await page.keyboard.type('12')
  await page.getByRole('button', { name: 'Run class' }).click()
  await page.waitForURL(/\/runs\//)
  await expect(page.getByRole('button', { name: /^Start/ })).toBeVisible()
  await expect(page.getByText(/Jumping jack/).first()).toBeVisible()
})

lesser()('the hardest shapes are read as they are pasted', async ({ page }) => {
  await openPage(page, '/type')
  for (const [name, total] of [
    ['a list at every station', '35:00'],
    ['rounds in a cap, reps and seconds mixed', '15:00'],
    ['an opener, then rounds', '8:00'],
    ['a hold in a window, then a capped list, four times', '4 times with 1:00 between'],
    ['an optional second circuit', '4:00'],
  ] as const) {
    await paste(page, textOf(name))
    await expect(reading(page), name).toContainText(total)
    await expect(reading(page).getByText('Not understood'), name).toHaveCount(0)
  }
  // The class is as long as its text was said to be.
  await paste(page, textOf('a hold in a window, then a capped list, four times'))
  await expect(reading(page)).toContainText('4 times with 1:00 between')
  const total = await reading(page).locator('b').first().innerText()
  await page.getByRole('button', { name: 'Create class' }).click()
  await page.waitForURL(/\/classes\/.*\/shape/)
  await expect(page.getByRole('status', { name: 'Total' })).toContainText(total)
})

lesser()('what is not understood is told where it stands; an exercise that is missed is added; what is typed stays', async ({ page }) => {
  await openPage(page, '/type')
  await paste(
    page,
    'Tuesday lunch, 30 min\n4 stations, 40/20, 2 laps\n1. Squats\n2. Barrel roll\n3. Plank\n4. Rest\nsee you all on the other side',
  )
  await expect(reading(page).getByText('Tuesday lunch, 30:00 slot')).toBeVisible()
  await expect(reading(page).getByRole('listitem').filter({ hasText: 'see you all' })).toContainText('line 7')
  await expectAccessible(page)
  await page.getByRole('link', { name: 'How to write it' }).click()
  await expect(page.getByRole('heading', { name: 'Every shape of class' })).toBeVisible()
  await expectAccessible(page)
  await page.goBack()
  await reading(page).getByRole('button', { name: 'add it' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Add it' }).click()
  await expect(reading(page).getByRole('button', { name: 'add it' })).toHaveCount(0)
  await page.reload()
  await expect(field(page)).toHaveValue(/Barrel roll/)
  await page.getByRole('button', { name: 'Create class' }).click()
  await page.waitForURL(/\/classes\/.*\/shape/)
  await expect(page.getByRole('combobox', { name: 'Exercise at station 2' })).toHaveValue('Barrel roll')
  await expect(page.getByRole('status', { name: 'Total' })).toContainText('8:00')
})

lesser()('names complete from the hall, and what was likely meant is one press away', async ({ page }) => {
  await openPage(page, '/type')
  await paste(page, '')
  await page.keyboard.type('4 statons 40/20\n1. gob')
  await page.keyboard.press('Tab')
  await expect(field(page)).toHaveValue('4 statons 40/20\n1. Goblet squat')
  await page.keyboard.type('\n2. burpes')
  await reading(page).getByRole('button', { name: 'Burpee?' }).click()
  await reading(page).getByRole('button', { name: 'stations?' }).click()
  await expect(field(page)).toHaveValue('4 stations 40/20\n1. Goblet squat\n2. Burpee')
  await expect(reading(page).getByText('Not understood')).toHaveCount(0)
  await expect(reading(page)).toContainText('4 stations, pairs move on')
  // Tab leaves the field once nothing is offered.
  await field(page).press('Escape')
  await page.keyboard.press('Tab')
  await expect(field(page)).not.toBeFocused()
})

lesser()('a class is changed as text; what did not change keeps what is said of it, and undo is the class’s own', async ({ page }) => {
  const path = await openClass(page, 'demo-lunch', 'shape')
  const stored = async () => ((await (await page.request.get(`/api${path}`)).json()) as Stored).document.plan
  interface Stored {
    document: { plan: { parts: { pieces: { travel?: string; stations?: { id: string; spotId?: string }[] }[] }[] } }
  }
  const stations = async () => (await stored()).parts.flatMap(({ pieces }) => pieces).find((piece) => piece.travel === 'rotate')!.stations!
  const before = await stations()
  const total = page.getByRole('status', { name: 'Total' })
  const first = await total.innerText()
  await page.getByRole('button', { name: 'As text' }).click()
  const text = await field(page).inputValue()
  expect(text).toContain('8 stations, 0:40 work, 0:15 to move, 2 laps, 1:00 between laps')
  await expectAccessible(page)
  await field(page).fill(text.replace('0:40 work', '0:50 work').replace(/\n8\. [^\n]*/, '\n8. Wall sit\n9. Burpee'))
  await expect(total).not.toHaveText(first)
  await expect(page.getByText(/^saved/)).toBeVisible()
  await expect.poll(async () => (await stations()).length).toBe(9)
  expect((await stations()).slice(0, 8).map(({ id }) => id)).toEqual(before.map(({ id }) => id))
  await field(page).press('ControlOrMeta+z')
  await expect(total).toHaveText(first)
  await expect(field(page)).toHaveValue(text)
  await page.getByRole('button', { name: 'As a sentence' }).click()
  await expect(page.getByRole('textbox', { name: 'Stations', exact: true })).toHaveValue('8')
})
