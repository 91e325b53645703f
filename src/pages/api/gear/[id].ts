import { GearKind } from '@core/hall/gear-kind'
import { item } from '@server/http/library-endpoints'
import { gearInventory, requireKindUnused } from '@server/services/library'

export const { PUT, DELETE } = item(gearInventory, GearKind, 'kind', async (hall, id) => {
  await requireKindUnused(hall, id)
  await gearInventory.remove(hall, id)
})
