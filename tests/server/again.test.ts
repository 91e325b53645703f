import { afterAll, beforeAll, expect, it } from 'vitest'
import { openHall, type Hall } from '../fixtures/hall'

let hall: Hall
beforeAll(async () => {
  hall = await openHall()
})
afterAll(() => hall.close())

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
