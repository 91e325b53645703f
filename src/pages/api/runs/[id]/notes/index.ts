import { RunNote } from '@core/results/put-down'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { addNote } from '@server/services/run-notes'
import { findRow } from '@server/services/runs'

export const POST = endpoint(async ({ params, request }) => {
  const { text } = await readBody(request, RunNote)
  const note = await inTheHall(async (hall) => addNote(hall, (await findRow(hall, params.id!)).id, text))
  return json(note, 201)
})
