import { Person } from '@core/library/person'
import { collection } from '@server/http/library-endpoints'
import { roster } from '@server/services/library'

export const { GET, POST } = collection(roster, Person, 'people')
