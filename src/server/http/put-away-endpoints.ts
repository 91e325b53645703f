import type { APIRoute } from 'astro'
import { inTheHall } from '../db/in-hall'
import { setPutAway, type PutAwayKind } from '../services/put-away'
import { endpoint, json } from './respond'

/** `DELETE` of something that can be brought back. */
export const putsAway = (kind: PutAwayKind): APIRoute =>
  endpoint(async ({ params }) => {
    await inTheHall((hall) => setPutAway(hall, kind, params.id!, true))
    return json({ putAway: true })
  })

/** `POST` to bring it back. */
export const bringsBack = (kind: PutAwayKind): APIRoute =>
  endpoint(async ({ params }) => {
    await inTheHall((hall) => setPutAway(hall, kind, params.id!, false))
    return json({ putAway: false })
  })
