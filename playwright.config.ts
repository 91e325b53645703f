import { readdirSync } from 'node:fs'
import { defineConfig } from '@playwright/test'
import { chromiumWithout } from './scripts/chromium'
import { likeThis } from './tests/e2e/device'
import { drawTurn } from './tests/fixtures/turns'

/** Files come in another order every time, the same in each worker. */
process.env.SPEC_ORDER ??= readdirSync('tests/e2e')
  .filter((file) => file.endsWith('.spec.ts'))
  .map((file) => ({ file, at: Math.random() }))
  .sort((a, b) => a.at - b.at)
  .map(({ file }) => file)
  .join(' ')
const named = drawTurn()

/** By this a frame is told apart from the one before it on the same page, which takes a quarter of what the browser does for a page. */
const chromium = chromiumWithout('RenderDocument')

export default defineConfig({
  testMatch: named ? '*.spec.ts' : 'in-random-order.ts',
  testDir: 'tests/e2e',
  globalSetup: './tests/fixtures/template.ts',
  // Tests are shared out between the workers, each of which has an app and a database of its own.
  workers: 2,
  fullyParallel: true,
  // Bounds for a machine that crawls: what is right never waits so long.
  timeout: 400_000,
  expect: { timeout: 30_000 },
  use: {
    actionTimeout: 60_000,
    ...likeThis,
    contextOptions: { reducedMotion: likeThis.reducedMotion },
    // Windows of the app share a process, and what it has compiled. Each page runs for seconds: to optimize it takes longer than it saves.
    launchOptions: { ...chromium, args: [...chromium.args, '--process-per-site', '--js-flags=--no-maglev --no-turbofan'] },
  },
})
