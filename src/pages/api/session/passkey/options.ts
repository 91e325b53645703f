import { signInOptions } from '@server/access/passkeys'
import { withCookies } from '@server/http/cookies'
import { endpoint, json } from '@server/http/respond'

export const POST = endpoint(async ({ request }) => {
  const { body, cookies } = await signInOptions(request.headers)
  return withCookies(json(body), cookies)
})
