import { rollup } from 'rollup'
import { expect, it } from 'vitest'
import { straightImports } from './straight-imports'

/** The modules of a script, and what becomes of it. */
async function built(script: string): Promise<{ modules: string[]; code: string }> {
  const bundle = await rollup({
    input: 'script',
    external: (id) => id.startsWith('react'),
    plugins: [
      {
        name: 'script',
        resolveId: (id) =>
          id === 'script'
            ? id
            : id === 'es-toolkit'
              ? { id: `${process.cwd()}/node_modules/es-toolkit/dist/index.mjs`, moduleSideEffects: false }
              : null,
        load: (id) => (id === 'script' ? script : null),
      },
      straightImports,
    ],
  })
  const { output } = await bundle.generate({})
  return { modules: output[0].moduleIds.map((id) => id.replace(/^.*node_modules\//, '')), code: output[0].code }
}

it('takes a name from the file where it is, by whatever name the door gives it on', async () => {
  const { modules, code } = await built(`import { assert as mustBe, chunk } from 'es-toolkit'; console.log(mustBe, chunk([1], 1))`)
  expect(modules).toContain('es-toolkit/dist/array/chunk.mjs')
  expect(modules).toContain('es-toolkit/dist/util/invariant.mjs')
  expect(modules).not.toContain('es-toolkit/dist/index.mjs')
  expect(code).toMatch(/console\.log\(invariant, chunk\(\[1\], 1\)\)/)
})

it('leaves alone what it cannot find behind the door, and other imports', async () => {
  const whole = await built(`import * as all from 'es-toolkit'; console.log(all)`)
  expect(whole.code).toContain('chunk')
  const other = await built(`import { useState } from 'react'; import { chunk } from 'es-toolkit'; console.log(useState, chunk)`)
  expect(other.code).toContain("from 'react'")
})
