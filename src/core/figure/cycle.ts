import { poseBetween, swapped } from './between'
import type { Figure, Pose } from './figure'
import { shownPose } from './pairs'

type Seconds = number

/** From one pose to the next, and how long; the same pose twice is a hold. */
interface Step {
  from: Pose
  to: Pose
  seconds: Seconds
}

/** A movement in time: its steps over and over. */
export interface Cycle {
  figure: Figure
  steps: readonly Step[]
  seconds: Seconds
  /** Shown slower than it is done, as an eye could not follow. */
  slowed: boolean
}

/** Seconds of lowering, holding below, raising and holding above. */
export type TempoFigures = readonly [Seconds, Seconds, Seconds, Seconds]

/** More changes of pose a second than this cannot be followed. */
const mostChangesPerSecond = 3

/** The way to the pose that is shown, and back to the first: each as the poses on it. */
function waysOf(figure: Figure): [out: Pose[], home: Pose[]] {
  const { poses } = figure
  const shown = shownPose(figure)
  const on = poses.slice(shown)
  if (figure.course === 'round') return [poses.slice(0, shown + 1), [...on, poses[0]!]]
  // Poses after the shown one are come to as well, before the way back.
  return [poses.slice(0, shown + 1), [...on, ...poses.slice(0, -1).reverse()]]
}

function stepsOf(way: readonly Pose[], seconds: Seconds): Step[] {
  const each = seconds / Math.max(1, way.length - 1)
  return way.slice(1).map((to, index) => ({ from: way[index]!, to, seconds: each }))
}

/**
 * A figure in time. `repSeconds`: a rep, where no tempo says how it is shared out; both sides are reps of their own. A figure of one
 * pose is held, and has no steps.
 */
export function cycleOf(figure: Figure, repSeconds: Seconds, tempo?: TempoFigures): Cycle {
  const { view } = figure
  if (figure.poses.length < 2) return { figure, steps: [], seconds: 0, slowed: false }
  const [out, home] = waysOf(figure)
  const changes = out.length + home.length - 2
  const wanted = Math.max(tempo ? tempo.reduce((sum, each) => sum + each, 0) : repSeconds, 0.1)
  const seconds = Math.max(wanted, changes / mostChangesPerSecond)
  const [lower, below, raise, above] = tempo ?? [0.42 * wanted, 0.08 * wanted, 0.42 * wanted, 0.08 * wanted]
  const [there, held, back, start] = figure.lowers === false ? [raise, above, lower, below] : [lower, below, raise, above]
  const scale = seconds / wanted
  const once = [
    ...stepsOf(out, there * scale),
    { from: out.at(-1)!, to: out.at(-1)!, seconds: held * scale },
    ...stepsOf(home, back * scale),
    { from: out[0]!, to: out[0]!, seconds: start * scale },
  ].filter((step) => step.seconds > 0)
  const steps = figure.swaps
    ? [...once, ...once.map((step) => ({ ...step, from: swapped(step.from, view), to: swapped(step.to, view) }))]
    : once
  return { figure, steps, seconds: steps.reduce((sum, step) => sum + step.seconds, 0), slowed: scale > 1.01 }
}

/** Slow at both ends, as bodies move. */
const eased = (share: number) => (1 - Math.cos(Math.PI * share)) / 2

/** The pose so many seconds into the movement, which goes on over and over. */
export function poseAt(cycle: Cycle, seconds: Seconds): Pose | undefined {
  let left = ((seconds % cycle.seconds) + cycle.seconds) % cycle.seconds
  for (const step of cycle.steps) {
    if (left <= step.seconds) return poseBetween(step.from, step.to, eased(left / step.seconds), cycle.figure)
    left -= step.seconds
  }
  return cycle.steps[0]?.from
}
