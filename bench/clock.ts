import type { Browser, Page } from '@playwright/test'
import { estimateOffset } from '../src/core/clock/estimate'
import { foldEvents } from '../src/core/run/clock/apply'
import type { RunEvent } from '../src/core/run/clock/events'
import { stateAt } from '../src/core/run/clock/state'
import { SimulatedWall } from '../src/stand-ins/wall'
import { snapshotOf } from '../tests/fixtures/demo-run'

/** The value below which a share of the sorted values lies. */
export function percentile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN
}

/**
 * How late cues are in a browser: put onto the audio clock ahead of time, beside a plain loop of an interval timer; idle, and with
 * the page's thread blocked.
 */
export async function benchCues(browser: Browser, base: string): Promise<void> {
  console.log('Cues in Chromium, 24 of each, ms late (p50, p99)')
  for (const blocked of [false, true]) {
    const page = await browser.newPage()
    await page.goto(base)
    const { ours, plain } = await measured(page, blocked)
    const line = (what: string, late: number[]) =>
      console.log(
        `  ${blocked ? 'thread blocked' : 'idle          '}  ${what}: ${percentile(late, 0.5).toFixed(1)}, ${percentile(late, 0.99).toFixed(1)}`,
      )
    line('on the audio clock ', ours)
    line('plain interval loop', plain)
    await page.close()
  }
}

function measured(page: Page, blocked: boolean): Promise<{ ours: number[]; plain: number[] }> {
  return page.evaluate(async (busy) => {
    const count = 24
    const every = 0.25
    const audio = new AudioContext()
    await audio.resume()
    // Tells, sample by sample, when something begins to sound.
    const source =
      'registerProcessor("onset", class extends AudioWorkletProcessor { constructor() { super(); this.quiet = 0 } process([[input]]) { if (input) for (let i = 0; i < input.length; i++) { if (Math.abs(input[i]) > 0.01) { if (this.quiet > 2000) this.port.postMessage((currentFrame + i) / sampleRate); this.quiet = 0 } else this.quiet++ } return true } })'
    await audio.audioWorklet.addModule(URL.createObjectURL(new Blob([source], { type: 'text/javascript' })))
    const onset = new AudioWorkletNode(audio, 'onset')
    onset.connect(audio.destination)
    const heard: number[] = []
    onset.port.onmessage = ({ data }) => heard.push(data as number)
    const first = audio.currentTime + 1
    const zero = performance.now() + 1000
    for (let cue = 0; cue < count; cue++) {
      const sound = new ConstantSourceNode(audio, { offset: 0.5 })
      sound.connect(onset)
      sound.start(first + cue * every)
      sound.stop(first + cue * every + 0.05)
    }
    const plain: number[] = []
    let due = 0
    const loop = setInterval(() => {
      for (; due < count && performance.now() >= zero + due * every * 1000; due++) plain.push(performance.now() - zero - due * every * 1000)
    }, 100)
    const block = busy
      ? setInterval(() => {
          for (const until = performance.now() + 300; performance.now() < until;);
        }, 400)
      : undefined
    await new Promise((resolve) => setTimeout(resolve, 1000 + count * every * 1000 + 800))
    clearInterval(loop)
    clearInterval(block)
    await new Promise((resolve) => setTimeout(resolve, 300))
    await audio.close()
    return { ours: heard.map((at, cue) => (at - first - cue * every) * 1000), plain }
  }, blocked)
}

/**
 * How far a screen whose own clock runs 200 ppm fast is off over a class of an hour: ours, which asks the server, beside one that
 * counts by itself.
 */
export function benchDrift(): void {
  const lunch = snapshotOf('demo-lunch')
  const { timeline } = lunch
  const hour: RunEvent[] = [{ sequence: 1, id: 'a', at: 0, who: 'Coach', command: { type: 'start' } }]
  const long = { ...timeline, phases: [{ ...timeline.phases[0]!, seconds: 3600 }], total: 3600 }
  const wall = new SimulatedWall({ ...lunch, timeline: long }, { skewPpm: 200 })
  wall.send(hour[0]!, 0, 0)
  let worst = 0
  for (let truth = 0; truth < 3_600_000; truth += 10_000) {
    // Round trips of a hall's network: a few milliseconds, now and then a slow answer.
    wall.ask(truth, 2, truth % 70_000 === 0 ? 120 : 3)
    const now = stateAt(foldEvents(long, hour), truth + 9_900)
    worst = Math.max(worst, Math.abs(wall.shown(truth + 9_900).gone - now.gone))
  }
  console.log(
    `Drift over 60 minutes with a clock 200 ppm fast: ${worst.toFixed(1)} ms, counting by itself ${(3_600_000 * 200e-6).toFixed(0)} ms`,
  )
}

const asks = 12

/** One answer of the server in twenty comes up to 300 ms late. */
const lateAnswer = () => (Math.random() < 0.05 ? Math.random() * 300 : 0)

async function nodeOffset(base: string): Promise<number> {
  const samples = []
  for (let ask = 0; ask < asks; ask++) {
    const sent = performance.timeOrigin + performance.now()
    const { now } = (await (await fetch(`${base}/api/time`)).json()) as { now: number }
    await new Promise((resolve) => setTimeout(resolve, lateAnswer()))
    samples.push({ sent, received: performance.timeOrigin + performance.now(), server: now })
  }
  return estimateOffset(samples, performance.timeOrigin + performance.now())!.offset
}

async function pageOffset(page: Page): Promise<number> {
  const samples = await page.evaluate(async (count) => {
    const found = []
    for (let ask = 0; ask < count; ask++) {
      const sent = performance.timeOrigin + performance.now()
      const { now } = (await (await fetch('/api/time')).json()) as { now: number }
      found.push({ sent, received: performance.timeOrigin + performance.now(), server: now })
    }
    return found
  }, asks)
  return estimateOffset(samples, samples.at(-1)!.received)!.offset
}

/**
 * How far the instants at which screens change a phase lie apart: 20 clients and 3 browser pages, each with its own estimate of
 * the server's time.
 */
export async function benchSkew(browser: Browser, base: string): Promise<void> {
  const pages = await Promise.all(
    [0, 1, 2].map(async () => {
      const page = await browser.newPage()
      await page.goto(base)
      await page.route('**/api/time', async (route) => {
        await new Promise((resolve) => setTimeout(resolve, lateAnswer()))
        await route.continue()
      })
      return page
    }),
  )
  const offsets = await Promise.all([...Array.from({ length: 20 }, () => nodeOffset(base)), ...pages.map(pageOffset)])
  await Promise.all(pages.map((page) => page.close()))
  const apart = offsets.flatMap((one, index) => offsets.slice(index + 1).map((other) => Math.abs(one - other)))
  const p95 = percentile(apart, 0.95)
  console.log(
    `Boundaries of 20 clients and 3 pages, every twentieth answer up to 300 ms late: ${percentile(apart, 0.5).toFixed(1)} ms apart, p95 ${p95.toFixed(1)} ms (aim 16.7 ms: ratio ${(p95 / 16.7).toFixed(2)})`,
  )
}
