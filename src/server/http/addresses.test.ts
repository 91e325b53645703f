import { afterEach, describe, expect, it, vi } from 'vitest'
import { foreign, networkAddresses, reachableBases } from './addresses'

afterEach(() => vi.unstubAllEnvs())

describe('who asks', () => {
  it('asks by a name of this app', () => {
    vi.stubEnv('HOST', '127.0.0.1')
    for (const host of ['localhost:4321', '127.0.0.1:4321', '[::1]:4321', 'LOCALHOST'])
      expect(foreign({ host }, false), host).toBeUndefined()
    for (const host of ['evil.example', '127.0.0.1.evil.example', '', undefined, 'a b', '10.0.0.7'])
      expect(foreign({ host }, false), String(host)).toBeDefined()
    vi.stubEnv('PUBLIC_URL', 'https://hall.example')
    expect(foreign({ host: 'hall.example' }, false)).toBeUndefined()
  })

  it('and not from the page of another site, when it changes something', () => {
    const host = 'localhost:4321'
    expect(foreign({ host, origin: 'http://localhost:4321' }, true)).toBeUndefined()
    for (const origin of ['http://evil.example', 'null', 'http://localhost.evil.example'])
      expect(foreign({ host, origin }, true), origin).toBeDefined()
    expect(foreign({ host, origin: 'http://evil.example' }, false)).toBeUndefined()
  })

  it('by this machine’s own addresses once it listens beyond itself', () => {
    vi.stubEnv('HOST', '0.0.0.0')
    for (const address of networkAddresses()) expect(foreign({ host: `${address}:4321` }, false), address).toBeUndefined()
    expect(foreign({ host: 'evil.example' }, false)).toBeDefined()
  })
})

describe('where other devices find it', () => {
  it('is never this machine’s own name, once it listens beyond', () => {
    vi.stubEnv('HOST', '0.0.0.0')
    vi.stubEnv('PORT', '4400')
    expect(reachableBases(new URL('http://localhost:4400/x'))).toEqual(networkAddresses().map((address) => `http://${address}:4400`))
    expect(reachableBases(new URL('http://10.1.2.3:4400/x'))).toEqual(['http://10.1.2.3:4400'])
    vi.stubEnv('PUBLIC_URL', 'https://hall.example/')
    expect(reachableBases(new URL('http://localhost:4400/x'))).toEqual(['https://hall.example'])
  })

  it('is nowhere while it listens to this machine only', () => {
    vi.stubEnv('HOST', '127.0.0.1')
    expect(reachableBases(new URL('http://localhost:4321/x'))).toEqual([])
  })
})
