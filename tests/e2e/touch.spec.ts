import { expect, lesser, openClass, openPage } from './app'
import type { Locator } from '@playwright/test'

const middle = async (of: Locator) => {
  const { x, y, width, height } = (await of.boundingBox())!
  return { x: x + width / 2, y: y + height / 2 }
}

lesser()('on a tablet a finger drags stations and pieces, and a station on the floor', async ({ browser }) => {
  const tablet = await browser.newContext({ viewport: { width: 820, height: 1180 }, hasTouch: true })
  const page = await tablet.newPage()
  const path = await openClass(page, 'demo-lunch', 'shape')
  const session = await tablet.newCDPSession(page)
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: { x: number; y: number }) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [at] : [] })
  const drag = async (what: Locator, by: { x: number; y: number }, isHeld: () => Promise<void> = async () => {}) => {
    const from = await middle(what)
    await touch('touchStart', from)
    await isHeld()
    for (let step = 1; step <= 10; step++) await touch('touchMove', { x: from.x + (by.x * step) / 10, y: from.y + (by.y * step) / 10 })
    await touch('touchEnd')
  }
  const between = async (from: Locator, to: Locator) => {
    const [one, other] = [await middle(from), await middle(to)]
    return { x: other.x - one.x, y: other.y - one.y }
  }
  const handle = (number: number) => page.getByRole('button', { name: `Station ${number}: drag to trade places` })
  const exercise = (number: number) => page.getByRole('combobox', { name: `Exercise at station ${number}` })
  const third = await exercise(3).inputValue()
  await drag(handle(1), await between(handle(1), handle(3)))
  await expect(exercise(1)).toHaveValue(third)

  // What rests on a piece drags it; what does not scrolls.
  const piece = (name: string) => page.getByRole('button', { name: new RegExp(`^${name}, `) }).first()
  const held = () => expect(piece('Brief')).toHaveAttribute('class', /isDragged/)
  await drag(piece('Brief'), await between(piece('Brief'), piece('Warm-up')), held)
  await expect(piece('Brief')).toHaveAccessibleName('Brief, 3:00 from 5:00')

  await openPage(page, `${path}/room`)
  const station = page.getByRole('button', { name: /^Station 1, / })
  const fromTop = async () => Number(/([\d.]+) m from the top/.exec((await station.getAttribute('aria-label'))!)![1])
  const before = await fromTop()
  await drag(station, { x: 60, y: 90 })
  // To the end of the way, not only until the page would have begun to scroll.
  await expect.poll(fromTop).toBeGreaterThan(before + 1)
  await tablet.close()
})
