import { readdirSync, readFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { may, rights, type Method, type Right } from '../../src/server/access/rights'
import type { Role } from '../../src/core/access/role'
import { makeClass, makeRun, openHall, type Answer, type Asker, type Hall } from '../fixtures/hall'
import { beginAnother, joinAs, signInAs, stranger, type MemberAsker } from '../fixtures/members'

let hall: Hall
let base: string
let members: Record<Role, MemberAsker>
let nobody: Asker
let other: MemberAsker
beforeAll(async () => {
  hall = await openHall()
  ;({ base } = hall.server)
  members = {
    owner: await joinAs('owner', base, hall),
    coach: await joinAs('coach', base, hall),
    assistant: await joinAs('assistant', base, hall),
  }
  nobody = stranger(base)
  other = await beginAnother(hall)
})
afterAll(() => hall.close())

/** Every route of the app, with the methods that its file answers. */
function routesThereAre(): Map<string, string[]> {
  const files = readdirSync('src/pages', { recursive: true, encoding: 'utf8' }).filter((file) => /\.(astro|ts)$/.test(file))
  return new Map(
    files.map((file) => {
      const route = `/${file.replace(/\.(astro|ts)$/, '').replace(/(^|\/)index$/, '')}`
      const text = readFileSync(`src/pages/${file}`, 'utf8')
      const exported = [...text.matchAll(/^export const (\{[^}]*\}|\w+)/gm)].flatMap(([, names]) => names!.match(/[A-Z]+/g) ?? [])
      return [route, file.endsWith('.astro') ? ['GET'] : exported.includes('ALL') ? ['DELETE', 'GET', 'POST', 'PUT'] : exported.sort()]
    }),
  )
}

describe('who may ask for what', () => {
  it('every page and endpoint says so, and for just the methods that it answers', () => {
    const said = new Map(Object.entries(rights).map(([route, methods]) => [route, Object.keys(methods).sort()]))
    expect([...said].sort()).toEqual([...routesThereAre()].sort())
  })

  /** Names nothing that there is: who may is told that it is missing, or that the body is wrong. */
  const address = (route: string) =>
    route
      .replace('[...unknown]', 'nowhere')
      .replace('[tab]', 'shape')
      .replace(/\[\w+\]/g, 'nothing-of-that-name')
  const endsSessions = (route: string, method: string) => method === 'DELETE' && /^\/api\/sessions?$/.test(route)

  const cells = Object.entries(rights).flatMap(([route, methods]) =>
    Object.entries(methods).map(([method, right]) => ({ route, method: method as Method, right })),
  )
  const refusedTo = (role: Role | undefined, right: Right, { status, headers }: Answer, route: string) => {
    if (may(role, right)) return [401, 403].includes(status) ? 'refused' : undefined
    if (role) return status === 403 ? undefined : 'not refused'
    if (route.startsWith('/api')) return status === 401 ? undefined : 'not refused'
    return status === 302 && headers.get('location')!.startsWith('/sign-in') ? undefined : 'not refused'
  }

  for (const role of ['owner', 'coach', 'assistant', undefined] as const)
    it(`as ${role ?? 'nobody'}: each cell of the table`, async () => {
      const wrong: string[] = []
      for (const { route, method, right } of cells) {
        const asked = role && endsSessions(route, method) ? await signInAs(members[role].email, base) : role ? members[role] : nobody
        const answer = await asked.send(method, address(route), method === 'GET' ? undefined : {})
        // Signing everyone out ends what the others of this test ask with.
        if (role && route === '/api/sessions') members[role] = await signInAs(members[role].email, base)
        const said = refusedTo(role, right, answer, route)
        // That page is what it says.
        if (said || (answer.status >= 500 && route !== '/500')) wrong.push(`${method} ${route} ${answer.status}: ${said ?? 'failed'}`)
      }
      expect(wrong).toEqual([])
    })

  it('nothing of another hall is there, by whatever of its names', async () => {
    const { id: classId } = await makeClass(hall, 'demo-lunch')
    const runId = await makeRun(hall, 'demo-lunch')
    const [ids] = await hall.sql(
      `select (select id from person limit 1) as person, (select id from room limit 1) as room, (select id from plan limit 1) as plan`,
    )
    const { person, room, plan } = ids as Record<string, string>
    const named = [
      ['GET', `/api/classes/${classId}`],
      ['DELETE', `/api/classes/${classId}`],
      ['POST', `/api/classes/${classId}/runs`],
      ['GET', `/api/classes/${classId}/plan-file`],
      ['GET', `/classes/${classId}/shape`],
      ['GET', `/classes/${classId}/attendance`],
      ['GET', `/api/runs/${runId}/snapshot`],
      ['GET', `/api/runs/${runId}/events`],
      ['DELETE', `/api/runs/${runId}`],
      ['GET', `/runs/${runId}`],
      ['GET', `/runs/${runId}/screens`],
      ['POST', `/api/runs/${runId}/links/wall`],
      ['GET', `/api/people/${person}/data`],
      ['DELETE', `/api/people/${person}`],
      ['DELETE', `/api/rooms/${room}`],
      ['DELETE', `/api/plans/${plan}`],
      ['GET', `/api/plans/${plan}/file`],
    ] as const
    for (const [method, path] of named) {
      expect([method, path, (await other.send(method, path, method === 'GET' ? undefined : {})).status]).toEqual([method, path, 404])
      if (path.startsWith('/api/runs'))
        expect([path, (await nobody.send(method, path, method === 'GET' ? undefined : {})).status]).not.toEqual([path, 200])
    }
    // By every route that names something, whatever it is: never done, and never shown.
    const real: Record<string, string> = {
      classes: classId,
      runs: runId,
      people: person!,
      rooms: room!,
      plans: plan!,
      exercises: 'goblet-squat',
      gear: 'kettlebell',
    }
    for (const { route, method } of cells) {
      const kind = route.replace('/api', '').split('/')[1]!
      if (!route.includes('[id]') || !real[kind] || ['exercises', 'gear'].includes(kind)) continue
      const path = route
        .replace('[id]', real[kind])
        .replace('[tab]', 'shape')
        .replace('[version]', '1')
        .replace('[screen]', 'wall')
        .replace('[person]', person!)
      const { status } = await other.send(method, path, method === 'GET' ? undefined : {})
      // The empty way into a class leads to a tab of it, which is not there.
      if (route !== '/classes/[id]') expect([method, path, [404, 422].includes(status) || status]).toEqual([method, path, true])
    }
    for (const page of ['/', '/people', '/plans', '/rooms', '/log', '/put-away', '/team']) {
      const { status, body } = await other.get(page)
      expect([page, status]).toEqual([page, 200])
      expect(body).not.toMatch(/Kiln|Maribel|Lunch Loop/)
    }
    expect((await hall.get(`/api/classes/${classId}`)).status).toBe(200)
  })

  it('an assistant takes attendance and runs the class, and hears nothing of what people go easy on', async () => {
    const { id, document } = await makeClass(hall, 'demo-sixties')
    const { assistant, coach } = members
    expect((await assistant.get('/')).body).toContain(`/classes/${id}/attendance`)
    expect((await assistant.get(`/classes/${id}`)).headers.get('location')).toBe(`/classes/${id}/attendance`)
    const page = (await assistant.get(`/classes/${id}/attendance`)).body as string
    const limits = await hall.sql(`select document->>'goEasyNote' as note from person where document->>'goEasyNote' <> ''`)
    expect(limits.length).toBeGreaterThan(2)
    for (const { note } of limits) expect(page).not.toContain(note)
    const here = document.here.slice(1)
    const ticked = await assistant.put(`/api/classes/${id}/attendance`, { version: 1, here: [...here, 'somebody-else'] })
    expect(ticked).toMatchObject({ status: 200, body: { here } })
    const stale = await assistant.put(`/api/classes/${id}/attendance`, { version: 1, here: [] })
    expect(stale.status).toBe(409)
    expect(Object.keys((stale.body as { current: object }).current).sort()).toEqual(['here', 'id', 'name', 'people', 'startsAt', 'version'])
    const { id: runId } = (await assistant.post(`/api/classes/${id}/runs`)).body as { id: string }
    const seen = async (asked: Asker) => JSON.stringify((await asked.get(`/api/runs/${runId}/snapshot`)).body)
    const secret = /"goEasy":\["|"watch":"[^"]*\(/
    expect([secret.test(await seen(coach)), secret.test(await seen(assistant))]).toEqual([true, false])
    const inPage = async (asked: Asker) => /goEasy&quot;:\[1,\[\[0,&quot;/.test((await asked.get(`/runs/${runId}`)).body as string)
    expect([await inPage(coach), await inPage(assistant)]).toEqual([true, false])
    // The link to the controls is no way round it, but for a coach who is signed in.
    const { links } = (await coach.post(`/api/runs/${runId}/links/controls`)).body as { links: { token: string }[] }
    const byLink = async (asked: Asker) => JSON.stringify((await asked.get(`/api/runs/${links[0]!.token}/snapshot`)).body)
    expect([secret.test(await byLink(nobody)), secret.test(await byLink(assistant)), secret.test(await byLink(coach))]).toEqual([
      false,
      false,
      true,
    ])
  })
})

it('a hall has as much as it may and no more, whatever another has', async () => {
  await hall.sql(
    `insert into room (hall_id, id, name, document) select 'kiln-yard', 'many-' || n, 'Many', '{}' from generate_series(1, 100) n`,
  )
  const room = { id: 'one-more', name: 'One more', lengthMetres: 10, widthMetres: 10, ceilingMetres: 3 }
  expect(await hall.post('/api/rooms', room)).toMatchObject({ status: 409, body: { errors: [{ code: 'hallFull' }] } })
  expect((await other.post('/api/rooms', room)).status).toBe(201)
  await hall.sql(`delete from room where id like 'many-%'`)
  await hall.sql(`update hall set stored_bytes = 5e9 where id = 'kiln-yard'`)
  expect((await hall.post('/api/rooms', room)).body.errors[0].message).toContain('as much as it may')
  await hall.sql('update hall set stored_bytes = 0')
  expect((await hall.post('/api/rooms', room)).status).toBe(201)
})
