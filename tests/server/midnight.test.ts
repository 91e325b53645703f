import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { onDatabase, withFreshDatabase } from '../fixtures/database'
import { asker, makeClass, press, type Asker } from '../fixtures/hall'
import { startServer, type RunningServer } from '../fixtures/server'
import { inTurn } from '../fixtures/turns'

/** Five minutes before midnight, by the hall's own clocks, wherever the machine is. */
for (const zone of inTurn(['Pacific/Auckland', 'America/Los_Angeles'], 2)) {
  describe(`at 23:55 in ${zone}`, () => {
    let server: RunningServer
    let hall: Asker
    let url: string
    let drop: () => Promise<void>
    const zoneBefore = process.env.TZ
    beforeAll(async () => {
      process.env.TZ = zone
      const made = await withFreshDatabase('midnight', '23:55')
      drop = made.drop
      url = made.url
      server = await startServer(made.url)
      hall = asker(server.base)
    })
    afterAll(async () => {
      process.env.TZ = zoneBefore ?? ''
      if (zoneBefore === undefined) delete process.env.TZ
      await server.kill()
      await drop()
    })

    it('today’s classes are on the first page', async () => {
      const { body } = await hall.get('/')
      for (const id of ['demo-lunch', 'demo-evening', 'demo-short']) expect(body).toContain(id)
    })

    it('a class that goes on past midnight is there the day after, and its run stands in the log by its own day', async () => {
      const { now } = (await hall.get('/api/time')).body as { now: number }
      const { id } = await makeClass(hall, 'demo-short', (document) => {
        document.name = 'Over midnight'
        document.startsAt = new Date(now - 60_000).toISOString()
      })
      const runId = (await hall.post(`/api/classes/${id}/runs`)).body.id as string
      await press(hall, runId, 0, 'start')
      const tomorrow = new Date(now + 86_400_000).toISOString().slice(0, 10)
      expect((await hall.get(`/?from=${tomorrow}`)).status).toBe(200)
      expect((await hall.get('/log')).body).toContain('Over midnight')
      // Ten minutes on, it is the next day.
      await onDatabase(url, 'update room_clock set offset_ms = 600000')
      const later = await startServer(url)
      const { status, body: after } = await asker(later.base).get('/')
      expect([status, later.said()]).toEqual([200, ''])
      expect(after).toContain('Over midnight')
      expect(after).not.toContain('demo-evening')
      await later.kill()
    })
  })
}
