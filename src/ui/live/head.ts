import type { RunState } from '@core/run/state'

/** Where the class is on its ribbon, in per cent of its planned length: a phase that lasts longer than planned waits at its end. */
export function headAt({ phase, elapsed, timeline }: Pick<RunState, 'phase' | 'elapsed' | 'timeline'>): number {
  return (100 * (phase.start + Math.min(phase.seconds, elapsed / 1000))) / timeline.total
}
