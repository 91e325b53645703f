import { GearKind } from '@core/library/gear-kind'
import { inTheHall } from '@server/db/in-hall'
import { item } from '@server/http/library-endpoints'
import { gearInventory, requireKindUnused } from '@server/services/library'

export const { PUT, DELETE } = item(gearInventory, GearKind, 'kind', (id) =>
  inTheHall(async (hall) => {
    await requireKindUnused(hall, id)
    await gearInventory.remove(hall, id)
  }),
)
