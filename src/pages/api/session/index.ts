import { z } from 'zod'
import { SignIn } from '@core/access/credentials'
import { idField } from '@core/base/fields'
import { signIn, signOut } from '@server/access/sign-in'
import { demoIsOpen, hallCookie, strangerCookie } from '@server/access/who'
import { readBody } from '@server/http/body'
import { withCookies } from '@server/http/cookies'
import { endpoint, json } from '@server/http/respond'
import { refuse } from '@server/refused'

const kept = { path: '/', httpOnly: true, sameSite: 'lax', maxAge: 365 * 86_400 } as const

/** Signs in. */
export const POST = endpoint(async ({ request, clientAddress, cookies }) => {
  const credentials = await readBody(request, SignIn)
  const session = await signIn(credentials, clientAddress)
  cookies.delete(strangerCookie, { path: '/' })
  return withCookies(json({ signedIn: true }), session)
})

/** Signs out, on this device. Who signs out of the demo sees it as a stranger does. */
export const DELETE = endpoint(async ({ request, cookies }) => {
  if (demoIsOpen()) cookies.set(strangerCookie, '1', kept)
  return withCookies(json({ signedOut: true }), await signOut(request.headers))
})

const Choice = z.strictObject({ hallId: idField })

/** Goes to another of one's halls. */
export const PUT = endpoint(async ({ request, cookies, locals }) => {
  const { hallId } = await readBody(request, Choice)
  if (!locals.who?.halls.some(({ id }) => id === hallId)) throw refuse('notYours', 'notYours', 'You do not belong to that hall.')
  cookies.set(hallCookie, hallId, kept)
  return json({ hallId })
})
