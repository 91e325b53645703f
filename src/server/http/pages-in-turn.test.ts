import { describe, expect, it } from 'vitest'
import { pageInTurn } from './pages-in-turn'

/** Pages that are made only when told to. */
function held() {
  const begun: string[] = []
  const go: (() => void)[] = []
  const make = (name: string) => () => {
    begun.push(name)
    return new Promise<Response>((resolve) => go.push(() => resolve(new Response(name))))
  }
  return { begun, go, make }
}
const settle = () => new Promise((resolve) => setImmediate(resolve))

describe('pages in turn', () => {
  it('makes one planner’s page at a time, and a running class’s at once', async () => {
    const { begun, go, make } = held()
    const pages = ['/', '/log', '/people'].map((path) => pageInTurn(path, make(path)))
    const room = pageInTurn('/wall/t', make('/wall/t'))
    await settle()
    expect(begun).toEqual(['/', '/wall/t'])
    // Each page begins once the one before it is made.
    for (const made of [1, 2, 3, 4]) {
      go[made - 1]!()
      await settle()
    }
    expect(begun).toEqual(['/', '/wall/t', '/log', '/people'])
    expect(await Promise.all([...pages, room].map(async (page) => (await page).text()))).toEqual(['/', '/log', '/people', '/wall/t'])
  })

  it('a page that turns out to be another has its turn already', async () => {
    const missing = () =>
      pageInTurn('/nowhere', () => pageInTurn('/404', () => Promise.resolve(new Response('not there', { status: 404 }))))
    const all = await Promise.all([missing(), missing(), missing()])
    expect(await Promise.all(all.map((page) => page.text()))).toEqual(Array(3).fill('not there'))
  })

  it('goes on after a page that failed, with what was said of the others', async () => {
    await expect(pageInTurn('/log', () => Promise.reject(new Error('no')))).rejects.toThrow('no')
    const page = await pageInTurn('/log', () => Promise.resolve(new Response('x', { status: 404, headers: { 'x-a': 'b' } })))
    expect([page.status, page.headers.get('x-a'), await page.text()]).toEqual([404, 'b', 'x'])
  })
})
