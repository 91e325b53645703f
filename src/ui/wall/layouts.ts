import { layouts, type Layout } from '@core/run/screens/wall-layouts'

/** The layout of a name; the room's for none, or one that is not known. */
export const layoutOf = (name: string | null): Layout => layouts.find((layout) => layout === name) ?? 'room'

/** Height of capitals as a share of the picture's width at 16 : 9: the sizes of wall.css times the fonts' 0.7 em. */
export const wallSizes: Record<Layout, { digits: number; headline: number; names: number }> = {
  room: { digits: 0.22, headline: 0.022, names: 0.011 },
  far: { digits: 0.29, headline: 0.029, names: 0.015 },
  near: { digits: 0.13, headline: 0.019, names: 0.012 },
  home: { digits: 0.13, headline: 0.032, names: 0.016 },
}
