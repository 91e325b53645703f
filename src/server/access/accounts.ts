import { passkey } from '@better-auth/passkey'
import { betterAuth } from 'better-auth'
import { drizzleAdapter } from 'better-auth/adapters/drizzle'
import { sql } from 'drizzle-orm'
import { passwordLength } from '../../core/access/credentials'
import { logins, passkeys, proofs, sessions, users } from '../db/accounts'
import { accountsDatabase } from '../db/pool'
import { ownBase, passkeyPlace, publicUrl } from '../http/addresses'
import { log } from '../log'
import { sendResetLink } from './mail'
import { passwords } from './passwords'

/** So long a session lives that is not used. */
const sessionDays = 30
/** So long a link for a new password can be used. */
const resetHours = 1

async function make() {
  const { rows } = await accountsDatabase().execute<{ secret: string }>(sql`select secret from account_secret`)
  return betterAuth({
    appName: 'Vicinor',
    baseURL: ownBase(),
    logger: { log: (level, message) => log[level]({ from: 'better-auth' }, message) },
    secret: rows[0]!.secret,
    database: drizzleAdapter(accountsDatabase(), {
      provider: 'pg',
      schema: { user: users, session: sessions, account: logins, verification: proofs, passkey: passkeys },
    }),
    // Nobody makes an account by themselves: an invitation does.
    emailAndPassword: {
      enabled: true,
      disableSignUp: true,
      minPasswordLength: passwordLength.least,
      maxPasswordLength: passwordLength.most,
      password: passwords,
      resetPasswordTokenExpiresIn: resetHours * 3600,
      revokeSessionsOnPasswordReset: true,
      sendResetPassword: async ({ user, token }) => sendResetLink(user.email, token),
    },
    session: { expiresIn: sessionDays * 86_400, updateAge: 86_400 },
    // Counted by the app itself (`http/rates.ts`); where a request comes from is looked at before it gets here (`main.ts`).
    rateLimit: { enabled: false },
    plugins: [passkey({ rpName: 'Vicinor', rpID: passkeyPlace().id, origin: passkeyPlace().origin })],
    telemetry: { enabled: false },
    advanced: {
      cookiePrefix: 'vicinor',
      useSecureCookies: publicUrl()?.protocol === 'https:',
      disableOriginCheck: true,
      disableCSRFCheck: true,
      defaultCookieAttributes: { httpOnly: true, sameSite: 'lax' },
    },
  })
}

let made: ReturnType<typeof make> | undefined

/** What signs people in: better-auth, on the tables of accounts. */
export const accounts = (): ReturnType<typeof make> =>
  (made ??= make().catch((error: unknown) => {
    // The database may be away now, and there the next time.
    made = undefined
    throw error
  }))

/** The library only says that something went wrong inside: that is the database's trouble, and is told as such. */
export const storeAway = (cause?: unknown): Error =>
  Object.assign(new Error('accounts could not be read', { cause }), { code: 'ECONNRESET' })

/** An answer of the library that is no failure of ours; a refusal is the caller's to put into words. */
export function answered(response: Response): Response {
  if (response.status >= 500) throw storeAway()
  return response
}
