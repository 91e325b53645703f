import type { Metres } from '../base/units'

/** Arc minutes of a character's height at which it reads well (20 to 22 are preferred, 16 is least; ISO 9241-303; from memory). */
export const wellRead = 22

/** How far a character of a height reads well: 77 mm at 12 m. */
export const readingDistance = (heightMetres: Metres, arcMinutes = wellRead): Metres =>
  heightMetres / Math.tan((arcMinutes / 60) * (Math.PI / 180))
