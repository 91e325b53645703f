import { build, type BuildOptions } from 'esbuild'
import { fileURLToPath } from 'node:url'
import { compressAssets } from './compress-assets.ts'

/**
 * Makes what the app needs beside its pages: the server around them, the jobs that run on threads of their own, the scripts that
 * ./start runs, and compressed copies of what browsers load.
 */
export async function bundleServer(): Promise<void> {
  const root = fileURLToPath(new URL('..', import.meta.url))
  const common: BuildOptions = {
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    absWorkingDir: root,
    logLevel: 'warning',
    // What begins threads of its own, or is native, stays outside.
    external: ['pino', 'piscina', 'sharp', 'pg-native', '@node-rs/argon2'],
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  }
  // The app and all that it uses in one file: it begins a third sooner, and so a class hears again sooner after a crash.
  await build({
    ...common,
    entryPoints: ['src/server/main.ts'],
    outfile: 'dist/server/main.mjs',
    alias: { '#app': `${root}dist/server/entry.mjs` },
    define: { 'process.env.NODE_ENV': '"production"' },
  })
  await build({
    ...common,
    entryPoints: ['migrate', 'seed', 'erase-again', 'owner-link'].map((script) => `scripts/${script}.ts`),
    outdir: 'dist/scripts',
    outExtension: { '.js': '.mjs' },
  })
  // Nothing but the core: a thread of its own begins sooner with one file.
  await compressAssets(`${root}dist/client`)
  await build({ ...common, entryPoints: ['src/workers/jobs.worker.ts'], outfile: 'dist/server/jobs/jobs.mjs' })
}
