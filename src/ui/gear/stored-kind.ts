import type { GearKind } from '@core/library/gear-kind'
import type { Stored } from '../kit/use-library'

export type StoredKind = Stored<GearKind>
