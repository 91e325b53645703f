const lowered = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

/** A picture in words: what is done, and its form points. */
export const figureWords = (name: string, points: readonly string[]): string =>
  points.length === 0 ? name : `${name}: ${points.map(lowered).join(', ')}`
