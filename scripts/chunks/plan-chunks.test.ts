import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Module } from './askers'
import { planChunks } from './plan-chunks'

const module = (id: string, imports: string[] = [], more: Partial<Module> = {}): Module => ({
  id,
  imports,
  later: [],
  isEntry: false,
  size: 1_000,
  ...more,
})
const page = (id: string, imports: string[], later: string[] = []) => module(id, imports, { isEntry: true, later })

/** All files that a page has to fetch before it runs. */
function filesOf(entry: string, modules: readonly Module[], fileOf: ReadonlyMap<string, string>): Set<string> {
  const files = new Set([fileOf.get(entry)!])
  for (const file of files)
    for (const { id, imports } of modules) if (fileOf.get(id) === file) imports.forEach((needed) => files.add(fileOf.get(needed)!))
  return files
}

describe('what pages fetch', () => {
  it('is one file, where all need all', () => {
    const modules = [page('one', ['a', 'b']), page('other', ['a', 'b']), module('a', ['b']), module('b')]
    const fileOf = planChunks(modules)
    expect(fileOf.get('a')).toBe(fileOf.get('b'))
  })

  it('is nothing large that they do not need', () => {
    const modules = [page('one', ['small', 'large']), page('other', ['small']), module('small'), module('large', [], { size: 500_000 })]
    const fileOf = planChunks(modules)
    expect(filesOf('other', modules, fileOf)).not.toContain(fileOf.get('large'))
  })

  it('is no small file more for a few lines that only some need', () => {
    const some = Array.from({ length: 6 }, (_, index) => `m${index}`)
    const modules = [page('one', some), page('other', some.slice(1)), ...some.map((id) => module(id))]
    expect(filesOf('one', modules, planChunks(modules)).size).toBe(1)
  })

  it('is what comes later only when it comes, unless it is hardly anything', () => {
    const modules = [page('one', [], ['dialog', 'line']), module('dialog', [], { size: 50_000 }), module('line', [], { size: 100 })]
    const fileOf = planChunks(modules)
    expect(fileOf.get('dialog')).not.toBe(fileOf.get('one'))
    expect(fileOf.get('line')).toBe(fileOf.get('one'))
  })

  it('is of a page with tabs what one of them needs', () => {
    const tabs = ['shape', 'people']
    const modules = [
      page('class', ['tabs', 'frame']),
      module('tabs', [], { hasTabs: true, later: tabs }),
      module('frame'),
      ...tabs.map((id) => module(id, ['frame', `of-${id}`], { size: 60_000 })),
      ...tabs.map((id) => module(`of-${id}`, [], { size: 60_000 })),
    ]
    const fileOf = planChunks(modules)
    expect(fileOf.get('of-shape')).toBe(fileOf.get('shape'))
    expect(fileOf.get('of-people')).not.toBe(fileOf.get('shape'))
    expect(fileOf.get('shape')).not.toBe(fileOf.get('class'))
  })

  /** Modules that need only such as come after them, as no cycle is met in one direction. */
  const graphs = fc
    .array(
      fc.record({ needs: fc.array(fc.nat(30), { maxLength: 3 }), later: fc.array(fc.nat(12), { maxLength: 1 }), size: fc.nat(20_000) }),
      {
        minLength: 12,
        maxLength: 40,
      },
    )
    .map((made) =>
      made.map(({ needs, later, size }, index): Module => {
        const after = (list: number[]) => list.map((step) => index + 1 + step).filter((at) => at < made.length)
        return module(`${index}`, after(needs).map(String), { later: after(later).map(String), size, isEntry: index < 6 })
      }),
    )

  it('runs each file after all that it needs, and brings every page all that it needs, whatever needs what', () => {
    fc.assert(
      fc.property(graphs, (modules) => {
        const fileOf = planChunks(modules)
        const needs = new Map<string, Set<string>>()
        for (const { id, imports } of modules) {
          const file = fileOf.get(id)
          if (file === undefined) continue
          const needed = imports.map((other) => fileOf.get(other)!)
          expect(needed).not.toContain(undefined)
          needs.set(file, new Set([...(needs.get(file) ?? []), ...needed.filter((other) => other !== file)]))
        }
        // One that needs none of those left is there as long as no two need each other.
        while (needs.size > 0) {
          const ready = [...needs.keys()].filter((file) => [...needs.get(file)!].every((other) => !needs.has(other)))
          expect(ready).not.toEqual([])
          ready.forEach((file) => needs.delete(file))
        }
      }),
    )
  })

  it('are never more bytes and files, taken together, than with a file for whatever the same pages need', () => {
    fc.assert(
      fc.property(graphs, (all) => {
        // Without what comes later, which is weighed by a guess.
        const modules = all.map((each) => ({ ...each, later: [] }))
        const fileOf = planChunks(modules)
        const pages = modules.filter(({ isEntry }) => isEntry)
        const needs = new Map(pages.map(({ id }) => [id, filesOf(id, modules, new Map(modules.map((each) => [each.id, each.id])))]))
        const apart = new Map(
          modules.map(({ id }) => [
            id,
            pages
              .filter((each) => needs.get(each.id)!.has(id))
              .map((each) => each.id)
              .join(),
          ]),
        )
        const cost = (files: ReadonlyMap<string, string>) =>
          pages
            .flatMap(({ id }) => [...filesOf(id, modules, files)])
            .reduce(
              (sum, file) => sum + 16_000 + modules.reduce((size, each) => size + (files.get(each.id) === file ? each.size : 0), 0),
              0,
            )
        expect(cost(fileOf)).toBeLessThanOrEqual(cost(apart))
      }),
    )
  })
})
