import { BeginHall } from '@core/access/credentials'
import { beginByLink } from '@server/actions/begin-by-link'
import { signIn } from '@server/access/sign-in'
import { readBody } from '@server/http/body'
import { withCookies } from '@server/http/cookies'
import { endpoint, json } from '@server/http/respond'

/** Begins somebody's own hall by the link for its first owner, who is signed in. */
export const POST = endpoint(async ({ params, request, clientAddress }) => {
  const { hall, owner } = await readBody(request, BeginHall)
  await beginByLink(params.token!, hall, owner)
  return withCookies(json({ begun: true }, 201), await signIn(owner, clientAddress))
})
