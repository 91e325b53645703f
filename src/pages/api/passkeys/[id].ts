import { removePasskey } from '@server/access/passkeys'
import { endpoint, json } from '@server/http/respond'

export const DELETE = endpoint(async ({ params, request }) => {
  await removePasskey(request.headers, params.id!)
  return json({ removed: true })
})
