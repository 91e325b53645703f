import { layouts, type Layout } from '@core/run/screens/wall-layouts'

/** The layout of a name; the room's for none, or one that is not known. */
export const layoutOf = (name: string | null): Layout => layouts.find((layout) => layout === name) ?? 'room'

/**
 * Height of capitals as a share of the picture's width at 16 : 9: the sizes of the wall's styles times the fonts' 0.7 em. Names have
 * one in the layouts in which they are not set as large as there is room for.
 */
export const wallSizes: Record<Layout, { digits: number; headline: number; names?: number }> = {
  room: { digits: 0.165, headline: 0.022 },
  far: { digits: 0.126, headline: 0.022 },
  near: { digits: 0.13, headline: 0.019, names: 0.012 },
  home: { digits: 0.13, headline: 0.032, names: 0.016 },
}
