import type { Figure } from '../../../src/core/figure/figure'

/** The figures of exercises by their id, and of their options by what their id ends in; an option without one looks like its exercise. */
export type FigureSet = Record<string, { self: Figure } & Record<string, Figure>>
