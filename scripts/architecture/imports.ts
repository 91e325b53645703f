import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, normalize } from 'node:path'

/** From which file to which, whatever is imported: values and types. Tests are left out. */
export interface Import {
  from: string
  to: string
}

/** Every import between files of `folder`, their paths relative to it; `@ui` and its like are folders of `src`. */
export function importsIn(folder: string): Import[] {
  const all = readdirSync(folder, { recursive: true, encoding: 'utf8' }).sort()
  const files = new Set(all.filter((file) => /\.tsx?$/.test(file) && !file.endsWith('.test.ts')))
  return [...files].flatMap((from) =>
    [...readFileSync(join(folder, from), 'utf8').matchAll(/(?:from|import\()\s*'([.@][^']+)'/g)].flatMap(([, path]) => {
      const bare = path!.startsWith('@') ? path!.slice(1) : normalize(join(dirname(from), path!))
      const to = [`${bare}.ts`, `${bare}.tsx`].find((file) => files.has(file))
      return to ? [{ from, to }] : []
    }),
  )
}

/** Files that import each other in a circle, directly or through others; each circle once. */
export function circlesIn(imports: readonly Import[]): string[][] {
  const targets = new Map<string, string[]>()
  for (const { from, to } of imports) targets.set(from, [...(targets.get(from) ?? []), to])
  const done = new Set<string>()
  const circles: string[][] = []
  const walk = (file: string, path: string[]) => {
    const at = path.indexOf(file)
    if (at >= 0) return void circles.push(path.slice(at))
    if (done.has(file)) return
    for (const next of targets.get(file) ?? []) walk(next, [...path, file])
    done.add(file)
  }
  for (const file of targets.keys()) walk(file, [])
  return circles
}
