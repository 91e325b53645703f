import { sortBy, sumBy, union } from 'es-toolkit'
import { askersOf, type Askers, type Module } from './askers.ts'

/** What a file costs beside what is in it, in characters of source: three kilobytes as delivered take as long as to ask for one. */
const aFile = 16_000

/** Modules that travel in one file. */
interface File {
  modules: string[]
  size: number
  askers: Askers
  /** The files that must have run before. */
  needs: Set<File>
}

/**
 * For each module the name of the file in which it travels, which tells what is asked for with it. One file is what the same pages
 * need, then whatever is cheaper together, all pages and all that they load later taken together. No file needs one that needs it: the
 * same pages would ask for both, and so they are one.
 */
export function planChunks(modules: readonly Module[]): Map<string, string> {
  const { askers, fetches } = askersOf(modules)
  const files = filesBy(askers, modules)
  for (let pair = bestPair(files, fetches); pair; pair = bestPair(files, fetches)) join(...pair, files)
  const asked = new Set(modules.flatMap(({ id, isEntry, later }) => (isEntry ? [id, ...later] : later)))
  const name = (file: File) => /([\w-]+)[^/]*$/.exec(file.modules.find((id) => asked.has(id)) ?? 'shared')![1]
  return new Map([...files].flatMap((file, index) => file.modules.map((id) => [id, `${name(file)}-${index}`])))
}

function filesBy(askers: ReadonlyMap<string, Askers>, modules: readonly Module[]): Set<File> {
  const byAskers = new Map<Askers, File>()
  const fileOf = new Map<string, File>()
  for (const { id, size } of modules) {
    const who = askers.get(id)
    if (who === undefined) continue
    const file = byAskers.get(who) ?? { modules: [], size: 0, askers: who, needs: new Set() }
    file.modules.push(id)
    file.size += size
    byAskers.set(who, file)
    fileOf.set(id, file)
  }
  for (const { id, imports } of modules)
    for (const needed of imports) {
      const [file, other] = [fileOf.get(id), fileOf.get(needed)]
      if (file && other && file !== other) file.needs.add(other)
    }
  return new Set(byAskers.values())
}

/** The two that spare most in one file, or none that spare anything. */
function bestPair(files: ReadonlySet<File>, fetches: (by: Askers) => number): [File, File] | undefined {
  const cost = (size: number, askers: Askers) => fetches(askers) * (size + aFile)
  const behind = new Map([...files].map((file) => [file, allBehind(file)]))
  // Two files spare one at most to those who fetch the rarer of them, so that most pairs need no closer look.
  const list = sortBy(
    [...files].map((file) => ({ file, often: fetches(file.askers), alone: cost(file.size, file.askers) })),
    [({ often }) => -often],
  )
  let best: [File, File] | undefined
  let most = 0
  for (const [index, { file: one, alone: oneAlone }] of list.entries())
    for (const { file: other, often, alone: otherAlone } of list.slice(index + 1)) {
      if (often * aFile <= most) break
      const askers = one.askers | other.askers
      const together = cost(one.size + other.size, askers)
      if (oneAlone + otherAlone - together <= most) continue
      // Who asks for one of them asks from now on for all that the other needs.
      const needed = union([...behind.get(one)!], [...behind.get(other)!]).filter((file) => file !== one && file !== other)
      const forNothing = sumBy(needed, (file) => cost(file.size, file.askers | askers) - cost(file.size, file.askers))
      const spared = oneAlone + otherAlone - together - forNothing
      if (spared <= most) continue
      most = spared
      best = [one, other]
    }
  return best
}

/** What must have run before a file, be it for a file that it needs. */
function allBehind({ needs }: File): Set<File> {
  const behind = new Set(needs)
  for (const file of behind) file.needs.forEach((other) => behind.add(other))
  return behind
}

function join(into: File, from: File, files: Set<File>): void {
  files.delete(from)
  into.modules.push(...from.modules)
  into.size += from.size
  into.askers |= from.askers
  from.needs.forEach((file) => into.needs.add(file))
  for (const file of files) if (file.needs.delete(from)) file.needs.add(into)
  into.needs.delete(into)
  into.needs.delete(from)
  for (const file of allBehind(into)) file.askers |= into.askers
}
