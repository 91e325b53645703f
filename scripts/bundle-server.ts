import { execFile } from 'node:child_process'
import { promisify } from 'node:util'
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
    external: ['pino', 'piscina', 'pg-native', '@node-rs/argon2'],
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  }
  // The app and all that it uses in one file, which begins sooner; what starts it keeps it compiled, which needs a plain script.
  await build({
    ...common,
    entryPoints: ['src/server/main.ts'],
    outfile: 'dist/server/app.cjs',
    format: 'cjs',
    banner: { js: "const ownUrl = require('node:url').pathToFileURL(__filename).href;" },
    alias: { '#app': `${root}dist/server/entry.mjs` },
    define: { 'process.env.NODE_ENV': '"production"', 'import.meta.url': 'ownUrl' },
  })
  await build({ ...common, entryPoints: ['src/server/start.ts'], outfile: 'dist/server/main.mjs', banner: {} })
  await promisify(execFile)(process.execPath, ['dist/server/main.mjs', '--keep-compiled'], {
    cwd: root,
    env: { ...process.env, HOST: '127.0.0.1', PORT: '0', LOG_LEVEL: 'silent', DATABASE_URL: 'postgres://127.0.0.1:1/none' },
  })
  await build({
    ...common,
    entryPoints: ['migrate', 'seed', 'erase-again', 'owner-link'].map((script) => `scripts/${script}.ts`),
    outdir: 'dist/scripts',
    splitting: true,
    outExtension: { '.js': '.mjs' },
  })
  // Nothing but the core: a thread of its own begins sooner with one file.
  await compressAssets(`${root}dist/client`)
  await build({ ...common, entryPoints: ['src/workers/jobs.worker.ts'], outfile: 'dist/server/jobs/jobs.mjs' })
}
