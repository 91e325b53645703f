import type { RunState } from '@core/run/clock/state'

/** Where the class is on its ribbon; what is over is paler. A phase that lasts longer than planned waits at its end. */
export function RibbonHead({ state: { phase, elapsed, timeline } }: { state: Pick<RunState, 'phase' | 'elapsed' | 'timeline'> }) {
  const at = `${(100 * (phase.start + Math.min(phase.seconds, elapsed / 1000))) / timeline.total}%`
  return (
    <>
      <span className="ribbon-gone" style={{ width: at }} />
      <span className="ribbon-head" style={{ left: at }} />
    </>
  )
}
