import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { removeNote } from '@server/services/run-notes'

export const DELETE = endpoint(async ({ params }) => {
  await inTheHall((hall) => removeNote(hall, params.id!, params.note!))
  return json({})
})
