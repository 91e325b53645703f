import { existsSync, readFileSync, statSync } from 'node:fs'
import http from 'node:http'
import { dirname, join } from 'node:path'
import { sumBy } from 'es-toolkit'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { OtherClass } from '../../src/core/class/overlap'
import type { Exercise } from '../../src/core/library/exercise'
import { makeClass, makeRun, openHall, type Hall } from '../fixtures/hall'
import { freePort, startServer } from '../fixtures/server'

let hall: Hall
beforeAll(async () => {
  hall = await openHall()
})
afterAll(() => hall.close())

const page = async (path: string, base = hall.server.base) => {
  const response = await fetch(base + path)
  return { status: response.status, text: await response.text() }
}

describe('pages', () => {
  const views: [path: string, shows: string][] = [
    ['/', 'Lunch Loop'],
    ['/plans', 'Evening Blocks'],
    ['/people', 'Rosalind'],
    ['/exercises', 'Goblet squat'],
    ['/gear', 'Suspension straps'],
    ['/rooms', 'Drying Loft'],
    ['/log', 'Steady Over-60s'],
    ...['shape', 'people', 'rotation', 'gear', 'run', 'log'].map((tab): [string, string] => [
      `/classes/demo-sixties/${tab}`,
      'Steady Over-60s',
    ]),
  ]
  for (const [path, shows] of views) {
    it(`${path} comes whole from the server`, async () => {
      const { status, text } = await page(path)
      expect(status).toBe(200)
      expect(text).toContain(shows)
      expect(text).toContain('Kiln Yard')
    })
  }

  it('a class without a tab opens on its shape', async () => {
    const response = await fetch(`${hall.server.base}/classes/demo-sixties`, { redirect: 'manual' })
    expect(response.headers.get('location')).toBe('/classes/demo-sixties/shape')
  })

  it('what is not there is said so by however many it is asked for at once', async () => {
    const all = await Promise.all(Array.from({ length: 12 }, () => page('/nowhere')))
    expect(all.map(({ status }) => status)).toEqual(Array(12).fill(404))
  })

  it('what is not there is said so, and how to go on', async () => {
    for (const path of ['/nowhere', '/classes/nobody/shape', '/classes/demo-sixties/nothing', '/runs/none', '/wall/none']) {
      const { status, text } = await page(path)
      expect(status, path).toBe(404)
      expect(text, path).toContain('There is nothing at this address')
    }
  })
})

describe('a class', () => {
  it('knows the others of its hours, as they and the hall’s library are now', async () => {
    const other = await makeClass(hall, 'demo-lunch', (document) => (document.name = 'Beside'))
    const beside = async () => {
      const { others } = (await hall.get('/api/classes/demo-lunch/around')).body as { others: OtherClass[] }
      return others.find(({ id }) => id === other.id)
    }
    const most = (found: OtherClass | undefined) => found?.most.find(({ kindId }) => kindId === 'kettlebell')?.count ?? 0
    const before = (await beside())!
    expect(before).toMatchObject({ name: 'Beside', seconds: other.document.plan.slotSeconds })
    expect(most(before)).toBeGreaterThan(0)
    expect(await beside()).toEqual(before)

    const { document } = other
    document.plan.slotSeconds += 600
    expect((await hall.put(`/api/classes/${other.id}`, { version: 1, document })).status).toBe(200)
    expect((await beside())!.seconds).toBe(before.seconds + 600)

    const { exercises } = (await hall.get('/api/exercises')).body as { exercises: { version: number; document: Exercise }[] }
    const { version, document: squat } = exercises.find((exercise) => exercise.document.id === 'goblet-squat')!
    const change = (version: number, exercise: Exercise) => hall.put('/api/exercises/goblet-squat', { version, exercise })
    const changed = await change(version, { ...squat, gear: [] })
    expect(changed.status).toBe(200)
    expect(most(await beside())).toBeLessThan(most(before))
    expect((await change((changed.body as { version: number }).version, squat)).status).toBe(200)
    expect(most(await beside())).toBe(most(before))

    expect((await hall.remove(`/api/classes/${other.id}`)).status).toBe(200)
    expect(await beside()).toBeUndefined()
  })
})

describe('who is answered, and how', () => {
  it('every answer carries its safety headers; pages run no script that the build did not make, and are kept by nobody', async () => {
    for (const path of ['/', '/people', '/nowhere', '/api/time', '/api/people', '/color-scheme.js', '/icon.svg']) {
      const { headers } = await fetch(hall.server.base + path)
      expect(
        [
          headers.get('x-content-type-options'),
          headers.get('referrer-policy'),
          headers.get('x-frame-options'),
          headers.get('permissions-policy')?.includes('camera=()'),
        ],
        path,
      ).toEqual(['nosniff', 'no-referrer', 'DENY', true])
    }
    for (const path of ['/', '/people', '/classes/demo-lunch/people']) {
      const { headers } = await fetch(hall.server.base + path)
      const scripts = /script-src ([^;]*)/.exec(headers.get('content-security-policy')!)![1]!
      expect(
        [
          scripts.includes('unsafe'),
          headers.get('content-security-policy')!.includes("frame-ancestors 'none'"),
          headers.get('cache-control'),
        ],
        path,
      ).toEqual([false, true, 'no-store'])
    }
  })

  it('a foreign name, or a write from the page of another site, is refused', async () => {
    // fetch names its host itself: asked by hand.
    const asked = (method: string, headers: Record<string, string>) =>
      new Promise<number>((resolve) => {
        const { port } = new URL(hall.server.base)
        const request = http.request({ port, host: '127.0.0.1', method, path: '/api/people', agent: false, headers }, (answer) => {
          answer.resume()
          resolve(answer.statusCode!)
        })
        request.end()
      })
    const json = { 'content-type': 'application/json' }
    expect(await asked('GET', { host: 'evil.example' })).toBe(403)
    expect(await asked('GET', { host: 'localhost' })).toBe(200)
    expect(await asked('POST', { ...json, host: 'localhost', origin: 'http://evil.example' })).toBe(403)
    expect(await asked('POST', { ...json, host: 'localhost', origin: 'http://localhost' })).toBe(400)
  })
})

describe('scripts', () => {
  const pathTo = async (screen: 'wall' | 'card') => {
    const runId = await makeRun(hall, 'demo-lunch')
    return `/${screen}/${((await hall.post(`/api/runs/${runId}/links/${screen}`)).body.links as { token: string }[])[0]!.token}`
  }

  /** The scripts that a page brings before it can be used, and what it asks for at once; each with all that it needs. */
  async function scriptsOf(path: string, atOnce?: string): Promise<Set<string>> {
    const html = await (await fetch(hall.server.base + path)).text()
    const scripts = new Set([...html.matchAll(/(?:component-url|renderer-url)="([^"]+\.js)"/g)].map(([, script]) => script!))
    for (const script of scripts) {
      const text = readFileSync(join('dist/client', script), 'utf8')
      for (const [, needed] of text.matchAll(/(?:from|import)\s*"(\.\/[^"]+\.js)"/g)) scripts.add(join(dirname(script), needed!))
      for (const [, later] of text.matchAll(/import\("(\.\/[^"]+\.js)"\)/g))
        if (atOnce && later!.includes(atOnce)) scripts.add(join(dirname(script), later!))
    }
    return scripts
  }

  /** Kilobytes as delivered to a browser that takes the smallest. */
  const weight = (scripts: Iterable<string>) =>
    sumBy([...scripts], (script) => {
      const file = join('dist/client', script)
      return statSync(existsSync(`${file}.br`) ? `${file}.br` : file).size / 1000
    })

  it.each([
    ['wall', 100],
    ['card', 100],
  ] as const)('a %s has few and light ones', async (screen, most) => {
    const scripts = await scriptsOf(await pathTo(screen))
    expect(weight(scripts), [...scripts].join(' ')).toBeLessThanOrEqual(most)
    expect(scripts.size).toBeLessThanOrEqual(15)
  })

  it('a class has few and light ones, its first tab with it', async () => {
    const scripts = await scriptsOf('/classes/demo-lunch/shape', 'ShapeView')
    expect([...scripts].join(' ')).toContain('ShapeView')
    expect(weight(scripts), [...scripts].join(' ')).toBeLessThanOrEqual(260)
    expect(scripts.size).toBeLessThanOrEqual(25)
  })
})

describe('without its database', () => {
  it('the app starts, says so in words, and answers 503', async () => {
    const away = new URL(hall.url)
    away.port = String(await freePort())
    const alone = await startServer(away.toString(), { healthy: false })
    const health = await page('/api/health', alone.base)
    expect(health).toMatchObject({ status: 503, text: expect.stringContaining('does not answer') })
    const api = await page('/api/classes/demo-lunch', alone.base)
    expect(api.status).toBe(503)
    expect(JSON.parse(api.text).errors[0].code).toBe('databaseAway')
    const shown = await page('/', alone.base)
    expect(shown.status).toBe(503)
    expect(shown.text).toContain('This page cannot be shown just now')
    expect(shown.text).not.toContain('ECONNREFUSED')
    await alone.kill()
  })
})
