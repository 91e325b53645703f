import { passwordLength } from '../../core/access/credentials'
import { problem } from '../../core/base/result'
import { Refused } from '../refused'

let known: Promise<ReadonlySet<string>> | undefined

/** Passwords that are guessed first, of those that are long enough; in small letters. Read when one is first chosen. */
const common = () =>
  (known ??= import('@zxcvbn-ts/language-common').then(
    ({ dictionary }) => new Set(dictionary['passwords-common'].filter((word) => word.length >= passwordLength.least)),
  ))

/** Refuses a password that is guessed first, or is no more than the address that it belongs to. */
export async function requireUncommon(password: string, email?: string, field = 'password'): Promise<void> {
  const word = password.toLowerCase()
  const guessed = word === email || new Set(word).size < 4 || (await common()).has(word)
  if (guessed)
    throw new Refused('invalid', [problem('commonPassword', `${field} is one of those that are guessed first. Choose another.`, field)])
}
