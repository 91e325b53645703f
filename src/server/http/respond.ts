import type { APIContext } from 'astro'
import pino from 'pino'
import { problem, type Problem } from '../../core/result'

export const log = pino({ level: process.env.LOG_LEVEL ?? 'warn' })

export const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json', 'cache-control': 'no-store' } })

/** An answer that is not what was asked for: it always says why, and which field. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
    readonly more: Record<string, unknown> = {},
  ) {
    super(problems[0]?.message ?? 'refused')
  }
}

export const refuse = (status: number, code: string, message: string, more: Record<string, unknown> = {}) =>
  new Refused(status, [problem(code, message)], more)

export const notFound = (what: string) => refuse(404, 'notFound', `There is no such ${what}. It may have been deleted.`)

const connectionCodes = new Set(['ECONNREFUSED', 'CONNECTION_CLOSED', 'CONNECTION_ENDED', 'CONNECTION_DESTROYED', 'CONNECT_TIMEOUT', '57P01', '57P03'])

export function databaseIsAway(error: unknown): boolean {
  for (let each = error as { code?: string; cause?: unknown } | undefined; each; each = each.cause as typeof each) {
    if (each.code && connectionCodes.has(each.code)) return true
  }
  return false
}

/** A page of another site can send forms, but not JSON: so a write that is not JSON is refused, with a body or without. */
function requireJson(request: Request): void {
  if (request.method === 'GET' || request.method === 'HEAD') return
  const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase()
  if (type !== 'application/json') throw refuse(415, 'wrongContentType', 'Send JSON, with the header content-type: application/json.')
}

/** Turns a handler's result, refusal or failure into an answer; a stack trace goes to the log and nowhere else. */
export function endpoint(handler: (context: APIContext) => Promise<Response>) {
  return async (context: APIContext): Promise<Response> => {
    try {
      requireJson(context.request)
      return await handler(context)
    } catch (error) {
      if (error instanceof Refused) return json({ errors: error.problems, ...error.more }, error.status)
      log.error(error)
      if (databaseIsAway(error)) return json({ errors: [problem('databaseAway', 'The database does not answer. Try again in a moment.')] }, 503)
      return json({ errors: [problem('internal', 'Something went wrong on the server. Nothing was changed.')] }, 500)
    }
  }
}
