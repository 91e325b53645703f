import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { accessTable } from './access-table'

it('docs/access.md has the table of who may ask for what as it is in code', () => {
  expect(readFileSync('docs/access.md', 'utf8')).toContain(accessTable())
})
