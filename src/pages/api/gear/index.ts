import { GearKind } from '@core/library/gear-kind'
import { collection } from '@server/http/library-endpoints'
import { gearInventory } from '@server/services/library'

export const { GET, POST } = collection(gearInventory, GearKind, 'gear')
