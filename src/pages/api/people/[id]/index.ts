import { Person } from '@core/hall/person'
import { item } from '@server/http/library-endpoints'
import { roster } from '@server/services/library'
import { erasePerson } from '@server/services/personal-data'

export const { PUT, DELETE } = item(roster, Person, 'person', erasePerson)
