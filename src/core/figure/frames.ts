import { poseBetween } from './between'
import type { Figure, Pose } from './figure'

/** Each pose and some between, in the order in which they come. */
export function framesOf(figure: Figure, between = 4): Pose[] {
  const { poses } = figure
  const round = figure.course === 'round' ? [...poses, poses[0]!] : poses
  return round.flatMap((pose, index) => {
    const next = round[index + 1]
    return next ? Array.from({ length: between }, (_, step) => poseBetween(pose, next, step / between, figure)) : [pose]
  })
}
