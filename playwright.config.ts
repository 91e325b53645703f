import { defineConfig } from '@playwright/test'

import { readdirSync } from 'node:fs'

const quiet = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]

export default defineConfig({
  testDir: 'tests/e2e',
  globalSetup: './tests/fixtures/template.ts',
  // Tests are shared out between the workers, each of which has an app and a database of its own; files come in another order every time.
  workers: 2,
  fullyParallel: true,
  projects: readdirSync('tests/e2e')
    .filter((file) => file.endsWith('.spec.ts'))
    .map((file) => ({ file, at: Math.random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ file }) => ({ name: file.replace('.spec.ts', ''), testMatch: file })),
  // Bounds for a machine that crawls: what is right never waits so long.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // Nothing is looked at here: no frames are painted for the eye alone.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: { executablePath: '/usr/bin/chromium', args: [...quiet, '--autoplay-policy=no-user-gesture-required'] },
  },
})
