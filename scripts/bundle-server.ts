import { build } from 'esbuild'
import { fileURLToPath } from 'node:url'
import { compressAssets } from './compress-assets.ts'

/**
 * Makes what the app needs beside its pages: the server around them, the jobs that run on threads of their own, and compressed
 * copies of what browsers load.
 */
export async function bundleServer(): Promise<void> {
  const root = fileURLToPath(new URL('..', import.meta.url))
  const common = {
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    absWorkingDir: root,
    logLevel: 'warning',
  } as const
  await build({ ...common, entryPoints: ['src/server/main.ts'], outfile: 'dist/server/main.mjs' })
  // Nothing but the core: a thread of its own begins sooner with one file.
  await compressAssets(`${root}dist/client`)
  await build({ ...common, packages: 'bundle', entryPoints: ['src/workers/jobs.worker.ts'], outfile: 'dist/server/jobs/jobs.mjs' })
}
