import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'
import { grammars } from './scripts/grammars'
import { moreRuns } from './scripts/more-runs'
import { drawTurn } from './tests/fixtures/turns'

const at = (folder: string) => fileURLToPath(new URL(folder, import.meta.url))
const alias = { '@core': at('./src/core'), '@server': at('./src/server'), '@ui': at('./src/ui') }

drawTurn()

/** How many times as often as a test says its properties are tried. */
const times = Number(process.env.MORE_RUNS ?? 1)

export default defineConfig({
  test: {
    projects: [
      {
        plugins: [grammars, moreRuns(times)],
        resolve: { alias },
        test: {
          name: 'unit',
          sequence: { shuffle: true },
          include: ['src/**/*.test.ts', 'scripts/**/*.test.ts'],
          // Beside other stages a step can take long; what is right never waits so long.
          expect: { poll: { timeout: 60_000 } },
          testTimeout: 600_000 * times,
          isolate: false,
          unstubGlobals: true,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'server',
          sequence: { shuffle: true },
          include: ['tests/server/**/*.test.ts'],
          globalSetup: 'tests/fixtures/template.ts',
          maxWorkers: 2,
          isolate: false,
          expect: { poll: { timeout: 60_000 } },
          testTimeout: 600_000,
          hookTimeout: 300_000,
        },
      },
    ],
  },
})
