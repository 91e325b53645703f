/** Height of capitals on the room wall, as a share of the picture's width at 16 : 9: the sizes of wall.css times the fonts' 0.7 em. */
export const wallSizes = { digits: 0.22, headline: 0.022, names: 0.011 } as const
