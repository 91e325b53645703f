import { readFileSync } from 'node:fs'
import { Module } from 'node:module'
import { Script } from 'node:vm'
import { expect, it } from 'vitest'

it('the app comes as this Node has compiled it, and another file would be compiled anew', () => {
  const source = Module.wrap(readFileSync('dist/server/app.cjs', 'utf8'))
  const cachedData = readFileSync('dist/server/app.compiled')
  expect(new Script(source, { cachedData }).cachedDataRejected).toBe(false)
  expect(new Script(source, { cachedData: cachedData.subarray(0, 1000) }).cachedDataRejected).toBe(true)
})
