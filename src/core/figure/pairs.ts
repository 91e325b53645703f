import type { Figure } from './figure'

/** The pose that is drawn in ink. */
export const shownPose = ({ poses, shows }: Pick<Figure, 'poses' | 'shows'>): number =>
  Math.min(shows ?? poses.length - 1, poses.length - 1)

/** The near and the far one, or left and right. */
export const bothOf = <T>(pair: readonly [T] | readonly [T, T]): readonly [T, T] => [pair[0], pair[1] ?? pair[0]]
