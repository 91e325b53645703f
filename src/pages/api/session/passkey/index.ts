import { PasskeySignIn } from '@core/access/passkey'
import { signInByPasskey } from '@server/access/passkeys'
import { strangerCookie } from '@server/access/who'
import { readBody } from '@server/http/body'
import { withCookies } from '@server/http/cookies'
import { endpoint, json } from '@server/http/respond'

export const POST = endpoint(async ({ request, clientAddress, cookies }) => {
  const { response } = await readBody(request, PasskeySignIn)
  const signedIn = await signInByPasskey(request.headers, response, clientAddress)
  cookies.delete(strangerCookie, { path: '/' })
  return withCookies(json({ signedIn: true }), signedIn.cookies)
})
