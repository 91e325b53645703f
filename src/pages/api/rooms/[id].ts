import { Room } from '@core/library/room'
import { inTheHall } from '@server/db/in-hall'
import { item } from '@server/http/library-endpoints'
import { requireRoomUnused, roomList } from '@server/services/library'

export const { PUT, DELETE } = item(roomList, Room, 'room', (id) =>
  inTheHall(async (hall) => {
    await requireRoomUnused(hall, id)
    await roomList.remove(hall, id)
  }),
)
