import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { makeClass, openHall, press, type Hall } from '../fixtures/hall'
import { shapes, shorthand } from '../fixtures/shapes'

let hall: Hall
beforeAll(async () => {
  hall = await openHall()
})
afterAll(() => hall.close())

const send: Hall['send'] = (...words) => hall.send(...words)
const post: Hall['post'] = (...words) => hall.post(...words)
const lunchClass = async () => (await send('GET', '/api/classes/demo-lunch')).body
const file = async (path: string) => (await fetch(hall.server.base + path)).json()

describe('computing without saving', () => {
  for (const shape of shapes) {
    it(`timeline ${shape.id}: total and phases, common practice`, async () => {
      const { status, body } = await post('/api/timeline', { plan: shape.plan })
      expect(status).toBe(200)
      expect(body.total).toBe(shape.total)
      expect(shorthand(body.phases)).toEqual(shape.phases)
    })
  }

  it('rotation', async () => {
    const { status, body } = await post('/api/rotation', { people: 16, stations: 8 })
    expect(status).toBe(200)
    expect(body.table).toHaveLength(8)
    expect(body.say).toContain('next station')
    expect((await post('/api/rotation', { people: 18, stations: 8 })).body.errors[0]).toMatchObject({ code: 'tooManyGroups' })
  })

  it('gear count, with the hall’s own exercises and gear', async () => {
    const { document } = await lunchClass()
    const people = [
      { id: 'a', name: 'Ana', level: 'newcomer' },
      { id: 'b', name: 'Ben', level: 'trained' },
    ]
    const { status, body } = await post('/api/gear-count', { plan: document.plan, people })
    expect(status).toBe(200)
    expect(
      body.lines.find((line: { kindId: string; sizeId: string }) => line.kindId === 'kettlebell' && line.sizeId === '8kg'),
    ).toMatchObject({ most: 1, owned: 4, short: 0 })
  })

  it('health and time', async () => {
    expect(await send('GET', '/api/health')).toMatchObject({ status: 200, body: { ok: true } })
    const clock = async () => ((await hall.sql('select database_clock() as now')) as [{ now: number }])[0].now
    const before = await clock()
    const { body } = await send('GET', '/api/time')
    expect(body.now).toBeGreaterThan(before - 1000)
    expect(body.now).toBeLessThan((await clock()) + 1000)
  })
})

describe('bad input', () => {
  const plan = () => structuredClone(shapes[0]!.plan)

  it('is refused with 4xx, a code and the field, and never with a stack', async () => {
    const wrong = { ...plan(), slotSeconds: -1 }
    const answers = {
      notJson: [await post('/api/timeline', '{"plan":'), 400, 'notJson'],
      type: [await post('/api/timeline', 'plan', 'text/plain'), 415, 'wrongContentType'],
      large: [await post('/api/timeline', `{"plan":"${'x'.repeat(10_000_000)}"}`), 413, 'tooLarge'],
      field: [await post('/api/timeline', { plan: wrong }), 422, 'too_small'],
      people: [await post('/api/rotation', { people: 300, stations: 8 }), 422, undefined],
      nothing: [await send('GET', '/api/no-such-thing'), 404, 'notFound'],
      noClass: [await send('GET', '/api/classes/nobody'), 404, 'notFound'],
      emptyBody: [await post('/api/plans/import', ''), 400, 'notJson'],
    } as const
    for (const [name, [answer, status, code]] of Object.entries(answers)) {
      expect(answer.status, name).toBe(status)
      if (code) expect(answer.body.errors[0].code, name).toBe(code)
      expect(JSON.stringify(answer.body), name).not.toMatch(/node_modules|at \w+ \(/)
    }
    expect(answers.field[0].body.errors[0]).toMatchObject({ field: 'plan.slotSeconds' })
  })

  it('300 people in a class are refused, 200 are taken', async () => {
    const { id, version, document } = await makeClass(hall, 'demo-lunch')
    const put = (count: number) =>
      send('PUT', `/api/classes/${id}`, {
        version,
        document: { ...document, here: Array.from({ length: count }, (_, index) => `guest-${index}`) },
      })
    expect(await put(300)).toMatchObject({ status: 422, body: { errors: [{ field: 'document.here' }] } })
    expect((await put(200)).status).toBe(200)
  })
})

describe('classes', () => {
  it('HTML and emoji in names come back as they were', async () => {
    const { document } = await lunchClass()
    const name = '<script>alert(1)</script> Früh 🌅'
    const made = await post('/api/classes', { ...document, name })
    expect(made.status).toBe(201)
    expect((await send('GET', `/api/classes/${made.body.id}`)).body.document.name).toBe(name)
    const page = (await send('GET', `/classes/${made.body.id}/shape`)).body
    expect(page).not.toContain('<script>alert(1)')
    await send('DELETE', `/api/classes/${made.body.id}`, {})
    expect((await send('GET', `/api/classes/${made.body.id}`)).status).toBe(404)
    await post(`/api/classes/${made.body.id}/restore`, {})
    expect((await send('GET', `/api/classes/${made.body.id}`)).status).toBe(200)
    await send('DELETE', `/api/classes/${made.body.id}`, {})
  })

  it('a write that does not know the present version is refused with the present class', async () => {
    const { id, version, document } = await makeClass(hall, 'demo-short')
    const first = await send('PUT', `/api/classes/${id}`, { version, document: { ...document, name: 'First' } })
    expect(first.status).toBe(200)
    const second = await send('PUT', `/api/classes/${id}`, { version, document: { ...document, name: 'Second' } })
    expect(second).toMatchObject({
      status: 409,
      body: { errors: [{ code: 'changedElsewhere' }], current: { version: version + 1, document: { name: 'First' } } },
    })
  })

  it('one near the largest is stored and read, and what is wrong deep in it is named', async () => {
    const { id, document } = await makeClass(hall, 'demo-lunch')
    const uses = (at: string) =>
      Array.from({ length: 12 }, (_, use) => ({ id: `${at}-${use}`, exerciseId: 'goblet-squat', reps: { count: 10 } }))
    const circuit = (at: number) => ({
      id: `circuit-${at}`,
      type: 'circuit',
      travel: 'rotate',
      laps: 1,
      transition: { seconds: 5 },
      stay: { kind: 'intervals', workSeconds: Array<number>(12).fill(5) },
      stations: Array.from({ length: 40 }, (_, station) => ({ id: `station-${at}-${station}`, uses: uses(`use-${at}-${station}`) })),
    })
    const large = {
      ...document,
      arranged: undefined,
      spots: undefined,
      rotations: undefined,
      plan: { ...document.plan, slotSeconds: 21_600, parts: [{ id: 'all', pieces: Array.from({ length: 6 }, (_, at) => circuit(at)) }] },
    }
    expect(JSON.stringify(large).length).toBeGreaterThan(190_000)
    const saveId = '4b6bb9d4-4d0c-4c39-9d3f-8c8b6e0f7c11'
    expect((await send('PUT', `/api/classes/${id}`, { version: 1, document: large, saveId })).status).toBe(200)
    // The answer was lost: sent again, it is the same save.
    expect(await send('PUT', `/api/classes/${id}`, { version: 1, document: large, saveId })).toMatchObject({
      status: 200,
      body: { version: 2 },
    })
    expect((await send('GET', `/api/classes/${id}`)).body.document.plan.parts[0].pieces).toHaveLength(6)
    const wrong = structuredClone(large) as { plan: { parts: { pieces: { laps: unknown }[] }[] } }
    wrong.plan.parts[0]!.pieces[5]!.laps = -1
    expect(await send('PUT', `/api/classes/${id}`, { version: 2, document: wrong })).toMatchObject({
      status: 422,
      body: { errors: [{ field: 'document.plan.parts[0].pieces[5].laps' }] },
    })
  })

  it('a room that the hall does not have is named', async () => {
    const { document } = await lunchClass()
    expect(await post('/api/classes', { ...document, roomId: 'cellar' })).toMatchObject({
      status: 422,
      body: { errors: [{ code: 'unknownRoom' }] },
    })
  })
})

describe('again', () => {
  interface Stored {
    version: number
    document: { name: string; startsAt: string; here: string[]; groupSize: string; plan: { slotSeconds: number } }
  }

  const read = async (id: string) => (await hall.get(`/api/classes/${id}`)).body as Stored
  const again = async (id: string, weeks: number) => await hall.post(`/api/classes/${id}/again`, { weeks })
  const idsOf = ({ body }: { body: unknown }) => (body as { ids: string[] }).ids
  const laterOf = async (id: string) => ((await hall.get(`/api/classes/${id}/series`)).body as { later: number }).later

  it('a class is made again: at once, and next week with its people', async () => {
    const { document } = await read('demo-lunch')
    const [copy] = idsOf(await again('demo-lunch', 0))
    expect((await read(copy!)).document).toMatchObject({ name: 'Lunch Loop copy', startsAt: document.startsAt })
    const [next] = idsOf(await again('demo-lunch', 1))
    const nextWeek = (await read(next!)).document
    expect(nextWeek).toMatchObject({ name: 'Lunch Loop', here: document.here })
    // A day of the hall's own, where the clocks may change, is 23 to 25 hours long.
    expect(Math.abs(Date.parse(nextWeek.startsAt) - Date.parse(document.startsAt) - 7 * 86_400_000)).toBeLessThanOrEqual(3_600_000)
    expect(await laterOf('demo-lunch')).toBe(0)
    expect((await again('demo-lunch', 54)).status).toBe(422)
    expect((await again('nobody', 1)).status).toBe(404)
  })

  it('a series is planned like one of it from there on; each keeps its people, a class that was opened stays', async () => {
    const ids = idsOf(await again('demo-evening', 4))
    expect(ids).toHaveLength(4)
    expect(await laterOf('demo-evening')).toBe(4)
    expect((await hall.post(`/api/classes/${ids[3]}/runs`)).status).toBeLessThan(300)
    const second = await read(ids[1]!)
    const changed = {
      ...second.document,
      name: 'Late Blocks',
      groupSize: 'solo',
      here: [],
      plan: { ...second.document.plan, slotSeconds: 2400 },
    }
    const stored = await hall.put(`/api/classes/${ids[1]}`, { version: second.version, document: changed })
    const { version } = stored.body as Stored
    expect(await hall.put(`/api/classes/${ids[1]}/series`, { version: version - 1 })).toMatchObject({ status: 409 })
    expect(await hall.put(`/api/classes/${ids[1]}/series`, { version })).toMatchObject({ status: 200, body: { changed: 1 } })
    const [first, , third, fourth] = await Promise.all(ids.map(read))
    expect(third!.document).toMatchObject({ name: 'Late Blocks', groupSize: 'solo', here: second.document.here })
    expect([first!.document.name, fourth!.document.name]).toEqual(['Evening Blocks', 'Evening Blocks'])
    expect(((await hall.get(`/api/classes/${ids[2]}/revisions`)).body as { revisions: unknown[] }).revisions).toHaveLength(2)
  })

  it('a class is kept as a plan; a plan is copied and renamed, once only', async () => {
    const { document } = await read('demo-lunch')
    const made = await hall.post('/api/plans', { ...document.plan, name: 'Kept' })
    expect(made.status).toBe(201)
    const { id } = (made.body as { plan: { id: string } }).plan
    expect(await hall.put(`/api/plans/${id}`, { name: 'Kept well', before: 'Kept' })).toMatchObject({ status: 200 })
    expect(await hall.put(`/api/plans/${id}`, { name: 'Other', before: 'Kept' })).toMatchObject({ status: 409 })
    expect(await hall.put(`/api/plans/${id}`, { name: ' ', before: 'Kept well' })).toMatchObject({ status: 422 })
    expect((await hall.get('/plans')).body).toContain('Kept well')
  })
})

describe('earlier versions of a class', () => {
  it('are kept from the first on, and can be read', async () => {
    const { document } = await lunchClass()
    const { id } = (await post('/api/classes', { ...document, name: 'As made' })).body
    expect((await send('GET', `/api/classes/${id}/revisions`)).body.revisions).toEqual([])
    for (const [index, name] of ['Then', 'Later'].entries())
      expect((await send('PUT', `/api/classes/${id}`, { version: index + 1, document: { ...document, name } })).status).toBe(200)
    // Changes within a minute are one.
    const { revisions } = (await send('GET', `/api/classes/${id}/revisions`)).body
    expect(revisions.map((revision: { version: number }) => revision.version)).toEqual([3, 1])
    expect((await send('GET', `/api/classes/${id}/revisions/1`)).body.document.name).toBe('As made')
    for (const wrong of ['2', '0', 'x', '99999999999'])
      expect((await send('GET', `/api/classes/${id}/revisions/${wrong}`)).status).toBe(404)
    await send('DELETE', `/api/classes/${id}`, {})
  })
})

describe('gear and rooms of the hall', () => {
  const kind = { id: 'server-kind', name: 'Sandbag', form: 'single', sizes: [{ id: 'a', label: '', kilograms: 10, owned: 3, broken: 1 }] }
  const room = {
    id: 'server-room',
    name: 'Yard',
    lengthMetres: 10,
    widthMetres: 6,
    ceilingMetres: 4,
    features: [{ id: 'f', kind: 'exit', x: 0, y: 0, lengthMetres: 1, widthMetres: 2 }],
  }

  it('gear is added, changed with its version, and erased; zero and impossible numbers are refused at their field', async () => {
    expect((await post('/api/gear', kind)).status).toBe(201)
    expect(await post('/api/gear', kind)).toMatchObject({ status: 409, body: { errors: [{ code: 'idTaken' }] } })
    expect(await post('/api/gear', { ...kind, id: 'x', sizes: [{ ...kind.sizes[0], kilograms: 0 }] })).toMatchObject({
      status: 422,
      body: { errors: [{ field: 'sizes[0].kilograms' }] },
    })
    expect(await post('/api/gear', { ...kind, id: 'x', sizes: [{ ...kind.sizes[0], lent: 9 }] })).toMatchObject({
      status: 422,
      body: { errors: [{ field: 'sizes[0].owned' }] },
    })
    expect(await send('PUT', '/api/gear/server-kind', { version: 1, kind: { ...kind, name: 'Bag' } })).toMatchObject({
      status: 200,
      body: { version: 2 },
    })
    expect(await send('PUT', '/api/gear/server-kind', { version: 1, kind })).toMatchObject({
      status: 409,
      body: { current: { document: { name: 'Bag' } } },
    })
    expect(
      (await send('GET', '/api/gear')).body.gear.some((known: { document: { id: string } }) => known.document.id === 'server-kind'),
    ).toBe(true)
    expect((await send('DELETE', '/api/gear/server-kind', {})).status).toBe(200)
    expect(await send('DELETE', '/api/gear/kettlebell', {})).toMatchObject({
      status: 409,
      body: { errors: [{ code: 'inUse', message: expect.stringContaining('Take it out there first') }] },
    })
  })

  it('rooms too; what would stand outside is refused, and a room with classes stays', async () => {
    expect((await post('/api/rooms', room)).status).toBe(201)
    expect(await post('/api/rooms', { ...room, id: 'x', features: [{ ...room.features[0], x: 9.5 }] })).toMatchObject({
      status: 422,
      body: { errors: [{ field: 'features[0].x', message: expect.stringContaining('outside the room') }] },
    })
    expect(await send('PUT', '/api/rooms/server-room', { version: 1, room: { ...room, ceilingMetres: 3 } })).toMatchObject({
      status: 200,
      body: { version: 2 },
    })
    expect((await send('DELETE', '/api/rooms/server-room', {})).status).toBe(200)
    expect(await send('DELETE', '/api/rooms/kiln-floor', {})).toMatchObject({ status: 409, body: { errors: [{ code: 'inUse' }] } })
  })
})

describe('exercises and figures of the hall', () => {
  it('are added once, changed by who knows the version, and erased when nothing uses them', async () => {
    const stored = (await send('GET', '/api/exercises')).body.exercises
    expect(stored.length).toBeGreaterThanOrEqual(80)
    const exercise = { ...stored[0].document, id: 'server-made', name: 'Server made' }
    expect((await post('/api/exercises', exercise)).status).toBe(201)
    expect(await post('/api/exercises', exercise)).toMatchObject({ status: 409, body: { errors: [{ code: 'idTaken' }] } })
    expect(await post('/api/exercises', { ...exercise, id: 'other', met: { low: 5, high: 3 } })).toMatchObject({
      status: 422,
      body: { errors: [{ field: 'met' }] },
    })
    expect(await send('PUT', '/api/exercises/server-made', { version: 1, exercise: { ...exercise, name: 'Second' } })).toMatchObject({
      status: 200,
      body: { version: 2 },
    })
    expect(await send('PUT', '/api/exercises/server-made', { version: 1, exercise })).toMatchObject({
      status: 409,
      body: { current: { document: { name: 'Second' } } },
    })
    expect((await send('PUT', '/api/exercises/else', { version: 1, exercise })).status).toBe(422)
    expect((await send('DELETE', '/api/exercises/server-made', {})).status).toBe(200)
    expect((await send('DELETE', '/api/exercises/server-made', {})).status).toBe(404)
    expect(await send('DELETE', '/api/exercises/goblet-squat', {})).toMatchObject({ status: 409, body: { errors: [{ code: 'inUse' }] } })
  })

  it('figures hold for every estimate, and are guarded by a version', async () => {
    const before = (await send('GET', '/api/hall/figures')).body
    const figures = { ...before.figures, briefSeconds: { least: 30, usual: 40, most: 50 } }
    const changed = await send('PUT', '/api/hall/figures', { version: before.version, figures })
    expect(changed.status).toBe(200)
    const { document } = await lunchClass()
    const short = structuredClone(document.plan)
    short.parts[0].pieces[0].seconds = 200
    const findings = (await post('/api/findings', { plan: short })).body.findings
    expect(findings.map((finding: { what: string }) => finding.what).join()).toContain('8 exercises take 4:00 to 6:40 to explain')
    expect((await send('PUT', '/api/hall/figures', { version: before.version, figures: before.figures })).status).toBe(409)
    expect((await send('PUT', '/api/hall/figures', { version: changed.body.version, figures: before.figures })).status).toBe(200)
  })
})

describe('people', () => {
  const person = { id: 'server-person', name: 'Brickley', level: 'regular' }
  const add = async (id: string, more: object = {}) => {
    const answer = await post('/api/people', { ...person, id, ...more })
    expect(answer.status).toBe(201)
  }

  it('are added and changed by who knows the version', async () => {
    await add('server-person')
    expect((await post('/api/people', person)).status).toBe(409)
    expect(await post('/api/people', { ...person, id: 'x', goEasy: ['elbow'] })).toMatchObject({
      status: 422,
      body: { errors: [{ field: 'goEasy[0]' }] },
    })
    expect(await send('PUT', '/api/people/server-person', { version: 1, person: { ...person, name: 'Brick' } })).toMatchObject({
      status: 200,
      body: { version: 2 },
    })
    expect(await send('PUT', '/api/people/server-person', { version: 1, person })).toMatchObject({
      status: 409,
      body: { current: { document: { name: 'Brick' } } },
    })
    expect((await send('GET', '/api/people')).body.people.map((person: { document: { id: string } }) => person.document.id)).toContain(
      'server-person',
    )
  })

  it('have their data as a file, and are erased from every table', async () => {
    await add('gone-person', { name: 'Zephyrine', shownAs: 'Peregrine', goEasyNote: 'old elbow of Zephyrine' })
    await add('friend-person', { name: 'Friend', keepWith: ['gone-person'], keepApart: ['gone-person', 'tove'] })
    const made = await makeClass(hall, 'demo-lunch', (document) => {
      Object.assign(document, {
        name: 'With her',
        here: ['gone-person', 'tove'],
        arranged: [{ ids: ['gone-person', 'tove'] }],
        fromHome: [],
        demonstrators: { easier: 'gone-person', agreed: 'gone-person' },
        sizes: { 'gone-person': { mat: 'one' } },
      })
    })
    await send('PUT', `/api/classes/${made.id}`, { version: 1, document: { ...made.document, name: 'Still with her' } })
    const { id: runId } = (await post(`/api/classes/${made.id}/runs`)).body
    await post(`/api/runs/${runId}/links/card`)
    await press(hall, runId, 0, 'start')
    const { body: seen } = await send('GET', `/api/runs/${runId}/snapshot`)
    expect(seen.snapshot.follow).toContain('Peregrine')
    await post(`/api/runs/${runId}/changes`, { version: seen.version, change: { type: 'ease', ease: 'easier', personId: 'gone-person' } })
    await post(`/api/runs/${runId}/changes`, { version: seen.version + 1, change: { type: 'leaves', personId: 'gone-person' } })
    expect(await file('/api/people/gone-person/data')).toMatchObject({
      person: { name: 'Zephyrine' },
      classes: [{ name: 'Still with her' }],
      runs: [{ name: 'Still with her', did: expect.arrayContaining([expect.objectContaining({ at: 'station 1' })]) }],
    })

    expect((await send('DELETE', '/api/people/gone-person', {})).status).toBe(200)
    const after = (await send('GET', `/api/classes/${made.id}`)).body
    expect([after.version, after.document.here, after.document.arranged, after.document.sizes]).toEqual([
      3,
      ['tove'],
      [{ ids: ['tove'], locked: false }],
      {},
    ])
    const tables = await hall.sql("select table_name as name from information_schema.tables where table_schema = 'public'")
    for (const { name } of tables) {
      const found = await hall.sql(
        `select row_to_json(t)::text as row from "${name as string}" t where row_to_json(t)::text ~ 'gone-person|Zephyrine|Peregrine|old elbow'`,
      )
      expect(found, name as string).toEqual([])
    }
    // What is left of them is that somebody was there.
    expect((await send('GET', `/api/runs/${runId}/snapshot`)).body.snapshot.left).toMatchObject([{ name: 'somebody' }])
    expect((await send('GET', '/api/people/gone-person/data')).status).toBe(404)
    expect((await send('DELETE', '/api/people/gone-person', {})).status).toBe(404)
  })

  it('move by any rule that is asked for in plain JSON, or are told why not', async () => {
    const mixed = await post('/api/rotation', { people: 12, stations: 6, rule: 'fullMix' })
    expect(mixed.body).toMatchObject({
      // In one lap of six turns the second file would miss a station each.
      recommended: { rule: 'loop', why: expect.stringContaining('6 visits would be missed'), isWhole: true },
      guarantees: [{ met: false, text: '34 of the 36 possible meetings happen, some twice.' }, { met: true }, { met: true }],
    })
    expect(await post('/api/rotation', { people: 4, stations: 2, rule: 'fullMix' })).toMatchObject({
      status: 422,
      body: { errors: [{ code: 'noMix' }] },
    })
  })
})

describe('plan files', () => {
  it('a plan comes back from its file as it was, and its exercises with it', async () => {
    const response = await fetch(`${hall.server.base}/api/plans/lunch-loop/file`)
    expect(response.headers.get('content-disposition')).toContain('lunch-loop.vicinor.json')
    const sent = await response.json()
    const stranger = { ...sent.exercises[0], id: 'brick-lift', name: 'Brick lift' }
    const main = sent.plan.parts[1].pieces[0]
    main.stations[0].uses[0].exerciseId = 'brick-lift'
    main.stations[1].uses[0].exerciseId = 'unheard-of'
    const imported = await post('/api/plans/import', { ...sent, exercises: [...sent.exercises, stranger] })
    expect(imported).toMatchObject({ status: 201, body: { exercisesAdded: ['brick-lift'], exercisesMissing: ['unheard-of'] } })
    const again = await file(`/api/plans/${imported.body.plan.id}/file`)
    expect(again.plan).toEqual({ ...sent.plan, id: imported.body.plan.id })
    expect(again.exercises.map((exercise: { id: string }) => exercise.id)).toContain('brick-lift')
  })

  it('a file of a class’s own plan', async () => {
    expect((await file(`/api/classes/demo-lunch/plan-file`)).format).toBe('vicinor-plan')
  })
})
