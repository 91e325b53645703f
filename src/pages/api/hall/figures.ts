import { z } from 'zod'
import { HallSettings } from '@core/library/hall-settings'
import { wholeNumber } from '@core/base/fields'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { ownHall, updateFigures } from '@server/services/halls'

const Update = z.strictObject({ version: wholeNumber(1, 1_000_000_000), figures: HallSettings })

export const GET = endpoint(async () => {
  const { version, figures } = await inTheHall(ownHall)
  return json({ version, figures })
})

export const PUT = endpoint(async ({ request }) => {
  const { version, figures } = await readBody(request, Update)
  return json(await inTheHall((hall) => updateFigures(hall, version, figures)))
})
