import { randomUUID } from 'node:crypto'
import { connect } from 'node:net'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Command, RunEvent } from '../../src/core/run/events'
import { startServer, type RunningServer } from '../fixtures/server'

let one: RunningServer
let two: RunningServer
beforeAll(async () => {
  ;[one, two] = await Promise.all([startServer(process.env.DATABASE_URL!), startServer(process.env.DATABASE_URL!)])
})
afterAll(() => Promise.all([one.kill(), two.kill()]))

const postJson = (server: RunningServer, path: string, body: unknown) =>
  fetch(server.base + path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })

async function open(classId: string): Promise<string> {
  const response = await postJson(one, `/api/classes/${classId}/runs`, {})
  expect(response.status).toBe(200)
  return ((await response.json()) as { id: string }).id
}

const request = (expectedSequence: number, type: string, id: string = randomUUID()) => ({ id, expectedSequence, who: 'Coach', command: { type } as Command })
const press = (runId: string, body: ReturnType<typeof request>, server = one) => postJson(server, `/api/runs/${runId}/commands`, body)

/** The events of a run as one server streams them, until `enough` says so. */
async function stream(server: RunningServer, runId: string, after: number, enough: (events: RunEvent[]) => boolean, ready?: () => Promise<void>): Promise<RunEvent[]> {
  const cut = new AbortController()
  const response = await fetch(`${server.base}/api/runs/${runId}/events`, { headers: { 'last-event-id': String(after) }, signal: cut.signal })
  expect(response.headers.get('content-type')).toBe('text/event-stream')
  const events: RunEvent[] = []
  let text = ''
  let told = false
  for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
    text += new TextDecoder().decode(chunk)
    // The first message after connecting is that of the snapshot: from then on nothing can be missed.
    if (!told && text.includes('event: snapshot')) {
      told = true
      await ready?.()
    }
    const messages = text.split('\n\n')
    text = messages.pop()!
    for (const message of messages) if (message.includes('event: run')) events.push(JSON.parse(/^data: (.*)$/m.exec(message)![1]!) as RunEvent)
    if (enough(events)) break
  }
  cut.abort()
  return events
}

describe('a run', () => {
  it('is opened once, however often it is pressed, and takes the class as last planned until it starts', async () => {
    const [a, b] = await Promise.all([open('demo-early'), open('demo-early')])
    expect(a).toBe(b)
    const stored = (await (await fetch(`${one.base}/api/classes/demo-early`)).json()) as { version: number; document: { name: string } }
    stored.document.name = 'Early, renamed'
    await fetch(`${one.base}/api/classes/demo-early`, { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ version: stored.version, document: stored.document }) })
    expect(await open('demo-early')).toBe(a)
    expect(await (await fetch(`${one.base}/runs/${a}`)).text()).toContain('Early, renamed')
    expect((await press(a, request(0, 'start'))).status).toBe(200)
    expect(await open('demo-early')).toBe(a)
    await press(a, request(1, 'finish'))
    expect(await open('demo-early')).not.toBe(a)
  })

  it('orders commands: a repeat is harmless, a stale one is refused with what it missed', async () => {
    const run = await open('demo-lunch')
    const start = request(0, 'start')
    const first = (await (await press(run, start)).json()) as { event: RunEvent; repeated: boolean }
    const again = (await (await press(run, start)).json()) as { event: RunEvent; repeated: boolean }
    expect(first).toMatchObject({ repeated: false, event: { sequence: 1 } })
    expect(again).toEqual({ ...first, repeated: true })
    const stale = await press(run, request(0, 'skip'))
    expect(stale.status).toBe(409)
    expect(await stale.json()).toMatchObject({ errors: [{ code: 'stale' }], events: [{ sequence: 1 }] })
    expect(await (await press(run, request(1, 'resume'))).json()).toMatchObject({ errors: [{ code: 'notNow' }] })
    expect((await press(run, { ...request(1, 'pause'), id: 'no-uuid' })).status).toBe(422)
    await press(run, request(1, 'finish'))
  })

  it('of two coaches who press at the same instant, one counts and the other is told', async () => {
    const run = await open('demo-lunch')
    await press(run, request(0, 'start'))
    const answers = await Promise.all([press(run, request(1, 'skip'), one), press(run, request(1, 'pause'), two)])
    expect(answers.map((answer) => answer.status).sort()).toEqual([200, 409])
    await press(run, request(2, 'finish'))
  })

  it('a stop is never too late: it counts whatever was pressed meanwhile, and is told of it', async () => {
    const run = await open('demo-lunch')
    for (const [sequence, type] of [[0, 'start'], [1, 'skip']] as const) await press(run, request(sequence, type))
    const stop = await press(run, request(0, 'stop'), two)
    expect(await stop.json()).toMatchObject({ event: { sequence: 3, command: { type: 'stop' } }, missed: [{ sequence: 1 }, { sequence: 2 }], repeated: false })
    await press(run, request(3, 'finish'))
  })

  it('nor is a tap: of two coaches who tap at once, both count, for when they tapped, and until some time after the class', async () => {
    const run = await open('demo-bricks')
    const tap = (who: string, server: RunningServer, phase = 4) => postJson(server, `/api/runs/${run}/commands`, { ...request(0, 'tap'), command: { type: 'tap', personIds: [who], what: 'round', when: { phase, elapsed: 1000 } } })
    await press(run, request(0, 'start'))
    await postJson(one, `/api/runs/${run}/commands`, { ...request(1, 'goto'), command: { type: 'goto', phase: 4, into: 100 } })
    const both = await Promise.all([tap('tove', one), tap('petra', two)])
    expect(both.map((answer) => answer.status)).toEqual([200, 200])
    expect(await (await tap('tove', one, 3)).json()).toMatchObject({ errors: [{ code: 'notNow' }] })
    await press(run, request(4, 'finish'))
    expect((await tap('tove', two)).status).toBe(200)
    expect(await (await fetch(`${one.base}/classes/demo-bricks/log`)).text()).toMatch(/Tove[^]*2 rounds/)
  })

  it('reaches the screens of another app process, and resumes after the last event seen', async () => {
    const run = await open('demo-lunch')
    const live = await stream(two, run, 0, (events) => events.length === 2, async () => {
      await press(run, request(0, 'start'), one)
      await press(run, request(1, 'skip'), one)
    })
    expect(live.map((event) => event.command.type)).toEqual(['start', 'skip'])
    expect(live[1]!.at).toBeGreaterThanOrEqual(live[0]!.at)
    const rest = await stream(one, run, 1, (events) => events.length === 1)
    expect(rest.map((event) => event.sequence)).toEqual([2])
    await press(run, request(2, 'finish'))
  })

  it('keeps no stream for a screen that was gone before it began', async () => {
    const runId = await open('demo-early')
    const streams = async () => ((await (await fetch(`${one.base}/api/health`)).json()) as { streams: number }).streams
    const before = await streams()
    const gone = () =>
      new Promise<void>((resolve) => {
        const socket = connect(Number(new URL(one.base).port), '127.0.0.1', () => {
          socket.write(`GET /api/runs/${runId}/events HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n`, () => socket.destroy())
        })
        socket.on('close', () => resolve())
      })
    for (let screen = 0; screen < 10; screen++) await gone()
    // The server has dealt with all of them once it has answered what came after.
    await streams()
    await expect.poll(streams, { timeout: 20_000 }).toBe(before)
  })

  it('stands in the log with its planned and its actual length', async () => {
    const page = await (await fetch(`${one.base}/log`)).text()
    expect(page).toContain('28:10')
    expect(page).toContain('28:54')
  })

  it('is not found by a wall link that nobody gave out', async () => {
    expect((await fetch(`${one.base}/api/screens/guess/events`)).status).toBe(404)
    expect((await fetch(`${one.base}/wall/guess`)).status).toBe(404)
  })
})

describe('cards', () => {
  it('have a link each, the same when asked again, that tells nothing of what others go easy on, and that can be taken back while it is open', async () => {
    const runId = await open('demo-short')
    const ask = async () => ((await (await postJson(one, `/api/runs/${runId}/links/card`, {})).json()) as { links: { subject: string; token: string }[] }).links
    const [first, again] = [await ask(), await ask()]
    expect(again).toEqual(first)
    expect(new Set(first.map((card) => card.token)).size).toBe(first.length)
    const page = await (await fetch(`${one.base}/card/${first[0]!.token}`)).text()
    expect(page).not.toMatch(/low back|easy on|no deep bend/)
    // What somebody says on their own card counts for themselves, whatever else has changed meanwhile.
    await press(runId, request(0, 'start'))
    const says = (token: string, body: object) => postJson(two, `/api/screens/${token}/asks`, body)
    for (const asked of ['easier', 'break', 'back'] as const) expect((await says(first[0]!.token, { ask: asked })).status).toBe(200)
    const seen = (await (await fetch(`${one.base}/api/runs/${runId}/snapshot`)).json()) as { version: number; snapshot: { asks: number } }
    expect((await says(first[1]!.token, { ask: 'break' })).status).toBe(200)
    // Nor does it stand in the way of a coach who has not seen it yet, and it stays when that coach takes a change back.
    const made = await postJson(one, `/api/runs/${runId}/changes`, { version: seen.version - seen.snapshot.asks, change: { type: 'ease', ease: 'easier' } })
    const { version } = (await made.json()) as { version: number }
    expect((await says(first[1]!.token, { ask: 'easier' })).status).toBe(200)
    expect((await postJson(one, `/api/runs/${runId}/changes/undo`, { version })).status).toBe(200)
    const coached = (await (await fetch(`${one.base}/api/runs/${runId}/snapshot`)).json()) as { snapshot: { people: object[] } }
    expect(coached.snapshot).not.toHaveProperty('ease')
    expect(coached.snapshot.people).toEqual(expect.arrayContaining([expect.objectContaining({ id: first[0]!.subject, ease: 'easier', onBreak: false }), expect.objectContaining({ id: first[1]!.subject, onBreak: true, ease: 'easier' })]))
    expect((await says(first[0]!.token, { ask: 'harder' })).status).toBe(422)
    const controls = ((await (await postJson(one, `/api/runs/${runId}/links/controls`, {})).json()) as { links: { token: string }[] }).links[0]!.token
    expect((await says(controls, { ask: 'break' })).status).toBe(404)
    await press(runId, request(1, 'finish'))
    expect((await says(first[0]!.token, { ask: 'break' })).status).toBe(409)
    const response = await fetch(`${two.base}/api/screens/${first[0]!.token}/events`)
    const reader = response.body!.getReader()
    await reader.read()
    expect((await fetch(`${one.base}/api/runs/${runId}/links/card`, { method: 'DELETE', headers: { 'content-type': 'application/json' }, body: '{}' })).status).toBe(200)
    for (;;) if ((await reader.read()).done) break
    expect((await fetch(`${two.base}/api/screens/${first[0]!.token}/events`)).status).toBe(404)
    expect((await ask())[0]!.token).not.toBe(first[0]!.token)
  })
})

describe('the controls by a link', () => {
  it('command and follow the run as its own do, until the link is taken back; other links do not', async () => {
    const runId = await open('demo-sixties')
    const linkTo = async (screen: string) => ((await (await postJson(one, `/api/runs/${runId}/links/${screen}`, {})).json()) as { links: { token: string }[] }).links[0]!.token
    const [controls, card] = [await linkTo('controls'), await linkTo('card')]
    expect((await postJson(two, `/api/runs/${controls}/commands`, request(0, 'start'))).status).toBe(200)
    expect((await postJson(two, `/api/runs/${card}/commands`, request(1, 'pause'))).status).toBe(404)
    expect((await fetch(`${two.base}/api/runs/${controls}/snapshot`)).status).toBe(200)
    expect((await fetch(`${two.base}/api/runs/${card}/snapshot`)).status).toBe(404)
    expect((await postJson(one, `/api/runs/${runId}/links/window`, {})).status).toBe(404)
    const stream = (await fetch(`${two.base}/api/runs/${controls}/events`)).body!.getReader()
    await stream.read()
    await fetch(`${one.base}/api/runs/${runId}/links/controls`, { method: 'DELETE', headers: { 'content-type': 'application/json' }, body: '{}' })
    for (;;) if ((await stream.read()).done) break
    expect((await postJson(two, `/api/runs/${controls}/commands`, request(1, 'pause'))).status).toBe(404)
    await press(runId, request(1, 'finish'))
  })
})

describe('people of a run under way', () => {
  it('come late, leave and trade places; a change decided on older people is refused; every screen can ask for the newest', async () => {
    const runId = await open('demo-short')
    await press(runId, request(0, 'start'))
    const snapshot = async () => (await (await fetch(`${two.base}/api/runs/${runId}/snapshot`)).json()) as { version: number; snapshot: { people: { id: string; name: string }[]; groups: string[][] } }
    const before = await snapshot()
    const change = (version: number, body: unknown) => postJson(one, `/api/runs/${runId}/changes`, { version, change: body })
    const arrived = await change(before.version, { type: 'arrives', id: 'late-one', name: 'Quill' })
    expect(await arrived.json()).toMatchObject({ version: before.version + 1, told: [expect.stringContaining('Quill')] })
    const after = await snapshot()
    expect(after.snapshot.people.map((person) => person.name)).toContain('Quill')
    expect((await change(before.version, { type: 'leaves', personId: 'late-one' })).status).toBe(409)
    expect((await change(after.version, { type: 'leaves', personId: 'late-one' })).status).toBe(200)
    const wrong = await change(after.version + 1, { type: 'leaves', personId: 'late-one' })
    expect([wrong.status, await wrong.json()]).toMatchObject([422, { errors: [{ code: 'notHere', field: 'change.personId' }] }])
    expect((await change(after.version + 1, { type: 'ease', ease: 'hardest' })).status).toBe(422)
    expect((await change(after.version + 1, { type: 'ease', ease: 'easier' })).status).toBe(200)
    expect(((await snapshot()) as unknown as { snapshot: { ease?: string } }).snapshot.ease).toBe('easier')
    const undo = (version: number) => postJson(one, `/api/runs/${runId}/changes/undo`, { version })
    expect((await undo(after.version)).status).toBe(409)
    expect((await undo(after.version + 2)).status).toBe(200)
    expect((await snapshot()).snapshot).not.toHaveProperty('ease')
    // One step back, and no further.
    expect(await (await undo(after.version + 3)).json()).toMatchObject({ errors: [{ code: 'notNow' }] })
    // Whom the hall knows comes with what they go easy on, by their own id; who has left stays in the log.
    const known = await change(after.version + 3, { type: 'arrives', id: 'late-two', name: 'rosalind' })
    expect(await known.json()).toMatchObject({ told: [expect.stringMatching(/^Rosalind /), expect.stringMatching(/^Rosalind goes easy on balance and jumps: new hip/)] })
    expect((await snapshot()).snapshot.people.at(-1)).toMatchObject({ id: 'rosalind', name: 'Rosalind', goEasyNote: 'new hip, ask first' })
    expect((await change(after.version + 4, { type: 'leaves', personId: 'rosalind' })).status).toBe(200)
    // The room goes on when its class is put away meanwhile.
    expect((await fetch(`${one.base}/api/classes/demo-short`, { method: 'DELETE', headers: { 'content-type': 'application/json' }, body: '{}' })).status).toBe(200)
    expect((await change(after.version + 5, { type: 'arrives', id: 'late-three', name: 'Rosalind' })).status).toBe(200)
    expect((await postJson(one, '/api/classes/demo-short/restore', {})).status).toBe(200)
    await press(runId, request(1, 'finish'))
    expect(await (await fetch(`${one.base}/log`)).text()).toContain('Quill')
    expect((await change(after.version + 6, { type: 'arrives', id: 'x', name: 'Ned' })).status).toBe(409)
  })
})
