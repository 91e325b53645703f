/**
 * How the room wall is laid out: for the usual room, for a large one, for people close by, and for those who follow from home on a
 * shared screen.
 */
export const layouts = ['room', 'far', 'near', 'home'] as const
export type Layout = (typeof layouts)[number]

export const layoutNames: Record<Layout, string> = { room: 'Room', far: 'Far', near: 'Near', home: 'Home' }
