import { chunk } from 'es-toolkit'
import { expect, openPage, test } from './app'
import { inTurn } from '../fixtures/turns'
import type { Page } from '@playwright/test'

/** What is pressed on the way: a key, a click, a tap; choosing from a list is two. */
class Hands {
  presses = 0
  constructor(readonly page: Page) {}

  async click(role: 'button' | 'menuitem' | 'textbox', name: string | RegExp, within = this.page.locator('body')) {
    this.presses++
    await within
      .getByRole(role, { name, exact: typeof name === 'string' })
      .first()
      .click()
  }

  async keys(text: string) {
    this.presses += text.length
    await this.page.keyboard.type(text)
  }

  async key(name: string) {
    this.presses++
    await this.page.keyboard.press(name)
  }

  /** Types over a slot of the sentence; nothing takes its words away. */
  async slot(name: string, text: string) {
    await this.click('textbox', name)
    if (text === '') await this.key('Delete')
    else await this.keys(text)
    if (text === '') await this.key('Tab')
  }

  async choose(name: string, value: string) {
    this.presses += 2
    await this.page.getByRole('combobox', { name, exact: true }).first().selectOption(value)
  }

  /** Takes an offer; `text` goes over the figure that it begins with. */
  async offer(words: string | RegExp, text = '') {
    const offers = this.page.getByRole('group', { name: 'What can be added' }).first()
    if ((await offers.getByRole('button', { name: words }).count()) === 0) await this.click('button', 'All that can be added', offers)
    await this.click('button', words, offers)
    if (text === '') return
    await expect(this.page.locator('input[data-slot]:focus')).toBeVisible()
    await this.keys(text)
  }

  /** Picks the first exercise that is found by these letters. */
  async pick(station: number, letters: string) {
    this.presses++
    await this.page.getByRole('combobox', { name: `Exercise at station ${station}` }).click()
    await this.keys(letters)
    await this.key('Enter')
  }

  async add(after: string, kind: RegExp) {
    await this.click('button', `Add after ${after}`)
    await this.click('menuitem', kind)
  }

  async change(name: string, item: string) {
    await this.click('button', `Change ${name}`)
    await this.click('menuitem', item)
  }

  /** Writes the items of a list, a line each. */
  async items(lines: readonly string[], station = 1) {
    const list = this.page.getByRole('group', { name: `List at station ${station}` })
    await this.click('textbox', 'New item', list)
    const before = await list.getByRole('textbox', { name: /^Item/ }).count()
    for (const [index, line] of lines.entries()) {
      await this.keys(line)
      await this.key('Enter')
      await expect(list.getByRole('textbox', { name: /^Item/ })).toHaveCount(before + index + 1)
    }
  }
}

/** Shapes of class as in `tests/fixtures/shapes.ts`: how each is said, and what it comes to (common practice). */
const shapes: Record<string, { total: string | RegExp; say: (hands: Hands) => Promise<void> }> = {
  A: {
    total: '12:00',
    say: async (hands) => {
      await hands.slot('Stations', '6')
      await hands.slot('Work', '15')
      await hands.slot('Laps', '4')
      await hands.slot('Between laps', '')
    },
  },
  B: {
    total: '26:15',
    say: async (hands) => {
      await shapes.A!.say(hands)
      await hands.change('Stations', 'Duplicate')
      await hands.click('button', /^Stations, 12:00 from 0:00/)
      await hands.add('Stations', /^Swap/)
      await hands.slot('Length', '2:30')
    },
  },
  C2: {
    total: '20:40',
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.slot('Exercises', '10')
      await hands.slot('Work', '30')
      await hands.slot('Rest', '10')
      await hands.slot('Laps', '3')
      await hands.slot('Between laps', '30')
    },
  },
  D: {
    total: '4:00',
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.slot('Exercises', '2')
      await hands.slot('Work', '20')
      await hands.slot('Rest', '')
      await hands.slot('Laps', '1')
      await hands.offer('3 sets with 0:20 between', '4')
      await hands.slot('Between sets', '10')
    },
  },
  E3: {
    total: '12:00',
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.slot('Exercises', '2')
      await hands.slot('Work', '20')
      await hands.slot('Rest', '10')
      await hands.slot('Between laps', '')
      await hands.slot('Laps', '4')
      await hands.offer('3 times with 1:00 between')
      await hands.slot('Between times', '')
    },
  },
  F: {
    total: '32:40',
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.slot('Exercises', '5')
      await hands.slot('Work', '50')
      await hands.slot('Rest', '')
      await hands.slot('Laps', '1')
      await hands.offer('two lengths of work in turn', '30')
      await hands.offer('3 times with 1:00 between', '2')
      await hands.slot('Between times', '2:00')
      await hands.offer('times that differ')
      await hands.click('button', 'the lengths of work change places')
      await hands.change('Everyone the same', 'Duplicate')
      await hands.change('Everyone the same', 'Begin a new part here')
      await hands.click('button', /^Everyone the same, 8:40 from 0:00/)
      await hands.add('Everyone the same', /^Rest/)
      await hands.slot('Length', '2:00')
      await hands.change('Rest', 'Begin a new part here')
    },
  },
  G: {
    total: '32:00',
    say: async (hands) => {
      await hands.slot('Stations', '4')
      await hands.slot('Work', '20')
      await hands.offer('more exercises at a station')
      await hands.offer('more exercises at a station')
      await hands.slot('Transition', '')
      await hands.slot('Laps', '1')
      await hands.offer('3 sets with 0:20 between', '4')
      await hands.slot('After each set', '1:00')
    },
  },
  H: {
    total: '35:00',
    say: async (hands) => {
      await hands.slot('Stations', '5')
      await hands.offer('lists at their own pace', '6:00')
      await hands.slot('Transition', '1:00')
      await hands.slot('Laps', '1')
      await hands.offer('rounds to aim at', '6')
      for (let station = 1; station <= 5; station++) await hands.items(['6 squ', '6 pus', '6 bur'], station)
    },
  },
  I: {
    total: '18:00',
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.slot('Exercises', '3')
      await hands.slot('Work', '1:00')
      await hands.slot('Rest', '10')
      await hands.choose('What it is for', 'active')
      await hands.slot('Between laps', '')
      await hands.slot('Laps', '4')
      await hands.click('button', 'Details of station 3')
      const panel = hands.page.getByRole('region', { name: 'Station 3 in detail' })
      await hands.click('button', 'its own length', panel)
      await hands.slot('Its own work', '2:00')
      await hands.key('Escape')
    },
  },
  J: {
    total: '15:00',
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.offer('a list at their own pace', '15:00')
      await hands.items(['90 s rowi', '20 squ', '15 pus', '60 s plank', '20 lun', '15 bur'])
    },
  },
  K: {
    total: /^about|\d\d:\d\d/,
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.offer('a list at their own pace', '8:00')
      await hands.items(['20 squ', '20 pus', '20 bur', '20 cru', '20 lun', '8 dip', '10 row', '6 e/s bird'])
      await hands.offer('an opener done once', '5')
      await hands.offer('3 times with 1:00 between', '4')
      await hands.slot('Between times', '1:30')
      await hands.add('List', /^List at their own pace/)
      await hands.choose('How far', 'end')
      await hands.offer(/^a ladder/, '100')
      await hands.items(['squ', 'pus', 'bur', 'cru', 'lun'])
    },
  },
  L: {
    total: '31:00',
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.slot('Exercises', '1')
      await hands.slot('Work', '45')
      await hands.slot('Rest', '')
      await hands.slot('Laps', '1')
      await hands.offer('a fixed window', '2:00')
      await hands.pick(1, 'side pl')
      await hands.click('button', 'Details of station 1')
      await hands.choose('Sides', 'ownInterval')
      await hands.key('Escape')
      await hands.add('Everyone the same', /^List at their own pace/)
      await hands.slot('Time cap', '5:00')
      await hands.items(['18 squ', '18 pus'])
      await hands.offer(/^3 times with 1:00 between/, '4')
      const before = hands.presses
      await hands.offer('times that differ')
      await expect(hands.page.getByRole('textbox', { name: /reps, 1$/ })).toBeFocused()
      await hands.keys('18-15-12-9')
      await hands.key('Enter')
      // Four falling rounds.
      expect(hands.presses - before).toBeLessThanOrEqual(12)
      await expect(hands.page.getByRole('textbox', { name: /reps, 4$/ })).toHaveValue('9')
    },
  },
  M: {
    total: /about/,
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.offer('a list at their own pace')
      await hands.offer(/^a ladder/)
      await hands.choose('How far', 'end')
      await hands.offer('a rest between rungs')
      await hands.items(['squ', 'pus', 'bur', 'cru', 'lun', 'dip', 'row', 'bird'])
      await hands.change('List', 'Duplicate')
      await hands.change('List', 'Begin a new part here')
      await hands.slot('Rungs', '6-4-2')
      await hands.offer('only if there is time')
    },
  },
  N: {
    total: /about/,
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.offer('a list at their own pace')
      await hands.choose('How far', 'end')
      await hands.items(['50 squ', '40 pus', '30 bur', '20 cru', '10 lun'])
      await hands.change('List', 'Duplicate')
      await hands.click('button', /^List, .* from 0:00/)
      await hands.add('List', /^Rest/)
    },
  },
  O: {
    total: '12:00',
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.slot('Exercises', '1')
      await hands.slot('Work', '30')
      await hands.slot('Rest', '30')
      await hands.slot('Between laps', '')
      await hands.slot('Laps', '12')
    },
  },
  P: {
    total: '13:30',
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.slot('Exercises', '4')
      await hands.slot('Work', '30')
      await hands.slot('Rest', '')
      await hands.slot('Laps', '2')
      await hands.slot('Between laps', '')
      await hands.add('Everyone the same', /^Brief/)
      await hands.slot('Length', '2:30')
      await hands.add('Brief', /^Water/)
      await hands.add('Water', /^Cool-down/)
      await hands.slot('Exercises', '6')
      await hands.slot('Work', '30')
      for (const [index, stretch] of ['calf s', 'quad', 'pigeo', 'hip fl', 'triceps st', 'hams'].entries()) {
        const station = index + 1
        await hands.pick(station, stretch)
        await hands.click('button', `Details of station ${station}`)
        await hands.choose('Sides', 'ownInterval')
        await hands.key('Escape')
      }
    },
  },
  Q: {
    total: '4:00',
    say: async (hands) => {
      await hands.choose('Stations or together', 'together')
      await hands.slot('Exercises', '4')
      await hands.slot('Work', '30')
      await hands.slot('Rest', '')
      await hands.slot('Laps', '1')
      await hands.change('Everyone the same', 'Duplicate')
      await hands.change('Everyone the same', 'Begin a new part here')
      await hands.offer('only if there is time')
    },
  },
}

const starter = {
  name: 'Said',
  startsAt: '2031-05-05T10:00:00.000Z',
  here: [],
  walkIns: [],
  groupSize: 'pairs',
  plan: {
    id: 'said',
    name: 'Said',
    slotSeconds: 3600,
    parts: [
      {
        id: 'part',
        pieces: [
          {
            id: 'main',
            type: 'circuit',
            travel: 'rotate',
            stations: Array.from({ length: 8 }, (_, index) => ({ id: `s${index}` })),
            laps: 2,
            lapRestSeconds: 60,
            transition: { seconds: 15 },
            stay: { kind: 'intervals', workSeconds: [40] },
          },
        ],
      },
    ],
  },
}

for (const which of chunk(inTurn(Object.keys(shapes), 12), 2))
  test(`every shape of class is said in at most 120 presses: ${which.join(', ')}`, async ({ page }) => {
    const rooms = (await (await page.request.get('/api/rooms')).json()) as { rooms: { document: { id: string } }[] }
    for (const id of which) {
      await test.step(id, async () => {
        const made = await page.request.post('/api/classes', { data: { ...starter, roomId: rooms.rooms[0]!.document.id } })
        expect(made.status(), await made.text()).toBe(201)
        await openPage(page, `/classes/${((await made.json()) as { id: string }).id}/shape`)
        const hands = new Hands(page)
        await shapes[id]!.say(hands)
        await expect(page.getByRole('status', { name: 'Total' }), id).toContainText(shapes[id]!.total)
        expect(hands.presses, id).toBeLessThanOrEqual(120)
        await expect(page.getByText(/^saved/)).toBeVisible()
      })
    }
  })
