import { GearKind } from '@core/hall/gear-kind'
import { item } from '@server/http/library-endpoints'
import { gearInventory, requireKindUnused } from '@server/services/library'

export const { PUT, DELETE } = item(gearInventory, GearKind, 'kind', async (hallId, id) => {
  await requireKindUnused(hallId, id)
  await gearInventory.remove(hallId, id)
})
