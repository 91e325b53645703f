import { z } from 'zod'
import { wholeNumber } from '@core/base/fields'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { laterOfSeries, planLater } from '@server/services/series'

const Planned = z.strictObject({ version: wholeNumber(1, 1_000_000_000) })

/** How many classes of the series come after this one. */
export const GET = endpoint(async ({ params }) => json({ later: (await inTheHall((hall) => laterOfSeries(hall, params.id!))).length }))

/** The later classes of the series are planned like this one. */
export const PUT = endpoint(async ({ params, request }) => {
  const { version } = await readBody(request, Planned)
  return json({ changed: await inTheHall((hall) => planLater(hall, params.id!, version)) })
})
