import type { RunEvent } from '../src/core/run/events'
import { percentile } from './clock'

const clients = 200
const commands = 10

/** From a command's sending to its coming in at every one of 200 clients of one process, a command each second. */
export async function benchCrowd(base: string, runId: string): Promise<void> {
  const sentAt = new Map<number, number>()
  const delays: number[] = []
  const stop = new AbortController()
  const listen = async () => {
    const response = await fetch(`${base}/api/runs/${runId}/events`, { signal: stop.signal })
    const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader()
    let rest = ''
    for (;;) {
      const { done, value } = await reader.read()
      if (done) return
      const came = performance.now()
      rest += value
      const messages = rest.split('\n\n')
      rest = messages.pop()!
      for (const message of messages) {
        const data = /^event: run\ndata: (.*)$/m.exec(message)?.[1]
        const sent = data && sentAt.get((JSON.parse(data) as RunEvent).sequence)
        if (sent) delays.push(came - sent)
      }
    }
  }
  const listening = Array.from({ length: clients }, () => listen().catch(() => {}))
  await new Promise((resolve) => setTimeout(resolve, 2000))
  for (let sequence = 0; sequence <= commands; sequence++) {
    const type = sequence === 0 ? 'start' : sequence % 2 === 1 ? 'hold' : 'release'
    sentAt.set(sequence + 1, performance.now())
    await fetch(`${base}/api/runs/${runId}/commands`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ id: crypto.randomUUID(), expectedSequence: sequence, who: 'Bench', command: { type } }) })
    await new Promise((resolve) => setTimeout(resolve, 1000))
  }
  stop.abort()
  await Promise.all(listening)
  const p99 = percentile(delays, 0.99)
  console.log(`A command each second to ${clients} clients of one process: ${delays.length} of ${clients * (commands + 1)} came, p50 ${percentile(delays, 0.5).toFixed(0)} ms, p99 ${p99.toFixed(0)} ms (aim 100 ms: ratio ${(p99 / 100).toFixed(2)})`)
}
