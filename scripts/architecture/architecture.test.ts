import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { floors } from './floors'
import { picture } from './draw'
import { circlesIn, importsIn } from './imports'

const core = 'src/core'
const imports = importsIn(core)

const sources = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.(?:[cm]?[jt]sx?|astro|css)$/.test(file) && !file.includes('.test.'))
    .map((file) => join(folder, file))

const tests = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.(?:test|spec)\.tsx?$/.test(file))
    .map((file) => join(folder, file))

describe('the house', () => {
  it('has no circle of files, types counted too', () => {
    expect(circlesIn(importsIn('src'))).toEqual([])
    expect(circlesIn([...imports, { from: 'base/units.ts', to: 'records/standing.ts' }]).length).toBeGreaterThan(0)
  })

  it('has no arrow of the core that points up', () => {
    const at = (file: string) => floors.findIndex(([floor]) => floor === dirname(file))
    const pointsUp = ({ from, to }: { from: string; to: string }) => at(to) > at(from)
    expect(imports.filter(pointsUp)).toEqual([])
    expect(pointsUp({ from: 'base/units.ts', to: 'records/standing.ts' })).toBe(true)
  })

  it('has each folder of the core on one floor', () => {
    const folders = [...new Set(imports.flatMap(({ from, to }) => [dirname(from), dirname(to)]))]
    const named = floors.map(([floor]) => floor)
    expect(folders.filter((folder) => !named.includes(folder))).toEqual([])
    expect(named.filter((floor) => !readdirSync(join(core, floor)).some((file) => file.endsWith('.ts')))).toEqual([])
  })

  it('says at the door of each room what it is', () => {
    for (const [floor] of floors) {
      const readme = join(core, floor, 'README.md')
      expect(existsSync(readme), readme).toBe(true)
      const lines = readFileSync(readme, 'utf8').trim().split('\n')
      expect(lines.length, readme).toBeLessThanOrEqual(12)
      for (const word of ['**Takes**', '**Gives**', '**Begin**']) expect(lines.join('\n'), readme).toContain(word)
      const uses = floors
        .map(([name]) => name)
        .filter((name) => name !== floor && imports.some(({ from, to }) => dirname(from) === floor && dirname(to) === name))
      expect(lines, readme).toContain(`- **Uses** ${uses.join(', ') || 'nothing'}.`)
    }
  })

  it('bounds its tests in one place: a machine that crawls passes them too', () => {
    const ownBound = /^ *\}, (?:[\d_]+|\{ timeout)|test\.(?:setTimeout|slow)\(/m
    const files = [...tests('src'), ...tests('scripts'), ...tests('tests')]
    expect(files.length).toBeGreaterThan(100)
    expect(files.filter((file) => ownBound.test(readFileSync(file, 'utf8')))).toEqual([])
    expect(ownBound.test("  it('waits', () => {\n  }, 30_000)")).toBe(true)
  })

  it('brings no package that nothing uses', () => {
    const brought = (folder: string) => JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8')) as Record<string, object | undefined>
    const packages = Object.keys(brought('.').dependencies!)
    const wanted = new Set(packages.flatMap((name) => Object.keys(brought(join('node_modules', name)).peerDependencies ?? {})))
    const written = ['astro.config.mjs', ...['src', 'scripts'].flatMap(sources)].map((file) => readFileSync(file, 'utf8')).join('\n')
    const isUsed = (name: string) => wanted.has(name) || [`'${name}'`, `'${name}/`].some((words) => written.includes(words))
    expect(packages.filter((name) => !isUsed(name))).toEqual([])
    expect(isUsed('a-package-that-nobody-uses')).toBe(false)
  })

  it('is drawn as it is', () => {
    expect(readFileSync('docs/architecture.svg', 'utf8')).toBe(picture(imports))
  })
})
