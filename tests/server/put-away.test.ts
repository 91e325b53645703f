import { afterAll, beforeAll, expect, it } from 'vitest'
import { everyOther } from '../fixtures/every-other'
import { makeRun, openHall, press, type Hall } from '../fixtures/hall'

let hall: Hall
beforeAll(async () => {
  hall = await openHall()
})
afterAll(() => hall.close())

const putAway = async (path: string) => (await hall.remove(path)).status
const bringBack = async (path: string) => (await hall.post(`${path}/restore`)).status
const isListed = async (name: string) => ((await hall.get('/put-away')).body as string).includes(name)

it('an entry of the log is put away and brought back, but not while its class is under way', async () => {
  const runId = await makeRun(hall, 'demo-lunch', (document) => (document.name = 'Ember Hour'))
  const path = `/api/runs/${runId}`
  await press(hall, runId, 0, 'start')
  expect(await hall.remove(path)).toMatchObject({ status: 409, body: { errors: [{ code: 'underWay' }] } })
  await press(hall, runId, 1, 'finish')
  const inLog = async () => ((await hall.get('/log')).body as string).includes('Ember Hour')
  expect([await inLog(), await isListed('Ember Hour')]).toEqual([true, false])
  expect(await putAway(path)).toBe(200)
  expect([await inLog(), await isListed('Ember Hour')]).toEqual([false, true])
  expect(await bringBack(path)).toBe(200)
  expect(await inLog()).toBe(true)
  expect(await putAway('/api/runs/nobody')).toBe(404)
})

it('a plan is put away and brought back', async () => {
  const isThere = async () => ((await hall.get('/plans')).body as string).includes('lunch-loop')
  expect(await putAway('/api/plans/lunch-loop')).toBe(200)
  expect([await isThere(), await isListed('lunch-loop')]).toEqual([false, true])
  expect(await bringBack('/api/plans/lunch-loop')).toBe(200)
  expect(await isThere()).toBe(true)
  expect(await putAway('/api/plans/nobody')).toBe(404)
})

everyOther()('what only stands in what was put away can be taken out; and what comes back without it still opens', async () => {
  const own = await openHall()
  const ids = async (table: string) => (await own.sql(`select id from ${table}`)).map(({ id }) => id as string)
  // What stands nowhere is only more of the same.
  const standing = `select document::text from class union all select document::text from plan`
  await own.sql(
    `delete from exercise where not exists (select from (${standing}) all_of (document) where document like '%"' || id || '"%')`,
  )
  // The same classes week after week: those of the two years before are put away at once.
  await own.sql(`update class set deleted_at = now() where id ~ '-[0-9]+$'`)
  for (const id of await ids('class where deleted_at is null')) expect((await own.remove(`/api/classes/${id}`)).status).toBe(200)
  for (const id of await ids('plan')) expect((await own.remove(`/api/plans/${id}`)).status).toBe(200)
  for (const [library, table] of [
    ['gear', 'gear_kind'],
    ['exercises', 'exercise'],
    ['rooms', 'room'],
  ] as const) {
    for (const id of await ids(table)) expect(await own.remove(`/api/${library}/${id}`), id).toMatchObject({ status: 200 })
    expect(await ids(table)).toEqual([])
  }
  expect((await own.post('/api/classes/demo-lunch/restore')).status).toBe(200)
  for (const tab of ['shape', 'people', 'room', 'gear', 'rotation', 'brief', 'run', 'log'])
    expect((await own.get(`/classes/demo-lunch/${tab}`)).status, tab).toBe(200)
  expect((await own.get('/')).status).toBe(200)
  await own.close()
})
