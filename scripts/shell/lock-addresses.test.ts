import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { withAddresses } from './lock-addresses.mjs'

type Packages = Record<string, { version?: string; name?: string; link?: true; inBundle?: true; integrity?: string; resolved?: string }>

const addressed = (packages: Packages, registry = 'https://registry.example/npm') =>
  withAddresses({ packages }, registry).packages as Packages
const addressesOf = (packages: Packages, registry?: string) => Object.values(addressed(packages, registry)).map(({ resolved }) => resolved)

describe('addresses of packages', () => {
  it('are those at which a registry has them, scoped, nested, or under another name', () => {
    const packages: Packages = {
      'node_modules/plain': { version: '1.2.3' },
      'node_modules/@some/scoped': { version: '2.0.0-beta.1' },
      'node_modules/plain/node_modules/@some/nested': { version: '3.0.0' },
      'node_modules/called': { name: 'other', version: '4.0.0' },
    }
    const expected = [
      'https://registry.example/npm/plain/-/plain-1.2.3.tgz',
      'https://registry.example/npm/@some/scoped/-/scoped-2.0.0-beta.1.tgz',
      'https://registry.example/npm/@some/nested/-/nested-3.0.0.tgz',
      'https://registry.example/npm/other/-/other-4.0.0.tgz',
    ]
    expect(addressesOf(packages)).toEqual(expected)
    expect(addressesOf(packages, 'https://registry.example/npm/')).toEqual(expected)
  })

  it('are for what a registry has: not for the app itself, a folder of it, or what lies within another package', () => {
    const packages: Packages = {
      '': { version: '1.0.0' },
      folder: { version: '1.0.0' },
      'node_modules/folder': { link: true },
      'node_modules/plain/node_modules/within': { version: '1.0.0', inBundle: true },
    }
    expect(addressesOf(packages)).toEqual([undefined, undefined, undefined, undefined])
  })

  it('change nothing else of ours, and all of it has a checksum', () => {
    const lock = JSON.parse(readFileSync('package-lock.json', 'utf8')) as { packages: Packages }
    for (const [path, { resolved, ...rest }] of Object.entries(addressed(lock.packages))) {
      expect(rest).toEqual(lock.packages[path])
      if (resolved) expect(rest.integrity, path).toMatch(/^sha512-/)
    }
  })
})
