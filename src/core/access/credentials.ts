import { z } from 'zod'
import { nameField } from '../base/fields'
import { NewHall } from '../library/new-hall'
import { Role } from './role'

/** An address as it is compared: in small letters, without blanks around it. */
export const emailField = z
  .string({ error: 'must be an e-mail address' })
  .trim()
  .toLowerCase()
  .max(254, 'must be at most 254 characters')
  .pipe(z.email('must be an e-mail address'))

/** The fewest and the most characters of a password (OWASP ASVS 4.0.3, 2.1.1 and 2.1.2); which ones they are is nobody's business. */
export const passwordLength = { least: 12, most: 128 } as const

/** A password that is chosen: long, and blanks and any language are welcome. */
export const newPasswordField = z
  .string({ error: 'must be a password' })
  .min(passwordLength.least, `must have at least ${passwordLength.least} characters`)
  .max(passwordLength.most, `must have at most ${passwordLength.most} characters`)

/** A password as it is typed to be tried: any. */
const triedPasswordField = z
  .string({ error: 'must be a password' })
  .min(1, 'must not be empty')
  .max(passwordLength.most, `must have at most ${passwordLength.most} characters`)

export const SignIn = z.strictObject({ email: emailField, password: triedPasswordField })
export const PasswordChange = z.strictObject({ current: triedPasswordField, next: newPasswordField })
export const ResetRequest = z.strictObject({ email: emailField })
export const PasswordReset = z.strictObject({ password: newPasswordField })

/** A link for somebody to become a member; `name` is the owner's word for them. */
export const NewInvitation = z.strictObject({ name: nameField(60), role: Role })
export const RoleChange = z.strictObject({ role: Role })

/** Who somebody is that takes an invitation: new here, or with an account already. */
export const Joining = z.union([
  z.strictObject({ name: nameField(60), email: emailField, password: newPasswordField }),
  z.strictObject({ signedIn: z.literal(true) }),
])
export type Joining = z.infer<typeof Joining>

/** A hall that is begun by the link for its first owner, and who that is. */
export const FirstOwner = z.strictObject({ name: nameField(60), email: emailField, password: newPasswordField })
export const BeginHall = z.strictObject({ hall: NewHall, owner: FirstOwner })
