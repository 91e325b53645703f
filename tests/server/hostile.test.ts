import { afterAll, beforeAll, expect, it } from 'vitest'
import { rights } from '../../src/server/access/rights'
import { randomFrom } from '../../src/core/base/random'
import { makeClass, makeRun, openHall, type Hall } from '../fixtures/hall'
import { beginAnother, joinAs } from '../fixtures/members'

/** How many requests: a sample, another one each time, with the other tests; `HOSTILE=10000` for all. */
const wanted = Number(process.env.HOSTILE ?? 200)
const seed = Number(process.env.HOSTILE_SEED ?? Math.floor(Math.random() * 2 ** 31))
const secret = 'A word that only Kiln Yard knows'

let hall: Hall
beforeAll(async () => {
  hall = await openHall()
})
afterAll(() => hall.close())

const strange = [
  '..',
  '%2e%2e%2fetc',
  "' or 1=1 --",
  '__proto__',
  'constructor',
  'é',
  '\u0000',
  'x'.repeat(3000),
  '-1',
  '<script>',
  'null',
  '${7*7}',
]

const bodies: unknown[] = [
  undefined,
  {},
  [],
  null,
  'not json {',
  // oxlint-disable-next-line no-loss-of-precision -- more than a number holds
  { version: 1e309 },
  { version: -1, here: ['a', 'a'] },
  { email: { $ne: null }, password: ['x'] },
  { email: "x'@y.zz", password: 'x'.repeat(5000) },
  { role: 'god', name: '\u0000' },
  { hallId: 'kiln-yard' },
  { signedIn: true },
  { plan: { id: '__proto__', name: 'x', slotSeconds: 1e9, parts: [{}] } },
  { people: 1e9, stations: 1e9, rule: 'fullMix' },
  { id: 'a', expectedSequence: 0, who: 'x', command: { type: 'extend', seconds: 1e308 } },
  { version: 1, change: { type: 'arrives', name: '<img src=x onerror=alert(1)>' } },
  JSON.parse('{"__proto__": {"admin": true}, "constructor": {"prototype": {"role": "owner"}}}'),
  `${'['.repeat(5000)}${']'.repeat(5000)}`,
  'x'.repeat(450_000),
]
const types = [
  'application/json',
  'application/json',
  'application/json',
  'text/plain',
  'application/x-www-form-urlencoded',
  'multipart/form-data',
]

it(`${wanted} hostile requests over all addresses, as each role and as nobody, break nothing and tell nothing of another hall`, async () => {
  const { base } = hall.server
  const { id: classId } = await makeClass(hall, 'demo-lunch', (document) => (document.name = secret))
  const runId = await makeRun(hall, 'demo-lunch', (document) => (document.name = secret))
  const other = await beginAnother(hall)
  // Without it, the demo opens for whoever is not signed in.
  const out = 'vicinor.stranger=1'
  const cookies: [who: string, cookie: string][] = [
    ['other', `${other.cookie}; ${out}`],
    ['nobody', out],
    ['forged', `vicinor.session_token=abc.def; ${out}`],
  ]
  for (const role of ['owner', 'coach', 'assistant'] as const) cookies.push([role, (await joinAs(role, base, hall)).cookie])
  const { below } = randomFrom(seed)
  const pick = <Item>(items: readonly Item[]): Item => items[below(items.length)]!
  const names = [classId, runId, 'demo-lunch', 'ilse', 'kiln-floor', 'goblet-squat', 'kettlebell', ...strange]
  const cells = Object.entries(rights).flatMap(([route, methods]) => Object.keys(methods).map((method) => ({ route, method })))
  const wrong: string[] = []
  const ask = async () => {
    const cell = pick(cells)
    const { route } = cell
    const method = pick([cell.method, cell.method, cell.method, 'PUT', 'DELETE', 'PATCH'])
    const [who, cookie] = pick(cookies)
    // Who has signed everybody out asks no more.
    if (method === 'DELETE' && /^\/api\/sessions?$/.test(route)) return
    const path =
      route.replace(/\[(\.\.\.)?\w+\]/g, () => encodeURIComponent(pick(names))) +
      pick(['', '', '?from=%00', "?to=//evil.example&before=1e99'"])
    const body = method === 'GET' ? undefined : pick(bodies)
    const text = body === undefined || typeof body === 'string' ? body : JSON.stringify(body)
    const cut = new AbortController()
    const response = await fetch(base + path, {
      method,
      redirect: 'manual',
      signal: cut.signal,
      headers: { cookie, ...(text !== undefined && { 'content-type': pick(types) }) },
      ...(text !== undefined && { body: text }),
    }).catch((error: unknown) => error as Error)
    // A body on what takes none is refused by the sender itself.
    if (response instanceof Error) return
    const isStream = response.headers.get('content-type')?.includes('event-stream')
    const answer = isStream ? '' : await response.text()
    if (isStream) cut.abort()
    const where = `${who} ${method} ${path.slice(0, 100)} ${JSON.stringify(text)?.slice(0, 80)}`
    if (response.status >= 500 && route !== '/500') wrong.push(`${response.status} ${where}: ${answer.slice(0, 200)}`)
    if (/node_modules|\n\s+at .*\(|\.mjs:\d+|PostgresError|syntax error at/.test(answer)) wrong.push(`a trace: ${where}`)
    if (['other', 'nobody', 'forged'].includes(who) && (answer.includes(secret) || answer.includes('Maribel'))) wrong.push(`told: ${where}`)
  }
  for (let asked = 0; asked < wanted; asked += 20) await Promise.all(Array.from({ length: 20 }, ask))
  expect(wrong, `the same again: HOSTILE_SEED=${seed}`).toEqual([])
  // It is all still there, and answers.
  expect((await hall.get(`/api/classes/${classId}`)).status === 200 || (await hall.get('/api/health')).status === 200).toBe(true)
  expect((await hall.sql(`select count(*)::int as halls from hall`))[0]).toEqual({ halls: 2 })
})
