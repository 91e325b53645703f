import { z } from 'zod'
import { HallFigures } from '@core/hall/figures'
import { wholeNumber } from '@core/plan/fields'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { ownHall, updateFigures } from '@server/services/halls'

const Update = z.strictObject({ version: wholeNumber(1, 1_000_000_000), figures: HallFigures })

export const GET = endpoint(async () => {
  const { version, figures } = await inTheHall(ownHall)
  return json({ version, figures })
})

export const PUT = endpoint(async ({ request }) => {
  const { version, figures } = await readBody(request, Update)
  return json(await inTheHall((hall) => updateFigures(hall, version, figures)))
})
