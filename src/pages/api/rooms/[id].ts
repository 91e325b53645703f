import { Room } from '@core/hall/room'
import { item } from '@server/http/library-endpoints'
import { requireRoomUnused, roomList } from '@server/services/library'

export const { PUT, DELETE } = item(roomList, Room, 'room', async (hall, id) => {
  await requireRoomUnused(hall, id)
  await roomList.remove(hall, id)
})
