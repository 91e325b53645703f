import { PasswordReset } from '@core/access/credentials'
import { resetPassword } from '@server/access/sign-in'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'

export const POST = endpoint(async ({ params, request }) => {
  const { password } = await readBody(request, PasswordReset)
  await resetPassword(params.token!, password)
  return json({ reset: true })
})
