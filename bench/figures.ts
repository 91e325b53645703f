import type { Browser, CDPSession, Page } from '@playwright/test'
import type { ClassDocument } from '../src/core/class/class-document'
import type { Circuit } from '../src/core/plan/plan'
import { demoClasses } from '../scripts/demo/classes'
import { libraryExercises } from '../scripts/library/exercises'
import { asker, press } from '../tests/fixtures/hall'
import { percentile } from './clock'

const aimMs = 4
const seconds = 6

/** The lunch class with twelve stations, each with another movement. */
function ofTwelve(): ClassDocument {
  const document = structuredClone(demoClasses(new Date()).find(({ id }) => id === 'demo-lunch')!.document)
  const circuit = document.plan.parts
    .flatMap(({ pieces }) => pieces)
    .find((piece) => piece.type === 'circuit' && piece.travel === 'rotate') as Circuit
  circuit.stations = Array.from({ length: 12 }, (_, index) => ({
    ...structuredClone(circuit.stations[0]!),
    id: `s${index}`,
    uses: [
      {
        ...structuredClone(circuit.stations[0]!.uses[0]!),
        id: `u${index}`,
        exerciseId: libraryExercises[index * 11]!.id,
        optionId: undefined,
      },
    ],
  }))
  delete document.spots
  delete document.arranged
  return { ...document, name: 'Twelve', groupSize: 'fit' }
}

interface Spent {
  script: number
  frames: number
  /** How late a timer of 50 ms is while it goes on: what a cue has to get past. */
  late: number[]
}

async function spent(page: Page, session: CDPSession): Promise<Spent> {
  const scriptSeconds = async () =>
    (await session.send('Performance.getMetrics')).metrics.find(({ name }) => name === 'ScriptDuration')!.value
  const before = await scriptSeconds()
  const { frames, late } = await page.evaluate(async (length) => {
    let frames = 0
    const late: number[] = []
    const end = performance.now() + length * 1000
    const count = () => {
      frames++
      if (performance.now() < end) requestAnimationFrame(count)
    }
    requestAnimationFrame(count)
    for (let due = performance.now() + 50; due < end; due += 50) {
      await new Promise((done) => setTimeout(done, due - performance.now()))
      late.push(performance.now() - due)
    }
    return { frames, late }
  }, seconds)
  return { script: (await scriptSeconds()) - before, frames, late }
}

/** What twelve moving figures cost a wall, beside the same wall with the figures still, in script time a frame and in lateness. */
export async function benchFigures(browser: Browser, base: string): Promise<void> {
  const hall = asker(base)
  const { post } = hall
  const made = await post('/api/classes', ofTwelve())
  const run = await post(`/api/classes/${made.body.id}/runs`)
  const screens = await (await fetch(`${base}/runs/${run.body.id}/screens`)).text()
  const wall = /\/wall\/[\w-]+/.exec(screens)![0]
  let sequence = 0
  const command = (type: 'start' | 'skip') => press(hall, run.body.id, sequence++, type)
  await command('start')
  for (let phase = 0; phase < 10; phase++) await command('skip')
  console.log('Twelve figures on the wall: script a frame, a timer late (p50, p99)')
  const shown: Record<string, Spent> = {}
  for (const motion of ['no-preference', 'reduce'] as const) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 720 }, reducedMotion: motion })
    const page = await context.newPage()
    const session = await context.newCDPSession(page)
    await session.send('Performance.enable')
    await page.goto(base + wall)
    await page.getByTestId('digits').waitFor()
    await page.waitForTimeout(1000)
    await page.getByTestId('word').filter({ hasText: 'Work' }).waitFor()
    const figures = await page.getByRole('img').count()
    shown[motion] = await spent(page, session)
    const { script, frames, late } = shown[motion]
    console.log(
      `  ${motion === 'reduce' ? 'still ' : 'moving'}  ${((1000 * script) / frames).toFixed(2)} ms, ${percentile(late, 0.5).toFixed(1)}, ${percentile(late, 0.99).toFixed(1)} ms late; ${figures} figures, ${(frames / seconds).toFixed(0)} frames a second`,
    )
    await context.close()
  }
  const perFrame = ({ script, frames }: Spent) => (1000 * script) / frames
  const more = perFrame(shown['no-preference']!) - perFrame(shown.reduce!)
  console.log(`  ${more.toFixed(2)} ms a frame more (aim ${aimMs}: ratio ${(more / aimMs).toFixed(2)})`)
}
