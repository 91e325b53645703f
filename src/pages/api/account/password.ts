import { PasswordChange } from '@core/access/credentials'
import { changePassword } from '@server/access/sign-in'
import { readBody } from '@server/http/body'
import { withCookies } from '@server/http/cookies'
import { endpoint, json } from '@server/http/respond'
import { refuse } from '@server/refused'

export const PUT = endpoint(async ({ request, locals }) => {
  const change = await readBody(request, PasswordChange)
  if (locals.who?.demo) throw refuse('stale', 'demo', 'The demo’s owner is made up, and has no password.')
  return withCookies(json({ changed: true }), await changePassword(request.headers, change, locals.who!.userId))
})
