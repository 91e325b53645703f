import { NewPasskey } from '@core/access/passkey'
import { addPasskey } from '@server/access/passkeys'
import { readBody } from '@server/http/body'
import { withCookies } from '@server/http/cookies'
import { endpoint, json } from '@server/http/respond'

export const POST = endpoint(async ({ request }) => {
  const { name, response } = await readBody(request, NewPasskey)
  const { cookies } = await addPasskey(request.headers, response, name)
  return withCookies(json({ added: true }, 201), cookies)
})
