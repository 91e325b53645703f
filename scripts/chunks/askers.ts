import { sumBy } from 'es-toolkit'

/** A module of the pages' scripts. */
export interface Module {
  id: string
  /** What must have run before it. */
  imports: readonly string[]
  /** What it may ask for when it runs. */
  later: readonly string[]
  /** It asks for one of what comes later at once, as a page with tabs. */
  hasTabs?: boolean
  /** A page begins with it. */
  isEntry: boolean
  /** Characters of source. */
  size: number
}

/** Who needs something: a bit for each page (of a page with tabs: for each tab), and for each part of a page that comes later. */
export type Askers = bigint

interface Asker {
  bit: Askers
  needs: ReadonlySet<string>
  /** How often it comes when a page comes once. */
  often: number
  /** Of a later part: whoever asks for it. A page comes from nowhere. */
  ways: Askers
}

/** How often a later part is asked for when a page is asked for once: a guess. */
const later = 1 / 8

/** For each module by its id who needs it; and how often what some askers need has to be fetched by them, as it is not there before. */
export function askersOf(modules: readonly Module[]): { askers: Map<string, Askers>; fetches: (by: Askers) => number } {
  const all = everyAsker(new Map(modules.map((module) => [module.id, module])))
  const askers = new Map<string, Askers>()
  for (const { bit, needs } of all) for (const id of needs) askers.set(id, (askers.get(id) ?? 0n) | bit)
  return { askers, fetches: fetchesAmong(all) }
}

type Graph = ReadonlyMap<string, Module>

function everyAsker(graph: Graph): Asker[] {
  const modules = [...graph.values()]
  const tabs = new Set(modules.filter((module) => module.hasTabs).flatMap((module) => module.later))
  const parts = [...new Set(modules.flatMap((module) => module.later))].filter((id) => graph.has(id) && !tabs.has(id))
  const all = [
    ...modules.filter((module) => module.isEntry).flatMap(({ id }) => pagesFrom(id, graph).map((needs) => ({ needs, often: 1 }))),
    ...parts.map((part) => ({ part, needs: needsOf([part], graph), often: later })),
  ].map((asker, index) => ({ part: undefined, ...asker, bit: 1n << BigInt(index) }))
  const asksFor = (part: string) => (asker: { needs: ReadonlySet<string> }) =>
    [...asker.needs].some((id) => graph.get(id)!.later.includes(part))
  return all.map(({ part, ...asker }) => {
    const ways = part === undefined ? [] : all.filter(asksFor(part)).filter((way) => way.bit !== asker.bit)
    return { ...asker, ways: ways.reduce((sum, way) => sum | way.bit, 0n) }
  })
}

/** What a page needs, once for each of its tabs. */
function pagesFrom(entry: string, graph: Graph): Set<string>[] {
  const needs = needsOf([entry], graph)
  const tabs = [...needs].filter((id) => graph.get(id)!.hasTabs).flatMap((id) => graph.get(id)!.later)
  return tabs.length === 0 ? [needs] : tabs.map((tab) => needsOf([entry, tab], graph))
}

function needsOf(ids: readonly string[], graph: Graph): Set<string> {
  const needed = new Set(ids)
  for (const id of needed) graph.get(id)!.imports.forEach((other) => graph.has(other) && needed.add(other))
  return needed
}

function fetchesAmong(all: readonly Asker[]): (by: Askers) => number {
  const parts = all.filter((asker) => asker.ways !== 0n)
  const isThere = ({ ways }: Asker, having: Askers) => (ways & having) === ways
  const known = new Map<Askers, number>()
  return (by) => {
    if (!known.has(by)) {
      let having = by
      for (let before = 0n; before !== having;) {
        before = having
        for (const part of parts) if (isThere(part, having)) having |= part.bit
      }
      const fetching = all.filter((asker) => (asker.bit & by) !== 0n && (asker.ways === 0n || !isThere(asker, having)))
      known.set(
        by,
        sumBy(fetching, (asker) => asker.often),
      )
    }
    return known.get(by)!
  }
}
