import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { get, type ClientRequest } from 'node:http'
import { openHall, press, type Hall } from '../tests/fixtures/hall'
import { percentile } from './clock'

const streams = 40
const rounds = Number(process.env.ROUNDS ?? 5)
/** A p99 of beats, which come every five seconds, wants more than two of them. */
const secondsEach = 30

interface Measured {
  commands: number[]
  stops: number[]
  beats: number[]
  loop: number
  megabytes: number
}

/** From a command's sending to its coming in at every client; how long a stop takes to be answered; and by how much beats come late. */
async function measure(hall: Hall, seconds: number): Promise<Measured> {
  const { id } = (await hall.post('/api/classes', (await hall.get('/api/classes/demo-lunch')).body.document)).body as { id: string }
  const runId = (await hall.post(`/api/classes/${id}/runs`)).body.id as string
  const sent = new Map<number, number>()
  const found: Measured = { commands: [], stops: [], beats: [], loop: 0, megabytes: 0 }
  let connected = 0
  const open = new Set<ClientRequest>()
  const listen = () => {
    const request = get(`${hall.server.base}/api/runs/${runId}/events`, { agent: false }, (response) => {
      // As browsers do: who is told to wait asks again.
      if (response.statusCode !== 200) {
        open.delete(request)
        request.destroy()
        return void setTimeout(listen, 300)
      }
      let last: number | undefined
      response.setEncoding('utf8').on('data', (text: string) => {
        const now = performance.now()
        if (text.includes('event: snapshot')) connected++
        if (text.includes('event: beat')) {
          if (last !== undefined) found.beats.push(Math.max(0, now - last - 5000))
          last = now
        }
        for (const [, sequence] of text.matchAll(/^id: (\d+)$/gm)) {
          const at = sent.get(Number(sequence))
          if (at !== undefined) found.commands.push(now - at)
        }
      })
    })
    request.on('error', () => {})
    open.add(request)
  }
  for (let screen = 0; screen < streams; screen++) listen()
  while (connected < streams) await new Promise((resolve) => setTimeout(resolve, 20))
  await press(hall, runId, 0, 'start')
  let sequence = 1
  const until = performance.now() + seconds * 1000
  while (performance.now() < until) {
    const isStop = sequence % 4 === 1
    const began = performance.now()
    if (sequence > 8) sent.set(sequence + 1, began)
    const { status } = await press(
      hall,
      runId,
      sequence,
      isStop ? 'stop' : sequence % 4 === 2 ? 'resume' : sequence % 4 === 3 ? 'hold' : 'release',
    )
    if (status !== 200) throw new Error(`a command was answered with ${status}`)
    // The first few open the lines to the database, and are compiled.
    if (isStop && sequence > 8) found.stops.push(performance.now() - began)
    sequence++
    found.megabytes = Math.max(
      found.megabytes,
      Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${hall.server.pid}/status`, 'utf8'))![1]) / 1024,
    )
    await new Promise((resolve) => setTimeout(resolve, 40))
  }
  found.loop = (await hall.get('/api/health')).body.loopDelayMs as number
  for (const request of open) request.destroy()
  return found
}

const line = (what: string, { commands, stops, beats, loop, megabytes }: Measured) =>
  console.log(
    `  ${what}  command to client p99 ${percentile(commands, 0.99).toFixed(0)} ms · stop p99 ${percentile(stops, 0.99).toFixed(0)} ms · beat late p99 ${percentile(beats, 0.99).toFixed(0)} ms · loop delay p99 ${loop.toFixed(0)} ms · ${megabytes.toFixed(0)} MB`,
  )

const median = (values: number[]) => percentile(values, 0.5)

/**
 * What a room notices while every computation and the heaviest pages are asked for as fast as they are answered: beside a quiet
 * time, in the same process.
 */
export async function benchFlood(template: string): Promise<void> {
  process.env.TEMPLATE_DATABASE = template
  console.log(
    `A room of ${streams} screens while the app is flooded with its heaviest legal requests (rate limits lifted; aims: each p99 under 100 ms and within 3 times of quiet, loop delay under 50 ms, under 500 MB)`,
  )
  const ratios: { quiet: Measured; flooded: Measured }[] = []
  for (let round = 0; round < rounds; round++) {
    const hall = await openHall()
    const quiet = await measure(hall, secondsEach)
    // It stands for other machines: it takes no time from the app's.
    const flooder = spawn('nice', ['-n', '10', 'node', 'bench/flooder.mjs', hall.server.base, String(secondsEach + 3)], {
      stdio: ['ignore', 'pipe', 'inherit'],
    })
    let said = ''
    flooder.stdout.on('data', (text: Buffer) => (said += text.toString()))
    const over = new Promise((resolve) => flooder.once('exit', resolve))
    await new Promise((resolve) => setTimeout(resolve, 1500))
    const flooded = await measure(hall, secondsEach)
    await over
    ratios.push({ quiet, flooded })
    line('quiet  ', quiet)
    line('flooded', flooded)
    if (round === 0)
      console.log(
        `  answered: ${Object.entries(JSON.parse(said) as Record<string, Record<string, number>>)
          .map(
            ([kind, by]) =>
              `${kind} ${Object.entries(by)
                .map(([status, times]) => `${times}×${status}`)
                .join(' ')}`,
          )
          .join(' · ')}`,
      )
    await hall.close()
  }
  const both = (pick: (measured: Measured) => number) =>
    [median(ratios.map(({ flooded }) => pick(flooded))), median(ratios.map(({ quiet }) => pick(quiet)))] as const
  const told: [string, readonly [number, number], number][] = [
    ['command to client p99', both(({ commands }) => percentile(commands, 0.99)), 100],
    ['stop p99', both(({ stops }) => percentile(stops, 0.99)), 100],
    ['beat late p99', both(({ beats }) => percentile(beats, 0.99)), 100],
    ['loop delay p99', both(({ loop }) => loop), 50],
    ['memory, MB', both(({ megabytes }) => megabytes), 500],
  ]
  for (const [what, [flooded, quiet], aim] of told)
    console.log(
      `  median of ${rounds}: ${what} ${flooded.toFixed(0)} flooded, ${quiet.toFixed(0)} quiet (ratio ${(flooded / Math.max(1, quiet)).toFixed(1)}; aim ${aim}: ratio ${(flooded / aim).toFixed(2)})`,
    )
}
