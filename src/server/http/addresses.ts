import { hostname, networkInterfaces } from 'node:os'

const loopback = new Set(['localhost', '127.0.0.1', '::1', '[::1]'])

export const isLoopback = (host: string): boolean => loopback.has(host.toLowerCase())

/** The address under which the app is known to everybody, where it has one of its own. */
export const publicUrl = (): URL | undefined => {
  const text = process.env.PUBLIC_URL
  if (!text) return undefined
  return URL.canParse(text) ? new URL(text) : undefined
}

/** Whether the app listens beyond its own machine. */
export const listensBeyond = (): boolean => !isLoopback(process.env.HOST ?? '127.0.0.1')

/** This machine's addresses in the networks it is in, those of version 4 first: where a phone in the hall may reach it. */
export function networkAddresses(): string[] {
  const all = Object.values(networkInterfaces())
    .flatMap((known) => known ?? [])
    .filter(({ internal, address }) => !internal && !address.startsWith('fe80'))
  return [...all.filter(({ family }) => family === 'IPv4'), ...all.filter(({ family }) => family === 'IPv6')].map(({ address, family }) =>
    family === 'IPv6' ? `[${address}]` : address,
  )
}

/** Names by which a request may ask for this app: its own and nobody else's, so that no other site's name can be pointed at it. */
function ownNames(): Set<string> {
  const names = new Set(loopback)
  const known = publicUrl()
  if (known) names.add(known.hostname)
  if (listensBeyond())
    for (const name of [hostname(), `${hostname()}.local`, process.env.HOST ?? '', ...networkAddresses()]) names.add(name.toLowerCase())
  return names
}

const hostOf = (text: string): string | undefined =>
  URL.canParse(`http://${text}`) ? new URL(`http://${text}`).hostname.toLowerCase() : undefined

/** Why a request is none for this app: it asks by a foreign name, or comes from the page of another site. Nothing when it is. */
export function foreign(headers: { host?: string | undefined; origin?: string | undefined }, writes: boolean): string | undefined {
  const names = ownNames()
  const host = hostOf(headers.host ?? '')
  if (host === undefined || !names.has(host))
    return `This is Vicinor, and not "${(headers.host ?? '').slice(0, 80)}". Open it by an address that ./start prints, or set PUBLIC_URL to this one.`
  const { origin } = headers
  if (origin === undefined || !writes) return undefined
  const from = URL.canParse(origin) ? new URL(origin).hostname.toLowerCase() : undefined
  return from !== undefined && names.has(from) ? undefined : 'A page of another site cannot change anything here.'
}

/**
 * What codes on a page open: the address `wanted` of those by which other devices find the app, else the first; and all of them.
 * With none, as the page was asked for.
 */
export function codesOpen(request: Request, wanted?: string | null): { base: string; bases: string[] } {
  const asked = new URL(request.url)
  // As this page was asked for, with its port.
  asked.host = request.headers.get('host') ?? asked.host
  const bases = reachableBases(asked)
  return { base: bases.find((base) => base === wanted) ?? bases[0] ?? asked.origin, bases }
}

/**
 * Where other devices find the app: its known address; else the one that was asked by, when that is none of this machine alone;
 * else this machine's in the network. Nothing when it listens to this machine only.
 */
export function reachableBases(asked: URL): string[] {
  const known = publicUrl()
  if (known) return [known.origin]
  if (!isLoopback(asked.hostname)) return [asked.origin]
  if (!listensBeyond()) return []
  const port = process.env.PORT ?? '4321'
  const own = process.env.HOST ?? ''
  const addresses = /^(0\.0\.0\.0|::|\[::\])$/.test(own) ? networkAddresses() : [own]
  return addresses.map((address) => `http://${address}:${port}`)
}

/** The address of the app where no request says by which it was found: in a mail. */
export function ownBase(): string {
  const here = `http://127.0.0.1:${process.env.PORT ?? '4321'}`
  return reachableBases(new URL(here))[0] ?? here
}

/** Where passkeys are good: browsers bind them to a name with https, or to `localhost`; never to a bare address. */
export function passkeyPlace(): { id: string; origin: string } {
  const known = publicUrl()
  if (known?.protocol === 'https:') return { id: known.hostname, origin: known.origin }
  return { id: 'localhost', origin: `http://localhost:${process.env.PORT ?? '4321'}` }
}
