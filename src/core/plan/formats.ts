import type { DocumentKind } from '../base/stored'

/**
 * How each earlier format of a plan becomes the next, alike for classes and plan files, which hold one. Format 2 added what a part
 * is for, ranges of reps, alternatives, rest and laps by level, a clock for rungs and rules of variation: all may be left out, so
 * that a plan of format 1 is one of format 2 as it stands.
 */
export const planFormats: DocumentKind<unknown>['forward'] = [(plan) => plan]
