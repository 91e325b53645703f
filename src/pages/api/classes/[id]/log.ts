import { classLog } from '@server/actions/class-log'
import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { findClass } from '@server/services/classes'

/** The runs of a class, the latest first, what becomes of it over them, and what everyone did last in its pieces. */
export const GET = endpoint(async ({ params }) =>
  json(
    await inTheHall(async (hall) => {
      const { document } = await findClass(hall, params.id!)
      return classLog(hall, params.id!, document)
    }),
  ),
)
