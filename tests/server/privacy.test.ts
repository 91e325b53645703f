import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { everyOther } from '../fixtures/every-other'
import { makeClass, makeRun, openHall, type Hall } from '../fixtures/hall'
import { joinAs } from '../fixtures/members'

let hall: Hall
let base: string
beforeAll(async () => {
  hall = await openHall()
  ;({ base } = hall.server)
})
afterAll(() => hall.close())

const noted = async (act: string) =>
  (await hall.sql('select by_name, act, person_id, about from audit where act = $1 order by id', [act])) as {
    by_name: string
    person_id: string | null
    about: string | null
  }[]

describe('the audit', () => {
  it('has each look at what people go easy on, but not those a class needs', async () => {
    const coach = await joinAs('coach', base, hall)
    const before = (await noted('limitsSeen')).length
    await coach.get('/people')
    await coach.get('/api/people')
    await coach.get('/classes/demo-lunch/people')
    expect((await noted('limitsSeen')).slice(before)).toMatchObject([{ by_name: 'Ada' }, { by_name: 'Ada' }])
    const { body: data } = await coach.get('/api/people/ilse/data')
    expect((data as { audit: { what: string }[] }).audit.map(({ what }) => what)).toEqual(['saved all data of'])
    expect(await noted('dataExported')).toMatchObject([{ by_name: 'Ada', person_id: 'ilse' }])
    const page = (await hall.get('/audit')).body as string
    expect(page).toContain('saved all data of Ilse')
    expect((await coach.get('/audit')).status).toBe(403)
  })

  it('has people, links and roles, and who it was', async () => {
    const person = { id: 'zeno', name: 'Zeno', level: 'regular', goEasy: ['knee'], goEasyNote: 'a private matter', loads: {} }
    await hall.post('/api/people', person)
    await hall.put('/api/people/zeno', { version: 1, person: { ...person, level: 'trained' } })
    const runId = await makeRun(hall, 'demo-lunch')
    await hall.post(`/api/runs/${runId}/links/wall`)
    await hall.remove(`/api/runs/${runId}/links/wall`)
    const member = await joinAs('assistant', base, hall)
    const [{ id }] = (await hall.sql('select id from account_user where email = $1', [member.email])) as [{ id: string }]
    await hall.put(`/api/members/${id}`, { role: 'coach' })
    expect(await noted('personChanged')).toMatchObject([{ by_name: 'Isaura', person_id: 'zeno' }])
    expect(await noted('linksRenewed')).toMatchObject([{ by_name: 'Isaura', about: 'wall' }])
    expect((await noted('joined')).at(-1)).toMatchObject({ by_name: 'Ada', about: 'assistant' })
    expect(await noted('roleChanged')).toMatchObject([{ by_name: 'Isaura', about: 'Ada: assistant to coach' }])
    // Whoever is erased is erased here too; that somebody was stays.
    expect((await hall.remove('/api/people/zeno')).status).toBe(200)
    expect(await hall.sql(`select 1 from audit where person_id = 'zeno'`)).toEqual([])
    expect(await noted('personErased')).toMatchObject([{ by_name: 'Isaura', person_id: null }])
    expect(JSON.stringify(await hall.sql('select * from audit'))).not.toMatch(/Zeno|zeno|private matter/)
  })

  it('is not written where what it is of was refused', async () => {
    const before = (await noted('personChanged')).length
    const person = { id: 'ilse', name: 'Ilse', level: 'regular', goEasy: [], goEasyNote: '', loads: {} }
    expect((await hall.put('/api/people/ilse', { version: 999, person })).status).toBe(409)
    expect(await noted('personChanged')).toHaveLength(before)
  })
})

it('an incident is told by anybody of the team, and read by the owner alone', async () => {
  const assistant = await joinAs('assistant', base, hall)
  const incident = { when: 'Tuesday, Lunch Loop', who: 'Oren', what: 'Slipped on the way to station 3.', done: 'Ice, sat out the rest.' }
  expect(await assistant.post('/api/incidents', { ...incident, what: '' })).toMatchObject({
    status: 422,
    body: { errors: [{ field: 'what' }] },
  })
  expect((await assistant.post('/api/incidents', incident)).status).toBe(201)
  expect((await assistant.get('/incidents')).status).toBe(403)
  expect((await hall.get('/incidents')).body).toContain('Slipped on the way')
})

everyOther()('what people go easy on is forgotten a year after their last class, wherever it stands', async () => {
  const { id: recent } = await makeClass(hall, 'demo-lunch', (document) => (document.here = ['jun']))
  const { id: old, document } = await makeClass(hall, 'demo-lunch', (document) => {
    document.here = ['ilse', 'walked-in']
    document.walkIns = [{ id: 'walked-in', name: 'Odd', level: 'regular', goEasy: ['wrist'], goEasyNote: 'of long ago', loads: {} }]
  })
  expect((await hall.put(`/api/classes/${old}`, { version: 1, document: { ...document, name: 'Changed once' } })).status).toBe(200)
  const oldRun = ((await hall.post(`/api/classes/${old}/runs`)).body as { id: string }).id
  const newRun = ((await hall.post(`/api/classes/${recent}/runs`)).body as { id: string }).id
  await hall.sql(`update class set starts_at = now() - interval '13 months' where id <> $1`, [recent])
  await hall.sql(`update run set created_at = now() - interval '13 months' where id <> $1`, [newRun])
  await hall.sql(`update person set updated_at = now() - interval '13 months'`)
  await hall.sql(`update person set updated_at = now() where id = 'anselm'`)
  const limits = async () =>
    (await hall.sql(`select id from person where document->'goEasy' <> '[]' order by id`)).map(({ id }) => id as string)
  expect(await limits()).toContain('ilse')
  // An app that starts does what is due.
  const another = await hall.another()
  await fetch(`${another.base}/api/time`)
  // Jun came lately, and Anselm was only just written down.
  await expect.poll(limits).toEqual(['anselm', 'jun'])
  await expect.poll(async () => (await hall.sql('select count(*)::int as left from run where not limits_forgotten'))[0]!.left).toBe(1)
  const [{ text }] = (await hall.sql(
    `select string_agg(document::text, '') || (select snapshot::text from run where id = $1) || (select string_agg(document::text, '') from class_revision where class_id = $2) as text from class where id = $2`,
    [oldRun, old],
  )) as [{ text: string }]
  expect(text).toContain('Odd')
  expect(text).not.toMatch(/of long ago|"goEasy": \["|"watch"/)
  expect((await hall.sql('select snapshot::text as text from run where id = $1', [newRun]))[0]!.text).toMatch(/"goEasy": \["/)
  expect((await noted('limitsCleared')).map(({ person_id }) => person_id)).toContain('ilse')
  expect((await hall.get(`/api/classes/${old}`)).status).toBe(200)
})
