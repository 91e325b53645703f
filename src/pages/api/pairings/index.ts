import { inNoHall } from '@server/db/in-hall'
import { limitRate } from '@server/http/rates'
import { endpoint, json } from '@server/http/respond'
import { newPairing } from '@server/services/pairing'

/** A screen asks for a code to show. */
export const POST = endpoint(async ({ clientAddress }) => {
  await limitRate('codes', clientAddress)
  return json(await inNoHall(newPairing), 201)
})
