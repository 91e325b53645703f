import { randomUUID } from 'node:crypto'
import type { APIRequestContext, Page } from '@playwright/test'
import { expect, expectAccessible, expectContrast, expectPartAccessible, lesser, openPage, ownClass } from './app'

/** Presses of a coach that take their time, made at once. */
async function pressAll(request: APIRequestContext, runId: string, commands: object[]): Promise<void> {
  for (const [index, command] of commands.entries()) {
    const data = { id: randomUUID(), expectedSequence: index, who: 'Coach', command }
    expect((await request.post(`/api/runs/${runId}/commands`, { data })).status()).toBe(200)
  }
}

const ladderPhase = 6

/** A class with rounds and with a ladder for time, which one begins late; answers with its run. */
async function ran({ request }: Page, classId: string, late: string): Promise<string> {
  const { id } = (await (await request.post(`/api/classes/${classId}/runs`, { data: {} })).json()) as { id: string }
  await pressAll(request, id, [
    { type: 'start' },
    { type: 'goto', phase: ladderPhase, into: 155 },
    { type: 'tap', personIds: [late], what: 'start', when: { phase: ladderPhase, elapsed: 12_400 } },
    { type: 'tap', personIds: [late], what: 'finish', when: { phase: ladderPhase, elapsed: 150_000 } },
    { type: 'finish' },
  ])
  return id
}

/** What is called out is typed at the controls. */
async function type(page: Page, runId: string, lines: string[]): Promise<void> {
  await openPage(page, `/runs/${runId}`)
  await page.getByRole('button', { name: /^Results$/ }).click()
  const panel = page.getByRole('dialog', { name: 'Results' })
  await panel.getByLabel('As it is called out').focus()
  for (const line of lines) {
    await page.keyboard.type(line)
    await page.keyboard.press('Enter')
    await expect(panel.getByRole('status')).toContainText('Put down')
    await expect(panel.getByLabel('As it is called out')).toHaveValue('')
  }
  await expectPartAccessible(panel)
}

lesser()(
  'results are typed as they are called out, twice, by keys alone; compared with the others, with before, and with nothing that is not the same',
  async ({ page }) => {
    const classId = await ownClass(page.request, 'demo-bricks', { days: 40 })
    const first = await ran(page, classId, 'noor')
    await type(page, first, ['tove 6+4', 'kwabena 6', 'ils 5+2'])
    const again = (await (await page.request.post(`/api/classes/${classId}/again`, { data: { weeks: 1 } })).json()) as { ids: [string] }
    await openPage(page, `/runs/${first}/record`)
    await expect(page.getByLabel('Tove, Rounds, rounds')).toHaveValue('6 + 4')
    // The missed start: from her own beginning, to the tenth, and marked.
    await expect(page.getByLabel('Noor, Ladder, time')).toHaveValue('2:17.6, late 0:12.4')
    // Down the sheet and across it, without a mouse.
    await page.getByLabel('Tove, Ladder, time').focus()
    for (const typed of ['2:11.2', '2:07', '3:40 s', 'dnf 2+5']) {
      await page.keyboard.type(typed)
      await page.keyboard.press('Enter')
    }
    await expect(page.getByLabel('Ilse, Ladder, time')).toHaveValue('3:40, scaled')
    await expect(page.getByLabel('Ruaridh, Ladder, time')).toHaveValue('DNF 2 + 5')
    await page.keyboard.press('ArrowRight')
    await expect(page.getByLabel('Anselm, The whole class, effort')).toBeFocused()
    await page.keyboard.type('eleven')
    await page.keyboard.press('ArrowUp')
    await expect(page.getByRole('alert').filter({ hasText: '"eleven" cannot be read here' })).toBeVisible()
    await expect(page.getByLabel('Anselm, The whole class, effort')).toHaveValue('eleven')
    // A block from a sheet.
    await page.getByLabel('Anselm, The whole class, effort').focus()
    await page.evaluate(() => {
      const data = new DataTransfer()
      data.setData('text/plain', '7\n8.5\n6\n')
      document.activeElement!.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
    })
    await expect(page.getByLabel('Petra, The whole class, effort')).toHaveValue('6')
    const ladder = page.getByRole('table', { name: 'Ladder: beside each other and before' })
    await expect(ladder.getByRole('row', { name: /^2 Noor 2:17.6, late 0:12.4 .*\+0:06.4/ })).toBeVisible()
    // Who lifts more, or less, than the others did another task.
    await expect(ladder.getByRole('row', { name: /Kwabena 2:07 .*not ranked: did goblet squat, kettlebell 16 kg/ })).toBeVisible()
    await expect(ladder.getByRole('row', { name: /Ilse 3:40, scaled.*not ranked/ })).toBeVisible()
    await expectAccessible(page)

    const second = await ran(page, again.ids[0], 'petra')
    await openPage(page, `/runs/${second}/record`)
    await page.getByLabel('Of what').selectOption('Ladder, time')
    await page.getByLabel(/^As it is called out/).focus()
    for (const line of ['tove 2:05.1', 'noor 2:09']) {
      await page.keyboard.type(line)
      await page.keyboard.press('Enter')
      await expect(page.getByLabel(/^As it is called out/)).toHaveValue('')
    }
    await expect(ladder.getByRole('row', { name: /^1 Tove 2:05.1.*best yet/ })).toBeVisible()
    await expect(ladder.getByRole('row', { name: /^2 Noor 2:09 .*\+0:03.9/ })).toBeVisible()
    await page.getByText(/^What was put down by hand/).click()
    await expect(page.getByRole('listitem').filter({ hasText: 'Tove, Ladder, 2:05.1' })).toBeVisible()
    await page.getByLabel('A note').fill('The ladder first, next time.')
    await page.getByRole('button', { name: 'Add the note' }).click()
    await expect(page.getByText('The ladder first, next time.')).toBeVisible()

    // What becomes of it: the person, their bests drawn, and the class.
    await openPage(page, '/people/tove')
    await page.getByRole('button', { name: 'Ladder over time' }).first().click()
    await page.getByText('Ladder over time as a table').click()
    await expect(page.getByRole('table', { name: 'Ladder over time' }).getByText('2:05.1')).toBeVisible()
    await expectAccessible(page)
    await page.emulateMedia({ colorScheme: 'dark' })
    await expectContrast(page)
    await page.emulateMedia({ colorScheme: 'light' })
    await openPage(page, `/classes/${again.ids[0]}/log`)
    await expect(page.getByRole('figure', { name: 'People' })).toBeVisible()
    await expectAccessible(page)
    await openPage(page, '/log?search=tove')
    await expect(page.getByRole('link', { name: 'Brick by Brick' }).first()).toBeVisible()
    await expectAccessible(page)
  },
)

lesser()('who has opened their card by their name puts down how hard it was, and sees their own bests', async ({ another, page }) => {
  const classId = await ownClass(page.request, 'demo-bricks', { days: 47 })
  const made = (await (await page.request.post(`/api/classes/${classId}/runs`, { data: {} })).json()) as { id: string }
  await pressAll(page.request, made.id, [{ type: 'start' }, { type: 'goto', phase: ladderPhase, into: 20 }, { type: 'finish' }])
  const { links } = (await (await page.request.post(`/api/runs/${made.id}/links/names`, { data: {} })).json()) as {
    links: { token: string }[]
  }
  const phone = await another({ width: 390, height: 844 })
  await openPage(phone, `/here/${links[0]!.token}`)
  await phone.getByRole('button', { name: /^Kwabena/ }).click()
  await phone.waitForURL(/\/card\//)
  await phone.getByLabel('How hard was all of it, 0 to 10?').fill('8')
  await phone.keyboard.press('Enter')
  await expect(phone.getByRole('button', { name: 'Kept' })).toBeVisible()
  await expect(phone.getByRole('heading', { name: 'Your bests' })).toBeVisible()
  await phone.getByLabel('How hard was all of it, 0 to 10?').fill('very')
  await phone.keyboard.press('Enter')
  await expect(phone.getByRole('alert')).toContainText('it takes an effort from 0 to 10')
  await expectAccessible(phone)
  const sheet = await (await page.request.get(`/api/runs/${made.id}/results`)).text()
  expect(sheet).toContain('"effort":8')
})
