import { Person } from '@core/library/person'
import { erase } from '@server/actions/erase'
import { item } from '@server/http/library-endpoints'
import { roster } from '@server/services/library'

export const { PUT, DELETE } = item(roster, Person, 'person', erase)
