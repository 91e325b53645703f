import { defineMiddleware } from 'astro:middleware'
import { keepHouse } from '@server/actions/housekeeping'
import { asksWho, may, rightTo } from '@server/access/rights'
import { whoAsks } from '@server/access/who'
import { askedIn } from '@server/db/in-hall'
import { pageInTurn } from '@server/http/pages-in-turn'
import { limitRate } from '@server/http/rates'
import { notFound, refuse } from '@server/refused'
import { answerTo } from '@server/http/respond'

/** What an address can name: nothing else is looked for in the database. */
const id = /^[A-Za-z0-9_-]{1,64}$/

/**
 * Styles may stand in a page: what is worked out of geometry stands in attributes, and the interface's library puts rules into the
 * head.
 */
const styles = "style-src-elem 'self' 'unsafe-inline'; style-src-attr 'unsafe-inline'"

// Once for the app, when it answers for the first time; not while it is built.
if (process.env.VICINOR_SERVER) keepHouse()

const notYours = refuse('notYours', 'notYours', 'This is for others of the hall. Ask its owner, if it should be for you too.')

/**
 * Before every page and endpoint: not too often from one address, only addresses that can name something, and only for who may
 * (`access/rights.ts`). What goes wrong on a page is told on a page.
 */
export const onRequest = defineMiddleware(async (context, next) => {
  const { url, params, clientAddress, request, cookies, locals, rewrite, routePattern } = context
  const isApi = url.pathname.startsWith('/api/')
  const told = async (path: string, status: number) => {
    const page = await rewrite(path)
    return new Response(page.body, { status, headers: page.headers })
  }
  const named = Object.entries(params).every(([name, value]) => name === 'unknown' || value === undefined || id.test(value))
  try {
    if (url.pathname !== '/api/health') await limitRate('requests', clientAddress)
    if (named && params.token !== undefined) await limitRate('link', params.token)
    if (!named) {
      if (isApi) throw notFound('thing')
      return await rewrite('/404')
    }
    const right = rightTo(routePattern, request.method)
    // What nobody has said who may ask for is answered to nobody.
    if (!right) throw refuse('notAllowed', 'noSuchMethod', 'Nothing here takes that method.')
    if (asksWho(right)) locals.who = await whoAsks({ headers: request.headers, cookie: (name) => cookies.get(name)?.value })
    const { who } = locals
    if (!may(who?.role, right)) {
      if (isApi) throw who ? notYours : refuse('signedOut', 'signedOut', 'Sign in first. What you typed is kept here.')
      return who ? await told('/403', 403) : context.redirect(`/sign-in?to=${encodeURIComponent(url.pathname + url.search)}`)
    }
    const make = () => (isApi ? next() : pageInTurn(url.pathname, next))
    const response = await (who ? askedIn({ hallId: who.hallId, by: { id: who.userId, name: who.name } }, make) : make())
    if (isApi) response.headers.set('x-vicinor-build', import.meta.env.BUILD ?? '')
    const policy = response.headers.get('content-security-policy')
    if (policy) response.headers.set('content-security-policy', `${policy.replace(/;\s*$/, '')}; ${styles}`)
    // An endpoint that has no such method is told apart from one that is not there.
    const isPage = response.headers.get('content-type')?.startsWith('text/html') ?? false
    // Pages name people: no browser and nothing between keeps them.
    if (isPage && !response.headers.has('cache-control')) response.headers.set('cache-control', 'no-store')
    return isApi && isPage && response.status === 404
      ? answerTo(refuse('notAllowed', 'noSuchMethod', 'Nothing here takes that method.'))
      : response
  } catch (error) {
    const answer = answerTo(error)
    if (isApi || answer.status === 429 || answer.status === 405) return answer
    return told('/500', answer.status)
  }
})
