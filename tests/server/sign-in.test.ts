import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { everyOther } from '../fixtures/every-other'
import { asker, openHall, type Hall } from '../fixtures/hall'
import { beginAnother, cookiesOf, joinAs, joinBy, newHall, password, signInAs, stranger, terminalLink } from '../fixtures/members'

let hall: Hall
let base: string
let elsewhere: ReturnType<Hall['another']> | undefined
beforeAll(async () => {
  hall = await openHall()
  ;({ base } = hall.server)
})
afterAll(() => hall.close())

/** The same app under an address that the world knows. */
const beyond = () => (elsewhere ??= hall.another({ PUBLIC_URL: 'https://hall.example.org' }))

const invitation = async (role = 'coach') => ((await hall.post('/api/invitations', { name: 'Ada', role })).body as { path: string }).path
const idOf = async (email: string) => (await hall.sql('select id from account_user where email = $1', [email]))[0]!.id as string

describe('an invitation', () => {
  it('lets one person in, once; its token is told once and stands nowhere', async () => {
    const path = await invitation()
    expect((await stranger(base).get(path)).body).toContain('Join Kiln Yard')
    expect(JSON.stringify(await hall.sql('select * from invitation'))).not.toContain(path.split('/').at(-1))
    const ada = await joinBy(path, base)
    expect((await ada.get('/people')).status).toBe(200)
    expect(await stranger(base).post(`/api${path}`, { name: 'Bo', email: 'bo@example.org', password })).toMatchObject({
      status: 410,
      body: { errors: [{ code: 'invitationOver' }] },
    })
    expect(await hall.sql(`select 1 from account_user where email = 'bo@example.org'`)).toEqual([])
    expect((await stranger(base).get(path)).status).toBe(410)
  })

  it('used twice at once lets one in, and leaves no account of the other', async () => {
    const path = await invitation()
    const emails = ['one@example.org', 'two@example.org']
    const answers = await Promise.all(emails.map((email) => stranger(base).post(`/api${path}`, { name: 'Ada', email, password })))
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 410])
    expect(await hall.sql('select count(*)::int as accounts from account_user where email = any($1)', [emails])).toEqual([{ accounts: 1 }])
  })

  it('is no longer good once it was withdrawn, or a week has gone', async () => {
    const [withdrawn, old] = [await invitation(), await invitation()]
    const [{ id }] = (await hall.sql('select id from invitation order by until desc offset 1 limit 1')) as [{ id: string }]
    expect((await hall.remove(`/api/invitations/${id}`)).status).toBe(200)
    await hall.sql(`update invitation set until = now() - interval '1 second'`)
    for (const path of [withdrawn, old]) expect((await stranger(base).get(path)).status).toBe(410)
  })

  it('says at its field what is wrong with what is typed, and stays good', async () => {
    const path = await invitation()
    const answer = await stranger(base).post(`/api${path}`, { name: 'Ada', email: 'ada', password: 'short' })
    expect(answer.status).toBe(422)
    for (const common of ['QWERTY123456', 'aaaaaaaaaaaaaaaa', 'ada@example.org'])
      expect(await stranger(base).post(`/api${path}`, { name: 'Ada', email: 'ada@example.org', password: common })).toMatchObject({
        status: 422,
        body: { errors: [{ code: 'commonPassword', field: 'password' }] },
      })
    const taken = await joinAs('coach', base, hall)
    expect(await stranger(base).post(`/api${path}`, { name: 'Ada', email: taken.email.toUpperCase(), password })).toMatchObject({
      status: 409,
      body: { errors: [{ code: 'emailTaken' }] },
    })
    expect((await joinBy(path, base)).email).toContain('@')
  })
})

describe('signing in', () => {
  it('takes the password of the account, and says no more than that the two do not belong together', async () => {
    const { email } = await joinAs('coach', base, hall)
    const wrong = await stranger(base).post('/api/session', { email, password: 'not this one, no' })
    const unknown = await stranger(base).post('/api/session', { email: 'nobody@example.org', password })
    expect([wrong.status, unknown.status]).toEqual([401, 401])
    expect(wrong.body).toEqual(unknown.body)
    const ada = await signInAs(email.toUpperCase(), base)
    expect((await ada.get('/')).status).toBe(200)
    expect(await hall.sql(`select password from account_login where password not like '$argon2id$v=19$m=19456,t=2,p=1$%'`)).toEqual([])
  })

  it('gives a cookie that no script reads and no other site sends', async () => {
    const { email } = await joinAs('coach', base, hall)
    const [cookie] = (await stranger(base).post('/api/session', { email, password })).headers
      .getSetCookie()
      .filter((text) => text.includes('session_token='))
    expect(cookie).toMatch(/HttpOnly/i)
    expect(cookie).toMatch(/SameSite=Lax/i)
    const secure = await asker((await beyond()).base).post('/api/session', { email, password })
    expect(secure.headers.getSetCookie().find((text) => text.includes('session_token='))).toMatch(/^__Secure-.*Secure/i)
  })

  it('ends on this device, and on every device', async () => {
    const { email } = await joinAs('coach', base, hall)
    const [phone, desk, tablet] = [await signInAs(email, base), await signInAs(email, base), await signInAs(email, base)]
    await phone.remove('/api/session')
    expect([(await phone.get('/people')).status, (await desk.get('/people')).status]).toEqual([302, 200])
    await desk.remove('/api/sessions')
    expect([(await desk.get('/people')).status, (await tablet.get('/people')).status]).toEqual([302, 302])
  })

  it('takes a hash for a name that nobody has, too', async () => {
    vi.stubEnv('DATABASE_URL', hall.url)
    vi.stubEnv('RATE_LIMITS', 'off')
    const { passwords } = await import('../../src/server/access/passwords')
    const hash = vi.spyOn(passwords, 'hash')
    const { signIn } = await import('../../src/server/access/sign-in')
    await expect(signIn({ email: 'nobody@example.org', password }, 'here')).rejects.toThrow('do not belong together')
    expect(hash).toHaveBeenCalledTimes(1)
    await (await import('../../src/server/db/pool')).closeDatabase()
    vi.unstubAllEnvs()
  })
})

describe('a new password', () => {
  it('comes by a link in a mail, once, signs everyone out, and tells nobody who has an account', async () => {
    const ada = await joinAs('coach', base, hall)
    const asked = await stranger(base).post('/api/password-resets', { email: ada.email })
    expect(asked).toMatchObject({ status: 200 })
    expect((await stranger(base).post('/api/password-resets', { email: 'nobody@example.org' })).body).toEqual(asked.body)
    const box = (await stranger(base).get('/mail')).body as string
    const path = /\/reset\/[\w-]+/.exec(box)![0]
    expect(await hall.sql('select "to" from account_mail')).toEqual([{ to: ada.email }])
    const next = 'another long walk to the kiln'
    const reset = () => stranger(base).post(`/api/password-resets/${path.split('/').at(-1)}`, { password: next })
    expect((await reset()).status).toBe(200)
    expect(await reset()).toMatchObject({ status: 410, body: { errors: [{ code: 'resetOver' }] } })
    expect((await ada.get('/people')).status).toBe(302)
    expect((await stranger(base).post('/api/session', { email: ada.email, password })).status).toBe(401)
    expect((await (await signInAs(ada.email, base, next)).get('/people')).status).toBe(200)
  })

  it('is set by who knows the one before, and signs other devices out', async () => {
    const ada = await joinAs('assistant', base, hall)
    const phone = await signInAs(ada.email, base)
    const next = 'a short walk from the kiln'
    expect((await ada.put('/api/account/password', { current: 'not this one, no', next })).status).toBe(422)
    const changed = await ada.put('/api/account/password', { current: password, next })
    expect(changed.status).toBe(200)
    expect([(await asker(base, cookiesOf(changed)).get('/')).status, (await phone.get('/')).status]).toEqual([200, 302])
  })

  everyOther()('of an owner who is locked out comes by the terminal', async () => {
    const owner = await beginAnother(hall)
    const path = await terminalLink(hall.url, 'reset', owner.email)
    const next = 'found again behind the kiln'
    expect((await stranger(base).post(`/api/password-resets/${path.split('/').at(-1)}`, { password: next })).status).toBe(200)
    expect((await (await signInAs(owner.email, base, next)).get('/team')).status).toBe(200)
    await expect(terminalLink(hall.url, 'reset', 'nobody@example.org')).rejects.toThrow(/Say which owner/)
  })
})

describe('members', () => {
  it('are what their owner says, with their next press', async () => {
    const ada = await joinAs('assistant', base, hall)
    const id = await idOf(ada.email)
    expect((await ada.get('/people')).status).toBe(403)
    await hall.put(`/api/members/${id}`, { role: 'coach' })
    expect((await ada.get('/people')).status).toBe(200)
    await hall.remove(`/api/members/${id}`)
    expect((await ada.get('/people')).status).toBe(302)
    expect((await hall.remove(`/api/members/${id}`)).status).toBe(404)
  })

  it('have an owner among them, always', async () => {
    const owner = await beginAnother(hall)
    const id = await idOf(owner.email)
    for (const answer of [await owner.put(`/api/members/${id}`, { role: 'coach' }), await owner.remove(`/api/members/${id}`)])
      expect(answer).toMatchObject({ status: 409, body: { errors: [{ code: 'lastOwner' }] } })
    expect((await owner.get('/team')).status).toBe(200)
    // Of two, each of whom takes the role from the other at once, one stays.
    const second = await joinAs('owner', base, owner)
    const both = await Promise.all([owner.remove(`/api/members/${await idOf(second.email)}`), second.remove(`/api/members/${id}`)])
    expect(both.map(({ status }) => status).sort()).not.toEqual([200, 200])
  })

  it('of several halls change between them, on each device by itself, and see one at a time', async () => {
    const owner = await beginAnother(hall)
    const path = await invitation('assistant')
    expect((await owner.post(`/api${path}`, { signedIn: true })).status).toBe(201)
    expect((await owner.get('/account')).body).toContain('Kiln Yard')
    const again = await invitation('owner')
    expect(await owner.post(`/api${again}`, { signedIn: true })).toMatchObject({ status: 409, body: { errors: [{ code: 'isMember' }] } })
    expect((await stranger(base).get(again)).status).toBe(200)
    expect((await owner.get('/team')).status).toBe(200)
    const chosen = await owner.put('/api/session', { hallId: 'kiln-yard' })
    expect(chosen.status).toBe(200)
    const there = asker(base, `${owner.cookie}; ${cookiesOf(chosen)}`)
    expect([(await there.get('/')).status, (await there.get('/team')).status]).toEqual([200, 403])
    expect((await owner.put('/api/session', { hallId: 'nobody-s' })).status).toBe(403)
  })
})

describe('the demo', () => {
  it('opens for whoever sits at the machine, until they sign out; never beyond it', async () => {
    expect((await hall.get('/team')).body).toContain('Isaura')
    const out = await hall.remove('/api/session')
    const away = asker(base, cookiesOf(out))
    expect((await away.get('/')).status).toBe(302)
    // Whose session has ended elsewhere does not find themselves in the demo.
    expect((await asker(base, 'vicinor.session_token=over.and-gone').get('/')).status).toBe(302)
    expect((await away.get('/sign-in')).body).toContain('Kiln Yard')
    const back = await away.post('/api/session/demo')
    expect(back.headers.getSetCookie().join()).toMatch(/vicinor\.stranger=;|vicinor\.stranger=deleted/)
    const far = asker((await beyond()).base)
    for (const [path, status] of [
      ['/', 302],
      ['/api/people', 401],
      ['/mail', 404],
    ] as const)
      expect([path, (await far.get(path)).status]).toEqual([path, status])
    expect((await far.post('/api/session/demo')).status).toBe(404)
  })

  it('is marked for its members too, and says where to go from a page that is for others', async () => {
    const coach = await joinAs('coach', base, hall)
    expect((await coach.get('/')).body).toContain('Kiln Yard (demo)')
    const owners = await coach.get('/team')
    expect([owners.status, owners.body]).toEqual([403, expect.stringContaining('<a href="/">See the classes</a>')])
    const own = await beginAnother(hall)
    expect((await own.get('/')).body).not.toContain('(demo)')
  })

  everyOther()('makes place for somebody’s own hall, by the link on the terminal, once; then nobody is in without signing in', async () => {
    const own = await openHall()
    const path = await terminalLink(own.url, 'begin')
    const owner = { name: 'Cleo', email: 'cleo@example.org', password }
    const begin = (hall: object) => stranger(own.server.base).post(`/api${path}`, { hall, owner })
    expect(await begin({ ...newHall, timeZone: 'Mars' })).toMatchObject({ status: 422 })
    expect((await own.get(path)).status).toBe(200)
    expect(await begin(newHall)).toMatchObject({ status: 201 })
    expect(await begin(newHall)).toMatchObject({ status: 410 })
    expect(await terminalLink(own.url, 'begin')).toBe('')
    expect((await own.get('/')).status).toBe(302)
    const cleo = await signInAs(owner.email, own.server.base)
    for (const page of ['/', '/plans', '/exercises', '/people', '/gear', '/rooms', '/log', '/team']) {
      const { status, body } = await cleo.get(page)
      expect(status, page).toBe(200)
      expect(body, page).not.toContain('Kiln')
    }
    const counts = await own.sql(`select (select count(*)::int from class) as classes, (select count(*)::int from person) as people,
      (select sum((size->>'owned')::int)::int from gear_kind, jsonb_array_elements(document->'sizes') size) as pieces, (select count(*)::int from exercise) as exercises`)
    expect(counts).toEqual([{ classes: 0, people: 0, pieces: 0, exercises: 169 }])
    await own.close()
  })
})
