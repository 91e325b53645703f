import { get } from 'node:http'
import { percentile } from './clock'

const clients = 200
const commands = 20

/**
 * From a command's sending to its coming in at every one of 200 clients of one process, a command each second; the start, which
 * opens the first lines to the database, is not counted.
 */
export async function benchCrowd(base: string, runId: string): Promise<void> {
  const sentAt = new Map<number, number>()
  const delays: number[] = []
  const answers: number[] = []
  let connected = 0
  // Plain sockets: what is to be weighed is the server, not two hundred readers in one process.
  const listening = Array.from({ length: clients }, () =>
    get(`${base}/api/runs/${runId}/events`, { agent: false }, (response) =>
      response.setEncoding('utf8').on('data', (text: string) => {
        if (text.includes('event: snapshot')) connected++
        const came = performance.now()
        for (const [, sequence] of text.matchAll(/^id: (\d+)$/gm)) {
          const sent = sentAt.get(Number(sequence))
          if (sent !== undefined) delays.push(came - sent)
        }
      }),
    ),
  )
  while (connected < clients) await new Promise((resolve) => setTimeout(resolve, 50))
  for (let sequence = 0; sequence <= commands; sequence++) {
    const type = sequence === 0 ? 'start' : sequence % 2 === 1 ? 'hold' : 'release'
    const sent = performance.now()
    if (sequence > 0) sentAt.set(sequence + 1, sent)
    await fetch(`${base}/api/runs/${runId}/commands`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id: crypto.randomUUID(), expectedSequence: sequence, who: 'Bench', command: { type } }),
    })
    if (sequence > 0) answers.push(performance.now() - sent)
    await new Promise((resolve) => setTimeout(resolve, 1000))
  }
  for (const request of listening) request.destroy()
  const p99 = percentile(delays, 0.99)
  console.log(
    `A command each second to ${clients} clients of one process: ${delays.length} of ${clients * commands} came, the answer to who sent it after ${percentile(answers, 0.5).toFixed(0)} ms; p50 ${percentile(delays, 0.5).toFixed(0)} ms, p99 ${p99.toFixed(0)} ms (aim 100 ms: ratio ${(p99 / 100).toFixed(2)})`,
  )
}
