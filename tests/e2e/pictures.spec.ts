import { expect, expectPartAccessible, lesser, openPage } from './app'

lesser()('an exercise is seen with its ladder, moves at a press, and is told in words', async ({ page }) => {
  await openPage(page, '/exercises')
  await page.getByLabel('Find exercises').fill('goblet')
  const ladder = page.getByRole('list', { name: 'From easier to harder' })
  await expect(ladder.getByRole('listitem')).toHaveCount(4)
  await expect(ladder.getByRole('img', { name: /^Goblet squat: / })).toBeVisible()
  const move = ladder.getByRole('button', { name: 'Move Goblet squat', exact: true })
  const arm = () => ladder.getByRole('listitem').nth(1).locator('path').nth(3).getAttribute('d')
  await page.emulateMedia({ reducedMotion: 'no-preference' })
  await move.click()
  const first = await arm()
  await expect.poll(arm).not.toBe(first)
  await ladder.getByRole('button', { name: 'Stop Goblet squat' }).click()
  await expect(move).toBeVisible()
  await expectPartAccessible(ladder)
})

lesser()(
  'a picture of one’s own begins with that of a similar exercise, and is changed joint by joint, by key and by pointer',
  async ({ page }) => {
    await openPage(page, '/exercises')
    await page.getByLabel('Find exercises').fill('air squat')
    await page.getByRole('button', { name: 'Change', exact: true }).click()
    const form = page.getByRole('dialog', { name: 'Air squat' })
    await form.getByRole('button', { name: 'Change the picture' }).first().click()
    const editor = page.getByRole('dialog', { name: 'How Air squat looks' })
    const hips = editor.getByRole('button', { name: /^Hips/ })
    await editor.getByText('Pose 2', { exact: true }).click()
    const at = async () => (await hips.boundingBox())!
    // Once the dialog has come to rest.
    await expect(async () => {
      const then = await at()
      await page.evaluate(() => new Promise((painted) => requestAnimationFrame(() => requestAnimationFrame(painted))))
      expect((await at()).y).toBe(then.y)
    }).toPass()
    const before = await at()
    await hips.focus()
    for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowDown')
    await expect.poll(async () => (await at()).y).toBeGreaterThan(before.y + 2)
    // Dragged under the floor, the hips stop where a body stops.
    const box = await at()
    await page.mouse.move(box.x + 12, box.y + 12)
    await page.mouse.down()
    await page.mouse.move(box.x + 12, box.y + 400, { steps: 5 })
    await page.mouse.up()
    const floor = (await editor.getByRole('button', { name: /^Near toes/ }).boundingBox())!
    expect((await at()).y).toBeLessThan(floor.y + 12)
    await editor.getByRole('button', { name: 'Undo' }).click()
    await expect.poll(async () => Math.abs((await at()).y - box.y)).toBeLessThan(2)
    await expectPartAccessible(editor)
    await editor.getByRole('button', { name: 'Pose after this' }).click()
    await expect(editor.getByText('Pose 3', { exact: true })).toBeVisible()
    await editor.getByRole('button', { name: 'Take this picture' }).click()
    await form.getByRole('button', { name: 'Save' }).click()
    await expect(form).toHaveCount(0)
    const stored = (await (await page.request.get('/api/exercises')).json()).exercises.find(
      ({ document }: { document: { id: string } }) => document.id === 'air-squat',
    )
    expect(stored.document.figure.poses).toHaveLength(3)

    // Another begins with the picture of something like it.
    await page.getByRole('button', { name: 'Change', exact: true }).click()
    await form.getByRole('button', { name: 'Take it out' }).first().click()
    await form.getByLabel('Begin with the picture of').first().fill('Goblet squat')
    await page.getByRole('option', { name: 'Goblet squat', exact: true }).click()
    await form.getByRole('button', { name: 'Save' }).click()
    await expect(form).toHaveCount(0)
    await expect(page.getByRole('list', { name: 'From easier to harder' }).getByRole('img', { name: /^Air squat/ })).toBeVisible()
  },
)
