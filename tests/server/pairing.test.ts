import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { codeLength } from '../../src/core/run/screens/pairing'
import { listenTo, makeClass, makeRun, openHall, request, type Hall } from '../fixtures/hall'

let hall: Hall
beforeAll(async () => {
  hall = await openHall()
})
afterAll(() => hall.close())

const tokenTo = async (runId: string, screen: string) =>
  ((await hall.post(`/api/runs/${runId}/links/${screen}`)).body.links as { token: string }[])[0]!.token

describe('a screen that shows a code', () => {
  const newScreen = async () => (await hall.post('/api/pairings')).body as { device: string; code: string; left: number }
  const told = async (device: string) => (await hall.get(`/api/pairings/${device}`)).body.path as string | null
  const wall = { screen: 'wall', layout: 'far' }

  it('is told what to show by who types the code, however it is typed, once', async () => {
    const runId = await makeRun(hall, 'demo-lunch')
    const { device, code, left } = await newScreen()
    expect(code).toHaveLength(codeLength)
    expect(left).toBe(600_000)
    expect(await told(device)).toBeNull()
    const typed = ` ${code.slice(0, 2).toLowerCase()} ${code.slice(2)}`
    expect((await hall.post(`/api/runs/${runId}/pairings`, { code: typed, show: wall })).status).toBe(200)
    expect(await told(device)).toBe(`/wall/${await tokenTo(runId, 'wall')}?layout=far`)
    expect((await hall.get((await told(device))!)).status).toBe(200)
    expect(await hall.post(`/api/runs/${runId}/pairings`, { code, show: wall })).toMatchObject({
      status: 404,
      body: { errors: [{ code: 'noSuchCode' }] },
    })
  })

  it('is a station where that is wanted; one that the class does not have is refused, and the code stays good', async () => {
    const runId = await makeRun(hall, 'demo-lunch')
    const { device, code } = await newScreen()
    expect(await hall.post(`/api/runs/${runId}/pairings`, { code, show: { screen: 'station', station: 40 } })).toMatchObject({
      status: 422,
      body: { errors: [{ code: 'noSuchStation' }] },
    })
    expect((await hall.post(`/api/runs/${runId}/pairings`, { code, show: { screen: 'station', station: 3 } })).status).toBe(200)
    expect((await hall.get((await told(device))!)).status).toBe(200)
  })

  it('cannot be paired after ten minutes, nor by a code that nobody shows', async () => {
    const runId = await makeRun(hall, 'demo-lunch')
    const { device, code } = await newScreen()
    await hall.sql('update pairing set until = room_time() - 1 where device = $1', [device])
    expect((await hall.get(`/api/pairings/${device}`)).body.left).toBe(0)
    for (const wrong of [code, 'ZZZZ', 'ABC', ''])
      expect((await hall.post(`/api/runs/${runId}/pairings`, { code: wrong, show: wall })).status).toBeGreaterThanOrEqual(404)
    expect(await told(device)).toBeNull()
  })

  it('is offered every room that is open, whatever another is like', async () => {
    await makeRun(hall, 'demo-lunch', (document) => (document.name = 'Ember Hour'))
    const broken = await makeRun(hall, 'demo-lunch')
    await hall.sql(`update run set snapshot = snapshot - 'timeline', version = version + 1 where id = $1`, [broken])
    const { status, body } = await hall.get('/pair?code=K7PA')
    expect([status, (body as string).includes('Ember Hour')]).toEqual([200, true])
  })
})

describe('the list of names', () => {
  it('opens each card on one device; the coach lets it go, and the first loses it', async () => {
    const runId = await makeRun(hall, 'demo-lunch')
    const token = await tokenTo(runId, 'names')
    expect((await hall.get(`/here/${token}`)).status).toBe(200)
    const claims = `/api/screens/${token}/claims`
    const { names, className } = (await hall.get(claims)).body as {
      className: string
      names: { personId: string; name: string; open: string }[]
    }
    expect(className).toBe('Lunch Loop')
    const [one, other] = names as [(typeof names)[0], (typeof names)[0]]
    const claim = (device: string, personId = one.personId) => hall.post(claims, { device, personId })
    const first = await claim('phone-a')
    expect(first.status).toBe(200)
    expect((await hall.get(first.body.path as string)).status).toBe(200)
    // Again on the same phone: the same card.
    expect((await claim('phone-a')).body.path).toBe(first.body.path)
    expect(await claim('phone-b')).toMatchObject({ status: 409, body: { errors: [{ code: 'taken' }] } })
    const seenFrom = async (device: string) =>
      ((await hall.get(`${claims}?device=${device}`)).body.names as typeof names).find(({ personId }) => personId === one.personId)!.open
    expect([await seenFrom('phone-a'), await seenFrom('phone-b')]).toEqual(['here', 'elsewhere'])
    expect((await hall.remove(`/api/runs/${runId}/claims/${one.personId}`)).status).toBe(200)
    expect((await hall.get(first.body.path as string)).status).toBe(410)
    const second = await claim('phone-b')
    expect(second.status).toBe(200)
    expect(second.body.path).not.toBe(first.body.path)
    // Who presses on another name lets the first go.
    expect((await claim('phone-b', other.personId)).status).toBe(200)
    expect(await seenFrom('phone-c')).toBe('nowhere')
    expect((await claim('phone-c', 'nobody')).status).toBe(404)
  })

  it('calls people as they wish, and leaves out who wants no name there', async () => {
    const walkIn = (id: string, name: string, shownAs?: string | null) => ({
      id,
      name,
      level: 'regular',
      ...(shownAs !== undefined && { shownAs }),
    })
    const { id } = await makeClass(hall, 'demo-lunch', (document) => {
      Object.assign(document, {
        here: ['w1', 'w2', 'w3'],
        walkIns: [walkIn('w1', 'Rufus', 'Kestrel'), walkIn('w2', 'Ottilie', null), walkIn('w3', 'Bea')],
        arranged: undefined,
      })
    })
    const runId = (await hall.post(`/api/classes/${id}/runs`)).body.id as string
    const claims = `/api/screens/${await tokenTo(runId, 'names')}/claims`
    expect((await hall.get(claims)).body.names).toMatchObject([{ name: 'Bea' }, { name: 'Kestrel' }])
    expect((await hall.post(claims, { device: 'phone', personId: 'w2' })).status).toBe(404)
  })

  it('of two who press at once one gets the card', async () => {
    const runId = await makeRun(hall, 'demo-lunch')
    const token = await tokenTo(runId, 'names')
    const { names } = (await hall.get(`/api/screens/${token}/claims`)).body as { names: { personId: string }[] }
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, index) =>
        hall.post(`/api/screens/${token}/claims`, { device: `phone-${index}`, personId: names[0]!.personId }),
      ),
    )
    expect(answers.map(({ status }) => status).sort()).toEqual([200, ...Array<number>(7).fill(409)])
  })

  it('is no way to any other screen', async () => {
    const runId = await makeRun(hall, 'demo-lunch')
    const [names, wall] = [await tokenTo(runId, 'names'), await tokenTo(runId, 'wall')]
    expect((await hall.get(`/wall/${names}`)).status).toBe(404)
    expect((await hall.get(`/here/${wall}`)).status).toBe(404)
    expect((await hall.post(`/api/screens/${wall}/claims`, { device: 'phone', personId: 'tove' })).status).toBe(404)
    expect((await hall.remove(`/api/runs/${names}/claims/tove`)).status).toBe(404)
  })
})

describe('who holds the controls', () => {
  const from = (runId: string, device: string, expectedSequence: number, command: Parameters<typeof request>[1]) =>
    hall.post(`/api/runs/${runId}/commands`, { ...request(expectedSequence, command), device })
  const takeOver = (device: string) => ({ type: 'takeOver' as const, device, name: 'a tablet' })

  it('alone moves the clock; another stops the room, or takes over, and the first hears of it', async () => {
    const runId = await makeRun(hall, 'demo-lunch')
    expect((await from(runId, 'one', 0, takeOver('one'))).status).toBe(200)
    expect((await from(runId, 'one', 1, 'start')).status).toBe(200)
    const heard = await listenTo(hall.server.base, `/api/runs/${runId}/events`, 2)
    expect(await from(runId, 'two', 2, 'pause')).toMatchObject({
      status: 409,
      body: { errors: [{ code: 'heldElsewhere', message: expect.stringContaining('held by a tablet') }] },
    })
    expect((await from(runId, 'two', 0, 'stop')).status).toBe(200)
    // However little it knew of what has happened since.
    expect((await from(runId, 'two', 0, takeOver('two'))).status).toBe(200)
    await heard.until(({ events }) => events.some(({ command }) => command.type === 'takeOver'))
    heard.close()
    expect((await from(runId, 'one', 4, 'resume')).status).toBe(409)
    expect((await from(runId, 'two', 4, 'resume')).status).toBe(200)
  })
})
