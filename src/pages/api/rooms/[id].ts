import { Room } from '@core/hall/room'
import { item } from '@server/http/library-endpoints'
import { requireRoomUnused, roomList } from '@server/services/library'

export const { PUT, DELETE } = item(roomList, Room, 'room', async (hallId, id) => {
  await requireRoomUnused(hallId, id)
  await roomList.remove(hallId, id)
})
