import type { Room } from '@core/library/room'
import type { Stored } from '../kit/use-library'

export type StoredRoom = Stored<Room>
