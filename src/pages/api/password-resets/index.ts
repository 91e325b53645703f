import { ResetRequest } from '@core/access/credentials'
import { askForReset } from '@server/access/sign-in'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'

/** Asks for a link for a new password: the answer does not tell whether there is such an account. */
export const POST = endpoint(async ({ request, clientAddress }) => {
  const { email } = await readBody(request, ResetRequest)
  await askForReset(email, clientAddress)
  return json({ asked: true })
})
