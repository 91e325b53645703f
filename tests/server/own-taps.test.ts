import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { isOwnPace } from '../../src/core/timeline/phase'
import type { RunSnapshot } from '../../src/core/run/room/snapshot'
import { openHall, press, type Hall } from '../fixtures/hall'

let hall: Hall
beforeAll(async () => {
  hall = await openHall()
})
afterAll(() => hall.close())

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

it('what somebody taps on their own card counts for them, once; of others they take nothing away', async () => {
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
