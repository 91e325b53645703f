import type { AuthenticationResponseJSON } from '@simplewebauthn/browser'
import { limitRate } from '../http/rates'
import { refuse } from '../refused'
import { accounts, answered } from './accounts'

/** An answer of the library: what it says, and what the browser is to keep of it. */
interface Said {
  body: unknown
  cookies: string[]
}

async function said(response: Response, otherwise: () => Error): Promise<Said> {
  if (!answered(response).ok) throw otherwise()
  return { body: await response.json(), cookies: response.headers.getSetCookie() }
}

const notFresh = () => refuse('stale', 'signInAnew', 'You signed in a while ago. Sign in once more, then add the passkey.')
const notTaken = () => refuse('invalid', 'passkeyNotTaken', 'The passkey was not taken. Try once more.')

/** What a browser needs to make a passkey for who is signed in. */
export const registerOptions = async (headers: Headers): Promise<Said> =>
  said(await (await accounts()).api.generatePasskeyRegistrationOptions({ headers, query: {}, asResponse: true }), notFresh)

export const addPasskey = async (headers: Headers, response: unknown, name: string): Promise<Said> =>
  said(await (await accounts()).api.verifyPasskeyRegistration({ headers, body: { response, name }, asResponse: true }), notTaken)

/** What a browser needs to sign in with a passkey, whoever it is of. */
export const signInOptions = async (headers: Headers): Promise<Said> =>
  said(await (await accounts()).api.generatePasskeyAuthenticationOptions({ headers, asResponse: true }), notTaken)

export async function signInByPasskey(headers: Headers, response: Record<string, unknown>, address: string): Promise<Said> {
  await limitRate('signIn', address)
  return said(
    await (
      await accounts()
    ).api.verifyPasskeyAuthentication({
      headers,
      body: { response: response as unknown as AuthenticationResponseJSON },
      asResponse: true,
    }),
    () => refuse('signedOut', 'wrongPasskey', 'That passkey is of no account here.'),
  )
}

export interface Passkey {
  id: string
  name: string
}

export async function passkeysOf(headers: Headers): Promise<Passkey[]> {
  const found = await (await accounts()).api.listPasskeys({ headers })
  return found.map(({ id, name }) => ({ id, name: name ?? 'A passkey' }))
}

export async function removePasskey(headers: Headers, id: string): Promise<void> {
  const response = await (await accounts()).api.deletePasskey({ headers, body: { id }, asResponse: true })
  if (!answered(response).ok) throw refuse('missing', 'notFound', 'There is no such passkey.')
}
