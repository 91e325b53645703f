import { Incident } from '@core/access/incident'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { tellIncident } from '@server/services/incidents'

/** Anybody of the team tells what went wrong; its owner reads it. */
export const POST = endpoint(async ({ request }) => {
  const incident = await readBody(request, Incident)
  await inTheHall((hall) => tellIncident(hall, incident))
  return json({ told: true }, 201)
})
