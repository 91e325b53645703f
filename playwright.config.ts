import { readdirSync } from 'node:fs'
import { defineConfig } from '@playwright/test'
import { debianChromium } from './scripts/chromium'

/** Files come in another order every time, the same in each worker. */
process.env.SPEC_ORDER ??= readdirSync('tests/e2e')
  .filter((file) => file.endsWith('.spec.ts'))
  .map((file) => ({ file, at: Math.random() }))
  .sort((a, b) => a.at - b.at)
  .map(({ file }) => file)
  .join(' ')
/** By the file's name one of them runs alone, and then all of it. */
const named = process.argv.some((word) => word.includes('.spec'))
if (named) process.env.EVERY ??= '1'
process.env.TURN ??= String(Math.floor(Math.random() * 6))

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
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // Nothing is looked at here: no frames are painted for the eye alone.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: debianChromium,
  },
})
