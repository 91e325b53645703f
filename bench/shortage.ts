import { computeClass } from '../src/core/class/compute'
import type { ClassDocument } from '../src/core/class/class-document'
import { gearFixes } from '../src/core/gear/shortage/fixes'
import { largestClass } from '../src/core/gear/shortage/largest-class'
import { circuitOf, largeClass, libraryWith, median } from './core'

function inMixedGroups(people: number, stations: number, prefix: string): ClassDocument {
  const document = largeClass(people, stations, prefix)
  document.groupSize = 'trios'
  document.rotations = { [circuitOf(document).id]: { rule: 'mixedGroups' } }
  return document
}

/** How long it takes to say for how many the gear is enough, where nothing is ever short: every size is looked at until the stations are full. */
function largest(run: number, people: number, stations: number): { people: number; milliseconds: number } {
  const document = inMixedGroups(people, stations, `l${run}-`)
  const library = libraryWith(() => 500)
  const { people: here } = computeClass(document, library)
  const asked = performance.now()
  const found = largestClass(document, library, here)
  return { people: found.people, milliseconds: performance.now() - asked }
}

/**
 * How long somebody waits whose gear is short: for the class to be computed in the worker and the first way out to be told, for all
 * of them, and for the largest class that the gear serves.
 */
export function benchShortage(): void {
  const library = libraryWith((owned) => Math.floor(owned / 2))
  const runs = Array.from({ length: 5 }, (_, run) => {
    const document = inMixedGroups(16, 8, `r${run}-`)
    const began = performance.now()
    const judged = { document, library, room: undefined, computed: computeClass(document, library), newId: () => 'new' }
    const lines = judged.computed.gear.lines.filter((line) => line.short > 0)
    const told = lines.flatMap((line) => Array.from(gearFixes(judged, line), () => performance.now() - began))
    return { first: told[0] ?? NaN, all: performance.now() - began, found: told.length, lines: lines.length }
  })
  const { found, lines } = runs[0]!
  console.log(`Gear that is short: 16 people in mixed groups at 8 stations, ${lines} sizes short, ${found} ways out`)
  const line = (what: string, milliseconds: number[], aim?: number) => {
    const middle = median(milliseconds)
    const beside = aim ? ` (aim under ${aim} ms: ratio ${(middle / aim).toFixed(2)})` : ''
    console.log(`  ${what}: median ${middle.toFixed(0)} ms, the first time ${milliseconds[0]!.toFixed(0)}${beside}`)
  }
  line(
    'the first way out',
    runs.map((run) => run.first),
    300,
  )
  line(
    'all of them',
    runs.map((run) => run.all),
  )
  for (const [people, stations] of [
    [16, 8],
    [60, 20],
  ] as const) {
    const sizes = Array.from({ length: 5 }, (_, run) => largest(run, people, stations))
    line(
      `largest class in mixed groups at ${stations} stations, ${sizes[0]!.people} people`,
      sizes.map(({ milliseconds }) => milliseconds),
      300,
    )
  }
}
