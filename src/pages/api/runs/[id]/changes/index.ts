import { z } from 'zod'
import { wholeNumber } from '@core/base/fields'
import { RoomChange } from '@core/run/room/room-change'
import { knowsLimits } from '@server/access/who'
import { inHallOfRun } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { coachedRun, ensureLinks } from '@server/services/links'
import { changeRoom } from '@server/services/room-changes'
import { findRun } from '@server/services/runs'

const Request = z.strictObject({ version: wholeNumber(1, 1_000_000_000), change: RoomChange })

/** A late arrival, a leaver, a station out of order, an easier rung: what really happens while the class runs. */
export const POST = endpoint(async ({ params, request, locals }) => {
  const { version, change } = await readBody(request, Request)
  return json(
    await inHallOfRun(params.id!, async (hall) => {
      const runId = await coachedRun(hall, params.id!)
      const { goesEasy, ...done } = await changeRoom(hall, runId, version, change)
      // Who comes late has a card too.
      if (change.type === 'arrives') await ensureLinks(hall, await findRun(hall, runId))
      return goesEasy && knowsLimits(locals.who, hall.hallId) ? { ...done, told: [...done.told, goesEasy] } : done
    }),
  )
})
