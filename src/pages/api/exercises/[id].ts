import { Exercise } from '@core/library/exercise'
import { inTheHall } from '@server/db/in-hall'
import { item } from '@server/http/library-endpoints'
import { exerciseLibrary, requireUnused } from '@server/services/library'

export const { PUT, DELETE } = item(exerciseLibrary, Exercise, 'exercise', (id) =>
  inTheHall(async (hall) => {
    await requireUnused(hall, id)
    await exerciseLibrary.remove(hall, id)
  }),
)
