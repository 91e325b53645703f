import { PairingRequest } from '@core/run/screens/pairing'
import { inHallOfRun } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { limitRate } from '@server/http/rates'
import { endpoint, json } from '@server/http/respond'
import { pair } from '@server/services/pairing'

/** Makes the screen that shows a code one of this run's. */
export const POST = endpoint(async ({ params, request, clientAddress }) => {
  await limitRate('codes', `typed ${clientAddress}`)
  const wanted = await readBody(request, PairingRequest)
  return json(await inHallOfRun(params.id!, (hall) => pair(hall, params.id!, wanted)))
})
