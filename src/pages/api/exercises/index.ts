import { Exercise } from '@core/library/exercise'
import { collection } from '@server/http/library-endpoints'
import { exerciseLibrary } from '@server/services/library'

export const { GET, POST } = collection(exerciseLibrary, Exercise, 'exercises')
