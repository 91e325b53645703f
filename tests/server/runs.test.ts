import { randomUUID } from 'node:crypto'
import { connect } from 'node:net'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { foldEvents } from '../../src/core/run/clock/apply'
import { askFor, waysBy } from '../../src/core/run/retime/asked'
import type { RunSnapshot } from '../../src/core/run/room/snapshot'
import { isOwnPace } from '../../src/core/timeline/phase'
import { asker, listenTo, makeClass, makeRun, openHall, openRun, press, request, type Asker, type Hall } from '../fixtures/hall'
import type { RunningServer } from '../fixtures/server'

/** Two app processes of one hall. */
let hall: Hall
let two: RunningServer
let other: Asker
beforeAll(async () => {
  hall = await openHall()
  two = await hall.another()
  other = asker(two.base)
})
afterAll(() => hall.close())

describe('a run', () => {
  it('is opened once, however often it is pressed, and takes the class as last planned until it starts', async () => {
    const { id, version, document } = await makeClass(hall, 'demo-early')
    const open = () => openRun(hall, id)
    const [a, b] = await Promise.all([open(), open()])
    expect(a).toBe(b)
    await hall.send('PUT', `/api/classes/${id}`, { version, document: { ...document, name: 'Early, renamed' } })
    expect(await open()).toBe(a)
    expect((await hall.get(`/runs/${a}`)).body).toContain('Early, renamed')
    expect((await press(hall, a, 0, 'start')).status).toBe(200)
    expect(await open()).toBe(a)
    await press(hall, a, 1, 'finish')
    expect(await open()).not.toBe(a)
  })

  it('orders commands: a repeat is harmless, a stale one is refused with what it missed', async () => {
    const run = await makeRun(hall, 'demo-lunch')
    const start = request(0, 'start')
    const send = (body: object) => hall.post(`/api/runs/${run}/commands`, body)
    const first = await send(start)
    expect(first.body).toMatchObject({ repeated: false, event: { sequence: 1 } })
    expect((await send(start)).body).toEqual({ ...first.body, repeated: true })
    expect(await press(hall, run, 0, 'skip')).toMatchObject({
      status: 409,
      body: { errors: [{ code: 'stale' }], events: [{ sequence: 1 }] },
    })
    expect((await press(hall, run, 1, 'resume')).body).toMatchObject({ errors: [{ code: 'notNow' }] })
    expect((await send({ ...request(1, 'pause'), id: 'no-uuid' })).status).toBe(422)
  })

  it('of two coaches who press at the same instant, one counts and the other is told', async () => {
    const run = await makeRun(hall, 'demo-lunch')
    await press(hall, run, 0, 'start')
    const answers = await Promise.all([press(hall, run, 1, 'skip'), press(other, run, 1, 'pause')])
    expect(answers.map((answer) => answer.status).sort()).toEqual([200, 409])
  })

  it('a stop is never too late: it counts whatever was pressed meanwhile, and is told of it', async () => {
    const run = await makeRun(hall, 'demo-lunch')
    for (const [sequence, type] of [
      [0, 'start'],
      [1, 'skip'],
    ] as const)
      await press(hall, run, sequence, type)
    const stop = await press(other, run, 0, 'stop')
    expect(stop.body).toMatchObject({
      event: { sequence: 3, command: { type: 'stop' } },
      missed: [{ sequence: 1 }, { sequence: 2 }],
      repeated: false,
    })
  })

  it('nor is a tap: of two coaches who tap at once, both count, for when they tapped, and until some time after the class', async () => {
    const { id } = await makeClass(hall, 'demo-bricks')
    const run = ((await hall.post(`/api/classes/${id}/runs`)).body as { id: string }).id
    const tap = (who: string, asked: Asker, phase = 4) =>
      press(asked, run, 0, { type: 'tap', personIds: [who], what: 'round', when: { phase, elapsed: 1000 } })
    await press(hall, run, 0, 'start')
    await press(hall, run, 1, { type: 'goto', phase: 4, into: 100 })
    const both = await Promise.all([tap('tove', hall), tap('petra', other)])
    expect(both.map((answer) => answer.status)).toEqual([200, 200])
    expect((await tap('tove', hall, 3)).body).toMatchObject({ errors: [{ code: 'notNow' }] })
    await press(hall, run, 4, 'finish')
    expect((await tap('tove', other)).status).toBe(200)
    const { results } = (await hall.get(`/api/runs/${run}/results`)).body as { results: { personId: string; words: string }[] }
    expect(results).toMatchObject([
      { personId: 'tove', words: '2' },
      { personId: 'petra', words: '1' },
    ])
    const { ids } = (await hall.post(`/api/classes/${id}/again`, { weeks: 1 })).body as { ids: string[] }
    const nextWeek = (await hall.get(`/api/classes/${ids[0]}/log`)).body
    expect(nextWeek.log.map((entry: { id: string }) => entry.id)).toContain(run)
    expect(JSON.stringify(nextWeek.last)).toMatch(/"tove"[^]*2 rounds/)
  })

  it('reaches the screens of another app process, and resumes after the last event seen', async () => {
    const run = await makeRun(hall, 'demo-lunch')
    const live = await listenTo(two.base, `/api/runs/${run}/events`)
    await live.until(({ versions }) => versions.length > 0)
    await press(hall, run, 0, 'start')
    await press(hall, run, 1, 'skip')
    await live.until(({ events }) => events.length === 2)
    expect(live.events.map((event) => event.command.type)).toEqual(['start', 'skip'])
    expect(live.events[1]!.at).toBeGreaterThanOrEqual(live.events[0]!.at)
    const rest = await listenTo(hall.server.base, `/api/runs/${run}/events`, 1)
    await rest.until(({ events }) => events.length === 1)
    expect(rest.events.map((event) => event.sequence)).toEqual([2])
    live.close()
    rest.close()
  })

  it('keeps no stream for a screen that was gone before it began', async () => {
    const runId = await makeRun(other, 'demo-early')
    const streams = async () => ((await other.get('/api/health')).body as { streams: number }).streams
    const gone = () =>
      new Promise<void>((resolve) => {
        const socket = connect(Number(new URL(two.base).port), '127.0.0.1', () => {
          socket.write(`GET /api/runs/${runId}/events HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n`, () => socket.destroy())
        })
        socket.on('close', () => resolve())
      })
    for (let screen = 0; screen < 10; screen++) await gone()
    // The server has dealt with all of them once it has answered what came after.
    await streams()
    await expect.poll(streams).toBe(0)
  })

  it('stands in the log with its planned and its actual length', async () => {
    const run = await makeRun(hall, 'demo-early', (document) => (document.name = 'Logged class'))
    await press(hall, run, 0, 'start')
    await press(hall, run, 1, 'finish')
    const { body } = await hall.get('/log')
    // As the page is given it: the planned seconds, and when it began and ended.
    expect(body).toMatch(/Logged class[^]*plannedSeconds[^]*startedAt/)
  })

  it('whose time is over is ended without anybody looking', async () => {
    const runId = await makeRun(hall, 'demo-early')
    await press(hall, runId, 0, 'start')
    await hall.sql('update run_event set at = at - 36000000 where run_id = $1', [runId])
    // Every process looks when it begins, and each minute after.
    await hall.another()
    await expect
      .poll(async () => (await hall.sql('select ended_at is not null as over from run where id = $1', [runId]))[0])
      .toEqual({ over: true })
  })

  it('is not found by a wall link that nobody gave out', async () => {
    expect((await hall.get('/api/screens/guess/events')).status).toBe(404)
    expect((await hall.get('/wall/guess')).status).toBe(404)
  })

  it('a change of its timeline is asked for by what it does, and made by the server', async () => {
    const run = await makeRun(hall, 'demo-lunch')
    const now = Math.round((await hall.get('/api/time')).body.now)
    const deadline = now + 15 * 60_000
    const { snapshot } = (await hall.get(`/api/runs/${run}/snapshot`)).body as { snapshot: RunSnapshot }
    const [way] = waysBy(snapshot, foldEvents(snapshot.timeline, []), now, deadline)
    expect((await press(hall, run, 0, askFor({ ...way!, id: 'no-such-way' }, now, deadline))).body).toMatchObject({
      errors: [{ code: 'notNow' }],
    })
    const taken = await press(hall, run, 0, askFor(way!, now, deadline))
    expect(taken.status).toBe(200)
    expect(taken.body.event.command).toEqual({ type: 'amend', phase: 0, timeline: JSON.parse(JSON.stringify(way!.timeline)) })
    const bare = { timeline: { phases: [{ start: 0, seconds: 5 }], meanwhile: [], total: 5 }, phase: 0 }
    expect((await hall.post(`/api/runs/${run}/commands`, { ...request(1, 'start'), command: { type: 'amend', ...bare } })).status).toBe(422)
  })
})

describe('cards', () => {
  it('have a link each, the same when asked again, that tells nothing of what others go easy on, and that can be taken back while it is open', async () => {
    const runId = await makeRun(hall, 'demo-short')
    const ask = async () =>
      ((await hall.post(`/api/runs/${runId}/links/card`)).body as { links: { subject: string; token: string }[] }).links
    const [first, again] = [await ask(), await ask()]
    expect(again).toEqual(first)
    expect(new Set(first.map((card) => card.token)).size).toBe(first.length)
    expect((await hall.get(`/card/${first[0]!.token}`)).body).not.toMatch(/low back|easy on|no deep bend/)
    // What somebody says on their own card counts for themselves, whatever else has changed meanwhile.
    await press(hall, runId, 0, 'start')
    const says = (token: string, body: object) => other.post(`/api/screens/${token}/asks`, body)
    for (const asked of ['easier', 'break', 'back'] as const) expect((await says(first[0]!.token, { ask: asked })).status).toBe(200)
    const { body: seen } = await hall.get(`/api/runs/${runId}/snapshot`)
    expect((await says(first[1]!.token, { ask: 'break' })).status).toBe(200)
    // Nor does it stand in the way of a coach who has not seen it yet, and it stays when that coach takes a change back.
    const made = await hall.post(`/api/runs/${runId}/changes`, {
      version: seen.version - seen.snapshot.asks,
      change: { type: 'ease', ease: 'easier' },
    })
    const { version } = made.body as { version: number }
    expect((await says(first[1]!.token, { ask: 'easier' })).status).toBe(200)
    expect((await hall.post(`/api/runs/${runId}/changes/undo`, { version })).status).toBe(200)
    const { body: coached } = await hall.get(`/api/runs/${runId}/snapshot`)
    expect(coached.snapshot).not.toHaveProperty('ease')
    expect(coached.snapshot.people).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ id: first[0]!.subject, ease: 'easier', onBreak: false }),
        expect.objectContaining({ id: first[1]!.subject, onBreak: true, ease: 'easier' }),
      ]),
    )
    expect((await says(first[0]!.token, { ask: 'harder' })).status).toBe(422)
    const controls = (await hall.post(`/api/runs/${runId}/links/controls`)).body.links[0].token as string
    expect((await says(controls, { ask: 'break' })).status).toBe(404)
    await press(hall, runId, 1, 'finish')
    expect((await says(first[0]!.token, { ask: 'break' })).status).toBe(409)
    const card = await listenTo(two.base, `/api/screens/${first[0]!.token}/events`)
    await card.until(({ versions }) => versions.length > 0)
    expect((await hall.remove(`/api/runs/${runId}/links/card`)).status).toBe(200)
    await card.ended
    expect(await other.get(`/api/screens/${first[0]!.token}/events`)).toMatchObject({
      status: 410,
      body: { errors: [{ code: 'revoked' }] },
    })
    expect((await ask())[0]!.token).not.toBe(first[0]!.token)
  })
})

describe('the controls by a link', () => {
  it('command and follow the run as its own do, until the link is taken back; other links do not', async () => {
    const runId = await makeRun(hall, 'demo-sixties')
    const linkTo = async (screen: string) => (await hall.post(`/api/runs/${runId}/links/${screen}`)).body.links[0].token as string
    const [controls, card] = [await linkTo('controls'), await linkTo('card')]
    expect((await press(other, controls, 0, 'start')).status).toBe(200)
    expect((await press(other, card, 1, 'pause')).status).toBe(404)
    expect((await other.get(`/api/runs/${controls}/snapshot`)).status).toBe(200)
    expect((await other.get(`/api/runs/${card}/snapshot`)).status).toBe(404)
    expect((await hall.post(`/api/runs/${runId}/links/window`)).status).toBe(404)
    expect((await hall.remove(`/api/runs/${runId}/links/wall`)).status).toBe(200)
    const stream = await listenTo(two.base, `/api/runs/${controls}/events`)
    await stream.until(({ versions }) => versions.length > 0)
    await hall.remove(`/api/runs/${runId}/links/controls`)
    await stream.ended
    expect((await press(other, controls, 1, 'pause')).status).toBe(410)
  })
})

describe('links', () => {
  it('end a day after their class has, and say so kindly', async () => {
    const runId = await makeRun(hall, 'demo-early')
    const { token } = (await hall.post(`/api/runs/${runId}/links/wall`)).body.links[0]
    await press(hall, runId, 0, 'start')
    await press(hall, runId, 1, 'finish')
    expect((await hall.get(`/wall/${token}`)).status).toBe(200)
    await hall.sql(`update run set ended_at = now() - interval '25 hours' where id = $1`, [runId])
    expect(await hall.get(`/wall/${token}`)).toMatchObject({ status: 410, body: expect.stringContaining('This class is over') })
    expect((await hall.get(`/api/screens/${token}/events`)).status).toBe(410)
  })

  it('are there before anybody looks: pages write nothing', async () => {
    const runId = await makeRun(hall, 'demo-sixties')
    const written = async () => (await hall.sql('select count(*) from screen_link'))[0]
    const before = await written()
    expect((await hall.get(`/runs/${runId}/screens`)).body.match(/\/card\//g)?.length).toBeGreaterThan(0)
    expect((await hall.get(`/runs/${runId}`)).status).toBe(200)
    expect(await written()).toEqual(before)
  })
})

describe('people of a run under way', () => {
  it('come late, leave and trade places; a change decided on older people is refused; every screen can ask for the newest', async () => {
    const { id } = await makeClass(hall, 'demo-short')
    const runId = ((await hall.post(`/api/classes/${id}/runs`)).body as { id: string }).id
    await press(hall, runId, 0, 'start')
    const snapshot = async () =>
      (await other.get(`/api/runs/${runId}/snapshot`)).body as {
        version: number
        snapshot: { ease?: string; people: { id: string; name: string; goEasyNote?: string }[] }
      }
    const before = await snapshot()
    const change = (version: number, body: unknown) => hall.post(`/api/runs/${runId}/changes`, { version, change: body })
    const arrived = await change(before.version, { type: 'arrives', id: 'late-one', name: 'Quill' })
    expect(arrived.body).toMatchObject({ version: before.version + 1, told: [expect.stringContaining('Quill')] })
    const after = await snapshot()
    expect(after.snapshot.people.map((person) => person.name)).toContain('Quill')
    expect((await change(before.version, { type: 'leaves', personId: 'late-one' })).status).toBe(409)
    expect((await change(after.version, { type: 'leaves', personId: 'late-one' })).status).toBe(200)
    expect(await change(after.version + 1, { type: 'leaves', personId: 'late-one' })).toMatchObject({
      status: 422,
      body: { errors: [{ code: 'notHere', field: 'change.personId' }] },
    })
    expect((await change(after.version + 1, { type: 'ease', ease: 'hardest' })).status).toBe(422)
    expect((await change(after.version + 1, { type: 'ease', ease: 'easier' })).status).toBe(200)
    expect((await snapshot()).snapshot.ease).toBe('easier')
    const undo = (version: number) => hall.post(`/api/runs/${runId}/changes/undo`, { version })
    expect((await undo(after.version)).status).toBe(409)
    expect((await undo(after.version + 2)).status).toBe(200)
    expect((await snapshot()).snapshot).not.toHaveProperty('ease')
    // One step back, and no further.
    expect((await undo(after.version + 3)).body).toMatchObject({ errors: [{ code: 'notNow' }] })
    // Whom the hall knows comes with what they go easy on, by their own id; who has left stays in the log.
    const known = await change(after.version + 3, { type: 'arrives', id: 'late-two', name: 'rosalind' })
    expect(known.body).toMatchObject({
      told: [expect.stringMatching(/^Rosalind /), expect.stringMatching(/^Rosalind goes easy on balance and jumps: new hip/)],
    })
    expect((await snapshot()).snapshot.people.at(-1)).toMatchObject({ id: 'rosalind', name: 'Rosalind', goEasyNote: 'new hip, ask first' })
    expect((await change(after.version + 4, { type: 'leaves', personId: 'rosalind' })).status).toBe(200)
    // A class under way is not put away.
    expect(await hall.remove(`/api/classes/${id}`)).toMatchObject({ status: 409, body: { errors: [{ code: 'underWay' }] } })
    expect((await change(after.version + 5, { type: 'arrives', id: 'late-three', name: 'Rosalind' })).status).toBe(200)
    await press(hall, runId, 1, 'finish')
    expect((await hall.get('/log')).body).toContain('Quill')
    expect((await change(after.version + 6, { type: 'arrives', id: 'x', name: 'Ned' })).status).toBe(409)
  })
})

describe('what people tap on their own card', () => {
  /** A class with a list at everyone's own pace, gone on to it, and the cards of two who are in it. */
  async function atTheList(ownTaps: boolean) {
    const { document } = (await hall.get('/api/classes/demo-bricks')).body
    const { id } = (await hall.post('/api/classes', { ...document, ownTaps })).body as { id: string }
    const runId = (await hall.post(`/api/classes/${id}/runs`)).body.id as string
    const { links } = (await hall.post(`/api/runs/${runId}/links/card`)).body as { links: { subject: string; token: string }[] }
    const { snapshot } = (await hall.get(`/api/runs/${runId}/snapshot`)).body as { snapshot: RunSnapshot }
    const phase = snapshot.timeline.phases.findIndex(isOwnPace)
    await press(hall, runId, 0, 'start')
    await press(hall, runId, 1, { type: 'goto', phase })
    const tap = (card: number, command: object, id = randomUUID()) =>
      hall.post(`/api/screens/${links[card]!.token}/taps`, { id, expectedSequence: 0, command })
    return { tap, phase, people: links.map(({ subject }) => subject) }
  }

  it('counts for them, once; of others they take nothing away', async () => {
    const { tap, phase, people } = await atTheList(true)
    const round = { type: 'tap', what: 'round', when: { phase, elapsed: 10 } }
    const id = randomUUID()
    const first = await tap(0, round, id)
    expect(first.body).toMatchObject({ repeated: false, event: { command: { personIds: [people[0]] } } })
    expect((await tap(0, round, id)).body).toMatchObject({ repeated: true })
    expect((await tap(1, { type: 'untap', tapId: id })).body).toMatchObject({ errors: [{ code: 'notYours' }] })
    expect((await tap(0, { type: 'untap', tapId: id })).status).toBe(200)
    // For whom it counts is not to be said.
    expect((await tap(0, { ...round, personIds: [people[1]] })).status).toBe(422)
  })

  it('is refused where the coach puts it down', async () => {
    const { tap, phase } = await atTheList(false)
    expect(await tap(0, { type: 'tap', what: 'finish', when: { phase, elapsed: 10 } })).toMatchObject({
      status: 409,
      body: { errors: [{ code: 'notYours' }] },
    })
  })
})
