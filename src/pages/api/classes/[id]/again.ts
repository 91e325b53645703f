import { z } from 'zod'
import { wholeNumber } from '@core/base/fields'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { classAgain, mostWeeks } from '@server/services/series'

const Again = z.strictObject({ weeks: wholeNumber(0, mostWeeks, 'weeks') })

export const POST = endpoint(async ({ params, request }) => {
  const { weeks } = await readBody(request, Again)
  return json({ ids: await inTheHall((hall) => classAgain(hall, params.id!, weeks)) }, 201)
})
