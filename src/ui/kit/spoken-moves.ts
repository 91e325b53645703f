import type { DndContextProps, UniqueIdentifier } from '@dnd-kit/core'

/** What somebody hears who moves things by keys: `nameOf` says what one is called where it stands, such as "station 2". */
export function spokenMoves(nameOf: (id: UniqueIdentifier) => string): NonNullable<DndContextProps['accessibility']> {
  return {
    screenReaderInstructions: { draggable: 'Press Space to hold it, the arrow keys to move it, and Space again to put it down.' },
    announcements: {
      onDragStart: ({ active }) => `You hold ${nameOf(active.id)}.`,
      onDragOver: ({ active, over }) => (over ? `${nameOf(active.id)} to the place of ${nameOf(over.id)}.` : undefined),
      onDragEnd: ({ active, over }) => `You put down ${nameOf(active.id)}${over ? ` at the place of ${nameOf(over.id)}` : ''}.`,
      onDragCancel: ({ active }) => `${nameOf(active.id)} stays where it was.`,
    },
  }
}
