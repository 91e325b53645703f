import { execFileSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { emptyDatabase, onDatabase, withFreshDatabase } from '../tests/fixtures/database'
import { asker, listenTo, makeRun, press, request, type Heard } from '../tests/fixtures/hall'
import { freePort, startServer, type RunningServer } from '../tests/fixtures/server'
import { percentile } from './clock'

/**
 * `npm run restarts`: kills the app 140 times, and restarts its database 20 times, in the middle of a class under 20 commands a
 * second; then looks whether anything was lost or doubled, whether the app died of a restart, and how soon a screen hears again.
 * POSTGRES_RESTART is a command that restarts the database.
 */
const kills = Number(process.env.KILLS ?? 140)
const restarts = Number(process.env.RESTARTS ?? 20)
const perSecond = 20

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

const { url: template, drop: dropTemplate } = await withFreshDatabase('restarts')
const { url, drop } = await emptyDatabase('restarted', template)
const port = await freePort()
let server: RunningServer = await startServer(url, { port })
const asked = asker(server.base)
const runId = await makeRun(asked, 'demo-lunch')
const path = `/api/runs/${runId}/events`
await press(asked, runId, 0, 'start')

/**
 * A screen that connects anew, as the stream asks of browsers, 200 ms after its line is lost; it has heard again once it has what was last
 * taken.
 */
const seen: number[] = []
let stopped = false
const screen = (async () => {
  while (!stopped) {
    const heard: Heard | undefined = await listenTo(server.base, path, seen.at(-1) ?? 0).catch(() => undefined)
    if (heard) {
      void heard
        .until(({ events }) => {
          for (const { sequence } of events) if (sequence > (seen.at(-1) ?? 0)) seen.push(sequence)
          return stopped
        })
        .catch(() => {})
      await heard.ended
    }
    await wait(200)
  }
})()

/** Presses like the controls do: under one id until it is taken. */
const taken: string[] = []
let sequence = 1
let pressing = true
const presses = (async () => {
  while (pressing) {
    const began = performance.now()
    const id = randomUUID()
    for (;;) {
      const answer = await asked
        .post(`/api/runs/${runId}/commands`, request(sequence, sequence % 2 ? 'hold' : 'release', id))
        .catch(() => undefined)
      if (answer?.status === 200) break
      if (answer && answer.status !== 503) throw new Error(`a press was answered with ${answer.status}: ${JSON.stringify(answer.body)}`)
      await wait(50)
    }
    taken.push(id)
    sequence++
    await wait(Math.max(0, 1000 / perSecond - (performance.now() - began)))
  }
})()

/** How long after `broken` a screen has heard what was pressed after it. */
async function untilHeard(broken: number): Promise<number> {
  const goal = taken.length + 3
  while ((seen.at(-1) ?? 0) < goal) {
    if (performance.now() - broken > 30_000) return Infinity
    await wait(5)
  }
  return performance.now() - broken
}

const afterKill: number[] = []
for (let kill = 0; kill < kills; kill++) {
  await wait(100 + Math.random() * 200)
  await server.kill()
  const began = performance.now()
  server = await startServer(url, { port })
  afterKill.push(await untilHeard(began))
}
const afterRestart: number[] = []
let died = 0
for (let restart = 0; restart < restarts; restart++) {
  await wait(300 + Math.random() * 300)
  execFileSync('bash', ['-c', process.env.POSTGRES_RESTART!], { stdio: 'ignore' })
  const back = performance.now()
  afterRestart.push(await untilHeard(back))
  if (
    !(await fetch(`${server.base}/api/health`).then(
      (response) => response.ok,
      () => false,
    ))
  )
    died++
}
pressing = false
await presses
await untilHeard(performance.now()).catch(() => {})
stopped = true
const rows = await onDatabase<{ id: string; sequence: number }>(
  url,
  'select id, sequence from run_event where run_id = $1 and sequence > 1 order by sequence',
  [runId],
)
const lost = taken.filter((id) => !rows.some((row) => row.id === id)).length
const doubled = rows.length - new Set(rows.map(({ id }) => id)).size
const gaps = seen.filter((number, index) => index > 0 && number !== seen[index - 1]! + 1).length
const figures = (values: number[]) => `p50 ${percentile(values, 0.5).toFixed(0)} ms, p99 ${percentile(values, 0.99).toFixed(0)} ms`
console.log(
  `${kills} kills of the app and ${restarts} restarts of PostgreSQL under ${perSecond} commands a second: ${taken.length} commands taken, ${lost} lost, ${doubled} doubled, ${gaps} gaps at the screen, the app died of a restart ${died} times.`,
)
console.log(
  `A screen heard again: ${figures(afterKill)} after the app was started anew; ${figures(afterRestart)} after the database was back (aim 1000 ms).`,
)
await server.kill()
await Promise.race([screen, wait(2000)])
await drop()
await dropTemplate()
process.exit(lost + doubled + gaps + died === 0 ? 0 : 1)
