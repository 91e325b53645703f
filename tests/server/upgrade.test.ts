import { execFile } from 'node:child_process'
import { mkdirSync, mkdtempSync, readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { expect, it } from 'vitest'

it('scripts of the version before are served for a day after they were replaced, and then go', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'vicinor-scripts-'))
  const assets = join(folder, 'dist/client/_astro')
  const shell = join(process.cwd(), 'scripts/shell/earlier-scripts.sh')
  const build = async (...scripts: string[]) => {
    const bash = (command: string) =>
      promisify(execFile)('bash', ['-ec', `. ${shell}; ${command}`], { cwd: folder, env: { ...process.env, DATA: join(folder, 'data') } })
    await bash('keep_earlier_scripts')
    // As the build does: everything of the one before goes.
    rmSync(assets, { recursive: true, force: true })
    mkdirSync(assets, { recursive: true })
    for (const script of scripts) writeFileSync(join(assets, script), script)
    await bash('serve_earlier_scripts')
    return readdirSync(assets).sort()
  }
  try {
    expect(await build('page.1.js', 'same.js')).toEqual(['page.1.js', 'same.js'])
    expect(await build('page.2.js', 'same.js')).toEqual(['page.1.js', 'page.2.js', 'same.js'])
    // The first was replaced more than a day ago, the second only now.
    const old = new Date(Date.now() - 25 * 3_600_000)
    utimesSync(join(folder, 'data/earlier-scripts/page.1.js'), old, old)
    expect(await build('page.3.js', 'same.js')).toEqual(['page.2.js', 'page.3.js', 'same.js'])
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
})
