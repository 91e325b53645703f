import { Room } from '@core/library/room'
import { collection } from '@server/http/library-endpoints'
import { roomList } from '@server/services/library'

export const { GET, POST } = collection(roomList, Room, 'rooms')
