import type { IncomingMessage, ServerResponse } from 'node:http'
import { readdir } from 'node:fs/promises'
import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import compression from 'compression'
import files from '@fastify/static'
import Fastify, { type FastifyReply, type FastifyRequest } from 'fastify'
import { rights } from './access/rights'
import { foreign, publicUrl } from './http/addresses'
import { log } from './log'

/** How long a request under way may still take once the app is told to end. */
const lastWordsMs = 4000

/** What addresses are made of, but for what they name. */
const knownParts = new Set(Object.keys(rights).flatMap((route) => route.split('/').filter((part) => !part.includes('['))))

/** Nobody is named in the log: of an address only its kind is kept, with `:id` for what it names. */
function routeOf(url: string): string {
  const [path = ''] = url.split('?')
  if (path.startsWith('/_astro/')) return '/_astro/…'
  return path
    .split('/')
    .map((part) => (part === '' || knownParts.has(part) ? part : ':id'))
    .join('/')
}

/**
 * On every answer: no guessing of types, no frames, nothing of an address to other sites, and no devices but what a screen of a
 * class needs.
 */
const safety: Record<string, string> = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'no-referrer',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy':
    'camera=(), microphone=(), geolocation=(), payment=(), usb=(), autoplay=(self), screen-wake-lock=(self), fullscreen=(self)',
  ...(publicUrl()?.protocol === 'https:' && { 'strict-transport-security': 'max-age=31536000' }),
}

/** Lets a request pass that is one for this app; others are told why not. */
function guard(asked: IncomingMessage, answer: ServerResponse, pass: () => void): void {
  for (const [name, value] of Object.entries(safety)) answer.setHeader(name, value)
  const { host, origin } = asked.headers
  const message = foreign({ host, origin }, asked.method !== 'GET' && asked.method !== 'HEAD')
  if (message === undefined) return pass()
  answer.statusCode = 403
  answer.setHeader('content-type', 'application/json')
  answer.end(JSON.stringify({ errors: [{ code: 'foreign', message, field: '' }] }))
}

/** Serves the app: compressed, but for streams, and ending gracefully. Answers with where. */
async function serve(): Promise<string> {
  const here = dirname(fileURLToPath(import.meta.url))
  process.env.VICINOR_SERVER = here
  process.env.NODE_ENV ??= 'production'
  const { handler } = await import('#app')

  const server = Fastify({
    logger: false,
    return503OnClosing: false,
    keepAliveTimeout: 30_000,
    requestTimeout: 60_000,
    routerOptions: { maxParamLength: 500 },
  })
  // The app reads bodies itself, with limits of its own.
  server.removeAllContentTypeParsers()
  server.addContentTypeParser('*', (_request, _payload, done) => done(null))
  const compress = compression({
    filter: (request, response) => response.getHeader('content-type') !== 'text/event-stream' && compression.filter(request, response),
  })
  const pass = (request: FastifyRequest, reply: FastifyReply) => {
    const begun = performance.now()
    reply.hijack()
    const { raw: asked } = request
    const { raw: answer } = reply
    answer.on('close', () =>
      log.info(
        { method: asked.method, route: routeOf(asked.url ?? ''), status: answer.statusCode, ms: Math.round(performance.now() - begun) },
        'request',
      ),
    )
    guard(asked, answer, () => compress(asked as never, answer as never, () => handler(asked, answer)))
  }
  server.route({ method: ['GET', 'HEAD', 'POST', 'PUT', 'DELETE'], url: '/*', handler: pass })
  // Whatever is named by its contents never changes.
  server.addHook('onSend', async (_request, reply) => void reply.headers(safety))
  await server.register(files, {
    root: `${here}/../client/_astro`,
    prefix: '/_astro/',
    preCompressed: true,
    immutable: true,
    maxAge: '1y',
    index: false,
  })
  for (const file of await readdir(`${here}/../client`)) {
    if (/^[\w-]+\.(svg|png|ico|txt|js|webmanifest)$/.test(file))
      server.get(`/${file}`, (_request, reply) => reply.sendFile(file, `${here}/../client`, { maxAge: '1d', immutable: false }))
  }
  server.setNotFoundHandler((_request, reply) =>
    reply.code(405).send({ errors: [{ code: 'noSuchMethod', message: 'Nothing here takes that method.', field: '' }] }),
  )

  const port = Number(process.env.PORT ?? 4321)
  const host = process.env.HOST ?? '127.0.0.1'
  const address = await server.listen({ port, host })
  log.info({ host, port }, 'listening')
  // For whoever has started it and waits.
  process.send?.('ready')

  let ending = false
  const end = (signal: NodeJS.Signals) => {
    if (ending) return
    ending = true
    log.info({ signal }, 'ending')
    // Streams have been told to connect anew; what is still under way is given some time.
    setTimeout(() => process.exit(0), lastWordsMs).unref()
    server.server.closeIdleConnections()
    void server.close().then(() => process.exit(0))
  }
  process.on('SIGTERM', end).on('SIGINT', end)
  return address
}

// What nobody caught may have left anything half done: the app ends, and is started again.
for (const trouble of ['uncaughtException', 'unhandledRejection'] as const) {
  process.on(trouble, (error: unknown) => {
    log.fatal({ err: error instanceof Error ? error : new Error(String(error)) }, trouble)
    setTimeout(() => process.exit(1), 100)
  })
}

export const served = serve().catch((error: unknown) => {
  log.fatal({ err: error }, 'the app could not be started')
  const { code, message } = error as NodeJS.ErrnoException
  console.error(code === 'EADDRINUSE' ? 'The port is in use by another program.' : message)
  setTimeout(() => process.exit(1), 100)
})
