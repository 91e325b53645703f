import { Exercise } from '@core/hall/exercise'
import { item } from '@server/http/library-endpoints'
import { exerciseLibrary, requireUnused } from '@server/services/library'

export const { PUT, DELETE } = item(exerciseLibrary, Exercise, 'exercise', async (hall, id) => {
  await requireUnused(hall, id)
  await exerciseLibrary.remove(hall, id)
})
