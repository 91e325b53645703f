import type { APIContext } from 'astro'
import { problem } from '../../core/base/result'
import { databaseTrouble, troubleWords } from '../db/trouble'
import { log } from '../log'
import { Refused, refuse, type Why } from '../refused'

const headers = { 'content-type': 'application/json', 'cache-control': 'no-store' }

export const json = (body: unknown, status = 200): Response => new Response(JSON.stringify(body), { status, headers })

/** An answer that is JSON already. */
export const jsonText = (text: string, status = 200): Response => new Response(text, { status, headers })

/** How a refusal is said over HTTP. */
export const statusOf: Record<Why, number> = {
  malformed: 400,
  signedOut: 401,
  notYours: 403,
  missing: 404,
  notAllowed: 405,
  stale: 409,
  over: 410,
  tooLarge: 413,
  wrongType: 415,
  invalid: 422,
  tooMany: 429,
}

/** What went wrong, as an answer. Only what is no refusal is logged, and its stack goes to the log and nowhere else. */
export function answerTo(error: unknown): Response {
  if (error instanceof Refused) {
    const { retryAfterSeconds, ...more } = error.more
    const response = json({ errors: error.problems, ...more }, statusOf[error.why])
    if (retryAfterSeconds !== undefined) response.headers.set('retry-after', String(retryAfterSeconds))
    return response
  }
  log.error({ err: error }, 'a request failed')
  const trouble = databaseTrouble(error)
  if (!trouble) return json({ errors: [problem('internal', 'Something went wrong on the server. Nothing was changed.')] }, 500)
  const response = json({ errors: [problem(troubleWords[trouble].code, troubleWords[trouble].message)] }, 503)
  response.headers.set('retry-after', '1')
  return response
}

/** A page of another site can send forms, but not JSON: so a write that is not JSON is refused, with a body or without. */
function requireJson(request: Request): void {
  if (request.method === 'GET' || request.method === 'HEAD') return
  const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase()
  if (type !== 'application/json')
    throw refuse('wrongType', 'wrongContentType', 'Send JSON, with the header content-type: application/json.')
}

/** Turns a handler's result, refusal or failure into an answer. */
export function endpoint(handler: (context: APIContext) => Promise<Response>) {
  return async (context: APIContext): Promise<Response> => {
    try {
      requireJson(context.request)
      return await handler(context)
    } catch (error) {
      return answerTo(error)
    }
  }
}
