import { Exercise } from '@core/hall/exercise'
import { item } from '@server/http/library-endpoints'
import { exerciseLibrary, requireUnused } from '@server/services/library'

export const { PUT, DELETE } = item(exerciseLibrary, Exercise, 'exercise', async (hallId, id) => {
  await requireUnused(hallId, id)
  await exerciseLibrary.remove(hallId, id)
})
