import { readFile } from 'node:fs/promises'
import { dirname, join } from 'node:path'
import type { Plugin, Rollup } from 'vite'

/** Libraries that have everything behind one door: what is taken from it says nothing of what is needed. */
const doors = /^(@mantine\/(core|dates|form|hooks)|es-toolkit)$/

type Program = ReturnType<Rollup.PluginContext['parse']>
type Import = Extract<Program['body'][number], { type: 'ImportDeclaration' }> & { start: number; end: number }

/**
 * Takes what a module imports by a library's door straight from the file where it is, so that it is known which page needs what, and
 * the rest of the library is not even read.
 */
export const straightImports = {
  name: 'straight-imports',
  apply: 'build',
  enforce: 'post',
  applyToEnvironment: (environment) => environment.name === 'client',
  async transform(code, id) {
    if (!code.includes('@mantine/') && !code.includes('es-toolkit')) return undefined
    let straight = code
    for (const statement of importsOf(this.parse(code)).reverse()) {
      const source = String(statement.source.value)
      if (!doors.test(source)) continue
      const door = (await this.resolve(source, id))!.id
      const origins = behind.get(door) ?? originsBehind(door, this.parse(await readFile(door, 'utf8')))
      behind.set(door, origins)
      straight = straight.slice(0, statement.start) + straightly(statement, origins, code) + straight.slice(statement.end)
    }
    return straight === code ? undefined : { code: straight, map: null }
  },
} satisfies Plugin

/** Of each door that was met. */
const behind = new Map<string, Map<string, Origin>>()

const importsOf = (program: Program) => program.body.filter((statement): statement is Import => statement.type === 'ImportDeclaration')

interface Origin {
  file: string
  name: string
}

/** Where each name is that a door gives on. */
function originsBehind(door: string, program: Program): Map<string, Origin> {
  const taken = new Map<string, Origin>()
  for (const { source, specifiers } of importsOf(program))
    for (const each of specifiers)
      if (each.type === 'ImportSpecifier' && String(source.value).startsWith('.'))
        taken.set(each.local.name, { file: join(dirname(door), String(source.value)), name: nameOf(each.imported) })
  const given = program.body.flatMap((statement) =>
    statement.type === 'ExportNamedDeclaration' && !statement.source ? statement.specifiers : [],
  )
  return new Map(given.flatMap(({ local, exported }) => (taken.has(nameOf(local)) ? [[nameOf(exported), taken.get(nameOf(local))!]] : [])))
}

const nameOf = (name: { type: 'Identifier'; name: string } | { type: 'Literal'; value?: unknown }) =>
  name.type === 'Identifier' ? name.name : String(name.value)

/** The same import, each name from the file where it is; as it stands where one is not found so. */
function straightly(statement: Import, origins: ReadonlyMap<string, Origin>, code: string): string {
  const straight = statement.specifiers.map((each) => {
    const origin = each.type === 'ImportSpecifier' && origins.get(nameOf(each.imported))
    return origin && `import { ${origin.name} as ${each.local.name} } from ${JSON.stringify(origin.file)};`
  })
  return straight.every(Boolean) ? straight.join('') : code.slice(statement.start, statement.end)
}
