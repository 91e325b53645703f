import { z } from 'zod'
import { wholeNumber } from '@core/base/fields'
import { inHallOfRun } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { coachedRun } from '@server/services/links'
import { takeBackChange } from '@server/services/room-changes'

const Request = z.strictObject({ version: wholeNumber(1, 1_000_000_000) })

/** Takes the last change of the room back. */
export const POST = endpoint(async ({ params, request }) => {
  const { version } = await readBody(request, Request)
  return json(await inHallOfRun(params.id!, async (hall) => takeBackChange(hall, await coachedRun(hall, params.id!), version)))
})
