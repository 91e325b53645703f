import { readFileSync, writeFileSync } from 'node:fs'
import { createRequire, Module } from 'node:module'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { constants, Script } from 'node:vm'

/**
 * Begins the app from what Node had compiled of it when it was built (`app.compiled`): it serves a third sooner, and so a class
 * hears again sooner after a crash. Another version of Node takes no notice of that, and compiles anew.
 */
const path = fileURLToPath(new URL('app.cjs', import.meta.url))
const kept = fileURLToPath(new URL('app.compiled', import.meta.url))
const keeps = process.argv.includes('--keep-compiled')

const script = new Script(Module.wrap(readFileSync(path, 'utf8')), {
  filename: path,
  ...(!keeps && { cachedData: readFileSync(kept) }),
  importModuleDynamically: constants.USE_MAIN_CONTEXT_DEFAULT_LOADER,
})
const app = { exports: {} as { served: Promise<string | undefined> } }
script.runInThisContext()(app.exports, createRequire(path), app, path, dirname(path))

if (keeps) {
  // With its first answer the rest of the app is read; there is no database for it yet.
  await fetch(`${await app.exports.served}/api/health`)
  writeFileSync(kept, script.createCachedData())
  process.exit()
}
