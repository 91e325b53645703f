import { Attendance } from '@core/class/attendance'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { setAttendance } from '@server/services/attendance'

/** Sets who of the hall's people is here. */
export const PUT = endpoint(async ({ params, request }) => {
  const attendance = await readBody(request, Attendance)
  return json(await inTheHall((hall) => setAttendance(hall, params.id!, attendance)))
})
