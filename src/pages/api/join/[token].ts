import { Joining } from '@core/access/credentials'
import { join } from '@server/access/invitations'
import { signIn } from '@server/access/sign-in'
import { signedInAs, strangerCookie } from '@server/access/who'
import { readBody } from '@server/http/body'
import { withCookies } from '@server/http/cookies'
import { endpoint, json } from '@server/http/respond'

/** Becomes a member by an invitation, and is signed in. */
export const POST = endpoint(async ({ params, request, clientAddress, cookies }) => {
  const joining = await readBody(request, Joining)
  await join(params.token!, joining, await signedInAs(request.headers))
  cookies.delete(strangerCookie, { path: '/' })
  return withCookies(json({ joined: true }, 201), 'email' in joining ? await signIn(joining, clientAddress) : [])
})
