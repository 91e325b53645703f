import type { DndContextProps, UniqueIdentifier } from '@dnd-kit/core'

/** What somebody hears who moves things by keys: `nameOf` says what one is called where it stands, such as "station 2". */
export function spokenMoves(nameOf: (id: UniqueIdentifier) => string): NonNullable<DndContextProps['accessibility']> {
  return {
    screenReaderInstructions: {
      draggable: 'Press Space to hold it, the arrow keys to move it, Space again to put it down, and Escape to leave it where it was.',
    },
    announcements: {
      onDragStart: ({ active }) => `You hold ${nameOf(active.id)}.`,
      onDragOver: ({ over }) => (over ? `At the place of ${nameOf(over.id)}.` : undefined),
      onDragEnd: ({ active, over }) => `You put down ${nameOf(active.id)}${over ? ` at the place of ${nameOf(over.id)}` : ''}.`,
      onDragCancel: ({ active }) => `You left ${nameOf(active.id)} where it was.`,
    },
  }
}
