import type { Page } from '@playwright/test'
import { onDatabase } from '../fixtures/database'
import { newHallLink, password } from '../fixtures/members'
import { expect, expectAccessible, lesser, openPage, ownClass } from './app'
import { linkTo, start, word } from './room'

/** Whoever sits there is taken for nobody that is known. */
async function asNewcomer(page: Page, base: string): Promise<Page> {
  await page.context().addCookies([{ name: 'vicinor.stranger', value: '1', url: base }])
  return page
}

async function invited(owner: Page, name: string, role: string): Promise<string> {
  await openPage(owner, '/team')
  await owner.getByLabel('Name').fill(name)
  if (role !== 'Coach') {
    await owner.getByRole('combobox', { name: 'Role' }).last().click()
    await owner.getByRole('option', { name: role }).click()
  }
  await owner.getByRole('button', { name: 'Make a link' }).click()
  const link = await owner.getByText(/\/join\//).textContent()
  return new URL(link!).pathname
}

/** Joins by keyboard alone. */
async function join(page: Page, path: string, email: string): Promise<void> {
  await openPage(page, path)
  await page.getByLabel('E-mail address').focus()
  await page.keyboard.type(email)
  await page.keyboard.press('Tab')
  await page.keyboard.type(password)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Classes' })).toBeVisible()
}

lesser()(
  'the owner invites: the coach runs a class with all that they know, the assistant without what people go easy on, the stranger sees nothing',
  async ({ another, page: owner, app: { base } }) => {
    const classId = await ownClass(owner.request, 'demo-lunch', { base, days: 3 })
    const coach = await asNewcomer(await another(), base)
    await join(coach, await invited(owner, 'Nuria', 'Coach'), `nuria-${classId}@example.org`)
    await expect(coach.getByRole('link', { name: 'People' })).toBeVisible()
    await expect(coach.getByRole('link', { name: 'Team' })).toHaveCount(0)
    await openPage(coach, `/classes/${classId}/shape`)
    await coach.getByRole('button', { name: 'Run class' }).click()
    await coach.waitForURL(/\/runs\//)
    const runPath = new URL(coach.url()).pathname
    await start(coach)
    const watch = (page: Page) => page.getByRole('region', { name: 'Watch' })
    await expect(word(coach)).toHaveText('Get set')
    // What comes next is the same while they get set as in the brief.
    const shown = async () => `${await word(coach).textContent()}, ${await coach.getByRole('region', { name: 'Next' }).textContent()}`
    // On to where somebody does something else than everyone.
    for (let press = 0; press < 12 && !(await watch(coach).textContent())!.includes('('); press++) {
      const before = await shown()
      await coach.getByRole('button', { name: /^Skip/ }).click()
      await expect.poll(shown).not.toBe(before)
    }
    await expect(watch(coach)).toContainText(/\(.*(knee|hip|balance|shoulder|back)/)

    const assistant = await asNewcomer(await another(), base)
    const link = await invited(owner, 'Ode', 'Assistant')
    await expectAccessible(owner)
    await join(assistant, link, `ode-${classId}@example.org`)
    await expect(assistant.getByRole('link', { name: 'People' })).toHaveCount(0)
    await openPage(assistant, `/classes/${classId}`)
    await expect(assistant.getByText(/\d+ here/)).toBeVisible()
    const here = Number((await assistant.getByRole('status').first().textContent())!.split(' ')[0])
    await assistant.getByLabel('Find').fill('Amadou')
    await assistant.getByLabel('Amadou').click()
    await expect(assistant.getByText(new RegExp(`^${here + 1} here`))).toBeVisible()
    await expectAccessible(assistant)
    await openPage(assistant, runPath)
    await expect(watch(assistant)).toContainText('Jun')
    await expect(watch(assistant)).not.toContainText(/\(.*(knee|hip|balance|shoulder|back)/)
    const refused = await assistant.goto('/people')
    expect(refused!.status()).toBe(403)

    const stranger = await asNewcomer(await another(), base)
    await stranger.goto(runPath)
    await expect(stranger.getByRole('heading', { name: 'Sign in' })).toBeVisible()
    await stranger.goto('/')
    await expect(stranger.getByRole('heading', { name: 'Sign in' })).toBeVisible()
    await expectAccessible(stranger)
    // The wall is open to whoever has its link.
    const wall = await stranger.goto(await linkTo(coach, 'wall'))
    expect(wall!.status()).toBe(200)
    await expect(stranger.locator('main').first()).toBeVisible()
  },
)

lesser()(
  'one more hall is begun beside the first by a link, and neither sees the other; signing out and in again',
  async ({ another, app }) => {
    const { base, database } = app
    const owner = await asNewcomer(await another(), base)
    await openPage(owner, await newHallLink((query, values) => onDatabase(database, query, values)))
    await owner.getByLabel('Name of the hall').fill('Mill Loft')
    await owner.getByLabel('Your name').fill('Bertil')
    const email = `bertil-${Date.now()}@example.org`
    await owner.getByLabel('E-mail address').fill(email)
    await owner.getByLabel('Password', { exact: true }).fill('too short')
    await owner.getByRole('button', { name: 'Begin' }).click()
    await expect(owner.getByText('Must have at least 12 characters')).toBeVisible()
    await expectAccessible(owner)
    await owner.getByLabel('Password', { exact: true }).fill(password)
    await owner.getByRole('button', { name: 'Begin' }).click()
    await expect(owner.getByText('Mill Loft')).toBeVisible()
    await expect(owner.getByText(/Kiln|Lunch Loop/)).toHaveCount(0)
    await openPage(owner, '/account')
    await owner.getByRole('button', { name: 'Sign out', exact: true }).click()
    await expect(owner.getByRole('heading', { name: 'Sign in' })).toBeVisible()
    await openPage(owner, '/sign-in?to=/people')
    await owner.getByLabel('E-mail address').fill(email)
    await owner.getByLabel('Password', { exact: true }).fill('not the one I have')
    await owner.getByRole('button', { name: 'Sign in' }).click()
    await expect(owner.getByRole('alert')).toContainText('do not belong together')
    await owner.getByLabel('Password', { exact: true }).fill(password)
    await owner.keyboard.press('Enter')
    await expect(owner.getByRole('heading', { name: 'People' })).toBeVisible()
    await expect(owner.getByText('Nobody yet')).toBeVisible()
  },
)

lesser()('a device signs in by its passkey, until that is removed', async ({ page: owner, browser, app }) => {
  // Passkeys are bound to a name: on the machine itself that is localhost.
  const base = app.base.replace('127.0.0.1', 'localhost')
  const context = await browser.newContext({ baseURL: base })
  const page = await asNewcomer(await context.newPage(), base)
  const devtools = await page.context().newCDPSession(page)
  await devtools.send('WebAuthn.enable')
  const options = {
    protocol: 'ctap2',
    transport: 'internal',
    hasResidentKey: true,
    hasUserVerification: true,
    isUserVerified: true,
  } as const
  await devtools.send('WebAuthn.addVirtualAuthenticator', { options: { ...options, automaticPresenceSimulation: true } })
  await join(page, await invited(owner, 'Runa', 'Coach'), `runa-${Date.now()}@example.org`)
  await openPage(page, '/account')
  await page.getByLabel('Name of this device').fill('Tablet by the door')
  await page.getByRole('button', { name: 'Add a passkey' }).click()
  await expect(page.getByText('Tablet by the door')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Sign out', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await page.getByRole('button', { name: 'Sign in with a passkey' }).click()
  await expect(page.getByRole('heading', { name: 'Classes' })).toBeVisible()
  await openPage(page, '/account')
  await page.getByRole('button', { name: 'Remove the passkey Tablet by the door' }).click()
  await expect(page.getByText('Tablet by the door')).toHaveCount(0)
  await page.getByRole('button', { name: 'Sign out', exact: true }).click()
  await page.getByRole('button', { name: 'Sign in with a passkey' }).click()
  await expect(page.getByRole('alert')).toContainText('of no account here')
  await context.close()
})
