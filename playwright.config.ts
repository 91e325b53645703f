import { defineConfig } from '@playwright/test'

const quiet = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync']

export default defineConfig({
  testDir: 'tests/e2e',
  // Files are shared out between the workers; within a file, tests follow one another.
  workers: 2,
  // Bounds for a machine that crawls: what is right never waits so long.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // Nothing is looked at here: no frames are painted for the eye alone.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: { executablePath: '/usr/bin/chromium', args: [...quiet, '--autoplay-policy=no-user-gesture-required'] },
  },
})
