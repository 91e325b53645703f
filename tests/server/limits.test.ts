import { afterAll, beforeAll, expect, it } from 'vitest'
import { makeRun, openHall, press, type Hall } from '../fixtures/hall'
import { joinAs, password, stranger } from '../fixtures/members'

/** How often somebody may: other tests ask a great deal of an app in a short time, and there it is not looked at. */
let hall: Hall
let base: string
beforeAll(async () => {
  hall = await openHall({ RATE_LIMITS: 'on' })
  ;({ base } = hall.server)
})
afterAll(() => hall.close())

it('a password is refused to who guesses, after ten wrong ones, and not to others', async () => {
  const [ada, bo] = [await joinAs('coach', base, hall), await joinAs('coach', base, hall)]
  const tries: number[] = []
  for (let n = 0; n < 12; n++) tries.push((await stranger(base).post('/api/session', { email: ada.email, password: 'guess' })).status)
  expect(tries).toEqual([...Array<number>(10).fill(401), 429, 429])
  expect((await stranger(base).post('/api/session', { email: bo.email, password })).status).toBe(200)
})

it('who guesses the code of a screen is slowed down', async () => {
  const runId = await makeRun(hall, 'demo-lunch')
  const guess = () => hall.post(`/api/runs/${runId}/pairings`, { code: 'AAAA', show: { screen: 'wall', layout: 'far' } })
  const statuses = await Promise.all(Array.from({ length: 40 }, async () => (await guess()).status))
  expect([...new Set(statuses)].sort()).toEqual([404, 429])
})

it('a card asks only so often a minute', async () => {
  const runId = await makeRun(hall, 'demo-short')
  await press(hall, runId, 0, 'start')
  const { token } = (await hall.post(`/api/runs/${runId}/links/card`)).body.links[0]
  const answers: number[] = []
  for (let ask = 0; ask < 14; ask++)
    answers.push((await hall.post(`/api/screens/${token}/asks`, { ask: ask % 2 ? 'usual' : 'easier' })).status)
  expect(answers).toEqual([...Array(12).fill(200), 429, 429])
})
