import { registerOptions } from '@server/access/passkeys'
import { withCookies } from '@server/http/cookies'
import { endpoint, json } from '@server/http/respond'

export const POST = endpoint(async ({ request }) => {
  const { body, cookies } = await registerOptions(request.headers)
  return withCookies(json(body), cookies)
})
