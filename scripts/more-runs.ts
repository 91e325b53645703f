import { fileURLToPath } from 'node:url'
import type { Plugin } from 'vite'

const repeated = fileURLToPath(new URL('../tests/fixtures/repeated-properties.ts', import.meta.url))

/** Every property is tried so many times as often as its test says: for a night, or a doubt. */
export const moreRuns = (times: number): Plugin => ({
  name: 'more-runs',
  enforce: 'pre',
  resolveId: (id, importer) => (times > 1 && id === 'fast-check' && importer !== repeated ? repeated : undefined),
})
