import { presentFormat } from '../../src/core/base/stored'
import { kinds } from '../../src/server/db/stored'
import { randomUUID } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { connect } from 'node:net'
import { gunzipSync } from 'node:zlib'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { everyOther } from '../fixtures/every-other'
import { emptyDatabase, onDatabase, runScript } from '../fixtures/database'
import { asker, listenTo, makeClass, makeRun, openHall, press, request, type Hall } from '../fixtures/hall'
import { joinAs, password } from '../fixtures/members'
import { startServer } from '../fixtures/server'
import { inTurn } from '../fixtures/turns'

let hall: Hall
beforeAll(async () => {
  hall = await openHall()
})
afterAll(() => hall.close())

describe('many at once', () => {
  everyOther()('64 mixed writes on one run and one class are all answered, and so is health', async () => {
    const { id } = await makeClass(hall, 'demo-short')
    const runId = (await hall.post(`/api/classes/${id}/runs`)).body.id as string
    await press(hall, runId, 0, 'start')
    const cards = await hall.post(`/api/runs/${runId}/links/card`)
    expect(cards).toMatchObject({ status: 200, body: { links: expect.any(Array) } })
    const { links } = cards.body as { links: { token: string }[] }
    const { body: seen } = await hall.get(`/api/runs/${runId}/snapshot`)
    const kinds = [
      () => hall.post(`/api/classes/${id}/runs`),
      (at: number) => hall.post(`/api/screens/${links[at % links.length]!.token}/asks`, { ask: 'easier' }),
      (at: number) =>
        hall.post(`/api/runs/${runId}/changes`, {
          version: seen.version,
          change: { type: 'arrives', id: `late-${at}`, name: at % 8 === 2 ? 'Rosalind' : `Late ${at}` },
        }),
      (at: number) => press(hall, runId, 1, at % 2 ? 'hold' : 'pause'),
      async () => {
        const { version, document } = (await hall.get(`/api/classes/${id}`)).body
        return hall.send('PUT', `/api/classes/${id}`, { version, document })
      },
      () => hall.post(`/api/runs/${runId}/links/station`),
      () => hall.get('/log'),
      () => hall.get('/api/health'),
    ]
    // Many at once is what is looked at, not how long an app takes for its first page.
    for (const first of ['/log', `/classes/${id}/shape`]) expect((await hall.get(first)).status).toBe(200)
    const answers = await Promise.all(Array.from({ length: 64 }, (_, at) => kinds[at % kinds.length]!(at)))
    expect(answers.filter(({ status }) => status >= 500)).toEqual([])
    expect((await hall.get('/api/health')).body).toMatchObject({ ok: true })
    const { rows } = { rows: await hall.sql('select sequence from run_event where run_id = $1 order by 1', [runId]) }
    expect(rows.map(({ sequence }) => sequence)).toEqual(rows.map((_, index) => index + 1))
  })
})

describe('one screen', () => {
  it('that claims to have seen what has not happened silences nobody', async () => {
    const { base } = hall.server
    const runId = await makeRun(hall, 'demo-early')
    const first = await listenTo(base, `/api/runs/${runId}/events`, 1_000_000)
    const second = await listenTo(base, `/api/runs/${runId}/events`)
    await second.until(({ versions }) => versions.length > 0)
    await press(hall, runId, 0, 'start')
    await Promise.all([first, second].map((stream) => stream.until(({ events }) => events.length === 1)))
    first.close()
    second.close()
  })

  it('has so many streams by one link, and no more', async () => {
    const runId = await makeRun(hall, 'demo-early')
    const { token } = (await hall.post(`/api/runs/${runId}/links/controls`)).body.links[0]
    const open = await Promise.all(Array.from({ length: 12 }, () => listenTo(hall.server.base, `/api/runs/${token}/events`)))
    const refused = await hall.get(`/api/runs/${token}/events`)
    expect(refused).toMatchObject({ status: 429, body: { errors: [{ code: 'tooManyStreams' }] } })
    expect(refused.headers.get('retry-after')).toBe('5')
    for (const stream of open) stream.close()
    await expect.poll(async () => (await fetch(`${hall.server.base}/api/runs/${token}/snapshot`)).status).toBe(200)
  })
})

/** The status of an answer to a request written by hand. */
const statusOf = (line: string) =>
  new Promise<number>((resolve) => {
    const socket = connect(Number(new URL(hall.server.base).port), '127.0.0.1', () =>
      socket.write(`${line} HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n`),
    )
    socket.once('data', (text: Buffer) => {
      resolve(Number(/^HTTP\/1\.1 (\d+)/.exec(text.toString())?.[1]))
      socket.destroy()
    })
  })

describe('bad and heavy requests', () => {
  it('answer 4xx, never 5xx', async () => {
    const runId = await makeRun(hall, 'demo-lunch')
    const deep = `${'['.repeat(20_000)}${']'.repeat(20_000)}`
    const answers = {
      nul: await hall.get('/api/classes/a%00b'),
      nulPage: await hall.get('/classes/a%00b/shape'),
      nulLink: await hall.get('/api/screens/a%00b/snapshot'),
      proto: await hall.post(`/api/runs/${runId}/links/__proto__`),
      constructor: await hall.post(`/api/runs/${runId}/links/constructor`),
      deep: await hall.post('/api/timeline', deep),
      deepWrite: await hall.post('/api/classes', deep),
      phases: await hall.post(`/api/runs/${runId}/commands`, {
        ...request(0, 'start'),
        command: { type: 'amend', phase: 0, timeline: { phases: [null], total: 1 } },
      }),
      noMethod: await hall.send('PUT', '/api/time', {}),
    }
    for (const [name, { status, body }] of Object.entries(answers)) {
      expect(status, name).toBeGreaterThanOrEqual(400)
      expect(status, name).toBeLessThan(500)
      if (!name.endsWith('Page')) expect(body.errors, name).toHaveLength(body.errors.length || 1)
    }
    // What fetch refuses to send.
    expect(await statusOf('TRACE /api/time')).toBe(405)
  })

  it('plans of more turns or phases than anybody could run are refused before they are worked out', async () => {
    const station = (id: string) => ({ id, uses: [] })
    const circuit = (id: string) => ({
      id,
      type: 'circuit',
      travel: 'rotate',
      turns: 2000,
      stay: { kind: 'intervals', workSeconds: [1] },
      stations: [station(`${id}s`)],
    })
    const heavy = {
      id: 'p',
      name: 'Heavy',
      slotSeconds: 3600,
      parts: Array.from({ length: 5 }, (_, part) => ({
        id: `part${part}`,
        repeat: 50,
        pieces: Array.from({ length: 60 }, (_, piece) => circuit(`c${part}-${piece}`)),
      })),
    }
    for (const path of ['/api/gear-count', '/api/timeline', '/api/findings']) {
      const answer = await hall.post(path, { plan: heavy, ...(path !== '/api/timeline' && { people: [] }) })
      expect([answer.status, answer.body.errors[0].field], path).toEqual([422, 'plan.parts[0].pieces[0].turns'])
    }
    const { document } = await makeClass(hall, 'demo-early')
    expect((await hall.post('/api/classes', { ...document, plan: heavy })).status).toBe(422)
  })

  everyOther()('a computation that takes too long, or too many at once, are told apart; the room’s clock goes on', async () => {
    const { document } = (await hall.get('/api/classes/demo-lunch')).body as {
      document: { plan: { parts: { pieces: { laps?: number; stations?: object[] }[] }[] } }
    }
    const main = document.plan.parts.flatMap((part) => part.pieces).find((piece) => piece.stations?.length === 8)!
    main.stations = Array.from({ length: 40 }, (_, index) => ({ id: `s${index}`, uses: [{ id: `u${index}`, exerciseId: 'goblet-squat' }] }))
    main.laps = 6
    const people = Array.from({ length: 80 }, (_, index) => ({ id: `p${index}`, name: `P${index}`, level: 'regular' }))
    const heavy = Array.from({ length: 60 }, () => hall.post('/api/gear-count', { plan: document.plan, people }))
    let worked = 0
    for (const one of heavy) void one.then(({ status }) => (worked += status === 200 ? 1 : 0))
    for (let tick = 0; tick < 10; tick++) expect((await hall.get('/api/time')).status).toBe(200)
    // Before half of what is worked out is done.
    const workedMeanwhile = worked
    // A list of classes that have to be computed anew waits for none of it, and shows them without.
    await hall.sql('update class set summary_of = null')
    const list = await hall.get('/')
    expect([list.status, list.body.includes('Lunch')]).toEqual([200, true])
    const answers = await Promise.all(heavy)
    expect(workedMeanwhile).toBeLessThanOrEqual(answers.filter(({ status }) => status === 200).length / 2)
    expect([...new Set(answers.map(({ status }) => status))].every((status) => [200, 422, 429].includes(status))).toBe(true)
    const busy = answers.find(({ status }) => status === 429)
    expect(busy?.headers.get('retry-after')).toBe('2')
  })
})

describe('what is stored', () => {
  it('and cannot be read is named, kept and exportable; nothing else suffers from it', async () => {
    const runId = await makeRun(hall, 'demo-lunch', (document) => (document.name = 'Broken run'))
    expect(await press(hall, runId, 0, 'start')).toMatchObject({ status: 200, body: { event: { sequence: 1 } } })
    expect(await press(hall, runId, 1, 'finish')).toMatchObject({ status: 200, body: { event: { sequence: 2 } } })
    const { id } = await makeClass(hall, 'demo-lunch', (document) => (document.name = 'Broken class'))
    await hall.sql(`update class set document = jsonb_set(document, '{plan,parts}', '7') , version = version + 1 where id = $1`, [id])
    await hall.sql(`update run set snapshot = snapshot - 'timeline', version = version + 1 where id = $1`, [runId])
    await hall.sql(
      `insert into exercise (hall_id, id, name, document) values ('kiln-yard', 'broken-exercise', 'Broken exercise', '{"id":"broken-exercise"}')`,
    )
    const shown = await hall.get('/')
    expect([shown.status, shown.body.includes('cannot be read')]).toEqual([200, true])
    expect((await hall.get('/exercises')).body).toContain('Broken exercise')
    const log = await hall.get('/log')
    expect([log.status, log.body.includes('Broken run')]).toEqual([200, true])
    expect(await hall.get(`/api/classes/${id}`)).toMatchObject({
      status: 422,
      body: { errors: [{ code: 'unreadable', field: 'plan.parts' }] },
    })
    expect((await hall.get(`/api/unreadable/class/${id}`)).body).toMatchObject({
      name: 'Broken class',
      format: presentFormat(kinds.class),
      document: { plan: { parts: 7 } },
    })
    expect((await hall.get(`/api/unreadable/run/${runId}`)).body).toMatchObject({ document: { name: 'Broken run' } })
    expect((await hall.get('/api/unreadable/exercise/broken-exercise')).status).toBe(200)
    await hall.sql(`delete from exercise where id = 'broken-exercise'`)
    // A newer format than this app knows is left alone too.
    await hall.sql(`update class set document = jsonb_set(document, '{plan,parts}', '[]'), format = 99 where id = $1`, [id])
    expect((await hall.get(`/api/classes/${id}`)).body.errors[0].message).toContain('newer Vicinor')
    await hall.sql('delete from class where id = $1', [id])
  })

  const columns = `select table_name, column_name, data_type, is_nullable, column_default from information_schema.columns where table_schema = 'public' order by 1, 2`

  for (const landed of inTurn(readdirSync('tests/fixtures/landed'), 5)) {
    it(`by an earlier version (${landed}) is brought forward with its data`, async () => {
      const { url, drop } = await emptyDatabase('landed')
      const dump = gunzipSync(readFileSync(`tests/fixtures/landed/${landed}`)).toString()
      await onDatabase(
        url,
        dump
          .split('\n')
          .filter((line) => !line.startsWith('\\'))
          .join('\n'),
      )
      const [before] = await onDatabase(
        url,
        'select (select count(*) from public.class) as classes, (select count(*) from public.run) as runs, (select count(*) from public.run_event) as events',
      )
      await runScript('migrate', url)
      const [after] = await onDatabase(
        url,
        'select (select count(*) from class) as classes, (select count(*) from run) as runs, (select count(*) from run_event) as events',
      )
      expect(after).toEqual(before)
      expect(await onDatabase(url, columns)).toEqual(await onDatabase(hall.url, columns))
      const server = await startServer(url)
      const old = asker(server.base)
      for (const path of ['/', '/log', '/people', '/exercises', '/gear', '/plans', '/classes/demo-lunch/shape']) {
        const { status, body } = await old.get(path)
        expect([status, String(body).includes('cannot be read')], `${path}: ${server.said()}`).toEqual([200, false])
      }
      expect((await old.post('/api/classes/demo-lunch/runs')).status).toBe(200)
      await server.kill()
      await drop()
    })
  }
})

describe('the database', () => {
  everyOther()('that restarts under load loses and doubles nothing, and screens hear again', async () => {
    const runId = await makeRun(hall, 'demo-lunch')
    const screen = await listenTo(hall.server.base, `/api/runs/${runId}/events`)
    await screen.until(({ versions }) => versions.length > 0)
    await press(hall, runId, 0, 'start')
    const taken: string[] = []
    let sequence = 1
    for (let round = 0; round < 6; round++) {
      // As a restart does to every connection: the server ends them, whatever they are about.
      const cut = hall.sql(
        `select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()`,
      )
      for (let command = 0; command < 5; command++) {
        const id = randomUUID()
        for (let attempt = 0; ; attempt++) {
          const answer = await hall.post(`/api/runs/${runId}/commands`, request(sequence, sequence % 2 ? 'hold' : 'release', id))
          if (answer.status === 200) break
          expect([503, answer.status]).toContain(answer.status)
          if (attempt > 100) throw new Error('no answer')
        }
        taken.push(id)
        sequence++
      }
      await cut
    }
    const rows = await hall.sql('select id from run_event where run_id = $1 and sequence > 1 order by sequence', [runId])
    expect(rows.map(({ id }) => id)).toEqual(taken)
    await screen.until(({ events }) => events.length === taken.length + 1)
    expect(screen.events.map((event) => event.sequence)).toEqual(screen.events.map((_, index) => index + 1))
    screen.close()
  })

  it('that is away answers 503, never that there is no such run', async () => {
    const runId = await makeRun(hall, 'demo-early')
    const { token } = (await hall.post(`/api/runs/${runId}/links/controls`)).body.links[0]
    const coach = await joinAs('coach', hall.server.base, hall)
    const name = new URL(hall.url).pathname.slice(1)
    await onDatabase(process.env.DATABASE_URL!, `alter database ${name} allow_connections false`)
    await onDatabase(process.env.DATABASE_URL!, `select pg_terminate_backend(pid) from pg_stat_activity where datname = '${name}'`)
    for (const path of [`/api/runs/${runId}/snapshot`, `/api/runs/${token}/snapshot`, '/api/classes/demo-lunch'])
      expect([(await hall.get(path)).status, (await coach.get(path)).status], path).toEqual([503, 503])
    expect((await hall.post('/api/session', { email: coach.email, password })).status).toBe(503)
    const stop = await press(hall, token, 0, 'stop')
    expect([stop.status, stop.body.errors[0].code]).toEqual([503, 'databaseAway'])
    expect((await hall.get('/api/health')).body).toMatchObject({ ok: false, database: 'does not answer' })
    await onDatabase(process.env.DATABASE_URL!, `alter database ${name} allow_connections true`)
    await expect.poll(async () => (await hall.get(`/api/runs/${token}/snapshot`)).status).toBe(200)
  })

  it('that can store nothing is told by health, and presses are told as not taken', async () => {
    const runId = await makeRun(hall, 'demo-early')
    // 53100 is PostgreSQL's "disk full" (its manual, appendix A).
    await hall.sql(
      `create function full_disk() returns trigger language plpgsql as $$ begin raise exception 'could not extend file' using errcode = '53100'; end $$; create trigger full_probe before update on write_probe execute function full_disk(); create trigger full_event before insert on run_event execute function full_disk()`,
    )
    expect(await hall.get('/api/health')).toMatchObject({ status: 503, body: { ok: false, database: 'stores nothing' } })
    const pressed = await press(hall, runId, 0, 'start')
    expect([pressed.status, pressed.body.errors[0].code]).toEqual([503, 'notStored'])
    await hall.sql('drop function full_disk cascade')
    expect((await hall.get('/api/health')).status).toBe(200)
    expect((await press(hall, runId, 0, 'start')).body.event.sequence).toBe(1)
  })

  everyOther()('whose clock is set forward or back moves no room, in whichever process', async () => {
    const alone = await openHall()
    const another = asker((await alone.another()).base)
    const times = async () => [(await alone.get('/api/time')).body.now, (await another.get('/api/time')).body.now] as [number, number]
    const runId = await makeRun(alone, 'demo-lunch')
    await press(alone, runId, 0, 'start')
    const [before] = await times()
    for (const seconds of [600, -600]) {
      await alone.sql(
        `create or replace function database_clock() returns double precision language sql volatile as $$ select extract(epoch from clock_timestamp()) * 1000 + ${seconds * 1000} $$`,
      )
      const pressed = await press(another, runId, seconds > 0 ? 1 : 2, seconds > 0 ? 'hold' : 'release')
      expect(pressed.status).toBe(200)
      expect(Math.abs(pressed.body.event.at - before)).toBeLessThan(300_000)
      for (const now of await times()) expect(Math.abs(now - before)).toBeLessThan(300_000)
    }
    expect((await another.get('/api/health')).body.clockSet).toBeDefined()
    await alone.close()
  })
})

describe('an app that is told to end', () => {
  everyOther()('lets requests finish, tells its screens to rejoin, and ends though they listen', async () => {
    const alone = await openHall()
    const runId = await makeRun(alone, 'demo-lunch')
    const screen = await listenTo(alone.server.base, `/api/runs/${runId}/events`)
    await screen.until(({ versions }) => versions.length > 0)
    const asked = Array.from({ length: 20 }, () =>
      alone.get(`/api/runs/${runId}/snapshot`).then(
        ({ status }) => status,
        () => 0,
      ),
    )
    await new Promise((resolve) => setTimeout(resolve, 5))
    expect(await alone.server.end()).toBe(0)
    await screen.ended
    // Those that had come in were answered; who came too late was not half answered.
    for (const status of await Promise.all(asked)) expect([200, 0]).toContain(status)
    await alone.close()
  })

  it('says in its log what went wrong, and nothing that was typed', async () => {
    const alone = await openHall({ LOG_LEVEL: 'info' })
    await alone.sql(
      `create function refused() returns trigger language plpgsql as $$ begin raise exception 'refused: %', new.document; end $$; create trigger refused before insert on person for each row execute function refused()`,
    )
    const answer = await alone.post('/api/people', {
      id: 'secret-person',
      name: 'Whisper',
      level: 'regular',
      goEasyNote: 'a private matter',
    })
    expect([answer.status, JSON.stringify(answer.body)]).toEqual([500, expect.not.stringContaining('Whisper')])
    await alone.get('/card/some-secret-token')
    await expect.poll(() => alone.server.said()).toContain('a request failed')
    await expect.poll(() => alone.server.said()).toContain('/card/:id')
    expect(alone.server.said()).not.toMatch(/Whisper|private matter|secret-token|secret-person/)
    await alone.close()
  })
})
