import { Person } from '@core/library/person'
import { collection } from '@server/http/library-endpoints'
import { audit } from '@server/services/audit'
import { roster } from '@server/services/library'

export const { GET, POST } = collection(
  {
    ...roster,
    async list(hall) {
      await audit(hall, 'limitsSeen')
      return roster.list(hall)
    },
  },
  Person,
  'people',
)
