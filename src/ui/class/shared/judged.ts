import { nanoid } from 'nanoid'
import { useMemo } from 'react'
import type { Judged } from '@core/class/fix'
import { useClass } from './context'

/** The class as findings and fixes look at it; the same object as long as the class is. */
export function useJudged(): Judged {
  const { document, computed, library, rooms, others } = useClass()
  const room = rooms.find((room) => room.id === document.roomId)
  return useMemo(
    () => ({ document, computed, library, room, others, newId: () => nanoid(10) }),
    [document, computed, library, room, others],
  )
}
