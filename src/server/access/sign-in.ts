import { randomBytes } from 'node:crypto'
import type { z } from 'zod'
import type { PasswordChange, SignIn } from '../../core/access/credentials'
import { resetRate, limitRate } from '../http/rates'
import { refuse } from '../refused'
import { accounts, answered } from './accounts'
import { requireUncommon } from './common-passwords'

/** What a browser is to keep or to forget. */
type Cookies = string[]

/** Signs somebody in. Who guesses is stopped: by where they come from, and by whose account they try, after ten wrong ones. */
export async function signIn({ email, password }: z.infer<typeof SignIn>, address: string): Promise<Cookies> {
  await limitRate('signIn', address)
  await limitRate('signInAs', `${email} from ${address}`)
  await limitRate('signInAsAnywhere', email)
  const response = answered(await (await accounts()).api.signInEmail({ body: { email, password }, asResponse: true }))
  if (!response.ok) throw refuse('signedOut', 'wrongPassword', 'That e-mail address and password do not belong together.')
  await resetRate('signInAs', `${email} from ${address}`)
  return response.headers.getSetCookie()
}

export async function signOut(headers: Headers): Promise<Cookies> {
  return answered(await (await accounts()).api.signOut({ headers, asResponse: true })).headers.getSetCookie()
}

/** On every device, this one too. */
export async function signOutEverywhere(headers: Headers): Promise<Cookies> {
  answered(await (await accounts()).api.revokeSessions({ headers, asResponse: true }))
  return signOut(headers)
}

/** Other devices are signed out by it. */
export async function changePassword(
  headers: Headers,
  { current, next }: z.infer<typeof PasswordChange>,
  userId: string,
): Promise<Cookies> {
  await requireUncommon(next, undefined, 'next')
  await limitRate('signInAs', userId)
  const body = { currentPassword: current, newPassword: next, revokeOtherSessions: true }
  const response = answered(await (await accounts()).api.changePassword({ body, headers, asResponse: true }))
  if (!response.ok) throw refuse('invalid', 'wrongPassword', 'The password you have now is another one.')
  return response.headers.getSetCookie()
}

/** Sends a link for a new password, where there is such an account; says the same where there is none. */
export async function askForReset(email: string, address: string): Promise<void> {
  await limitRate('resets', address)
  await limitRate('resets', email)
  await (await accounts()).api.requestPasswordReset({ body: { email } })
}

/** Every device is signed out by it. */
export async function resetPassword(token: string, newPassword: string): Promise<void> {
  await requireUncommon(newPassword)
  const response = answered(await (await accounts()).api.resetPassword({ body: { token, newPassword }, asResponse: true }))
  if (!response.ok) throw refuse('over', 'resetOver', 'This link has been used, or is more than an hour old. Ask for a new one.')
}

/** What a link for a new password ends with, for who has the machine's terminal and not their mail. */
export async function resetToken(userId: string): Promise<string> {
  const token = randomBytes(18).toString('base64url')
  const { internalAdapter } = await (await accounts()).$context
  await internalAdapter.createVerificationValue({
    identifier: `reset-password:${token}`,
    value: userId,
    expiresAt: new Date(Date.now() + 3_600_000),
  })
  return token
}

/** A new account; refused where there is one with that address. */
export async function makeAccount({ name, email, password }: { name: string; email: string; password: string }): Promise<string> {
  await requireUncommon(password, email)
  const context = await (await accounts()).$context
  if (await context.internalAdapter.findUserByEmail(email))
    throw refuse('stale', 'emailTaken', 'There is an account with this e-mail address already. Sign in with it, then open this link again.')
  const user = await context.internalAdapter.createUser({ name, email, emailVerified: false }, { method: 'email-password' })
  await context.internalAdapter.linkAccount({
    userId: user.id,
    providerId: 'credential',
    accountId: user.id,
    password: await context.password.hash(password),
  })
  return user.id
}

export async function removeAccount(userId: string): Promise<void> {
  await (await (await accounts()).$context).internalAdapter.deleteUser(userId)
}
