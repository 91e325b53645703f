import type { PhaseKind } from '@core/timeline/phase'
import type { RunState } from '@core/run/clock/state'
import level from './level.module.css'

const tones: Record<RunState['status'], PhaseKind | undefined> = {
  ready: 'pause',
  countIn: 'pause',
  stopped: 'pause',
  finished: undefined,
  running: undefined,
  held: undefined,
  paused: undefined,
}

/** The tide: what is left of the phase, as a level that falls. */
export function Level({ state, wave }: { state: RunState; wave?: boolean }) {
  const kind = state.status === 'finished' ? 'rest' : (tones[state.status] ?? state.phase.kind)
  const share =
    state.status === 'countIn'
      ? state.countIn / 10_000
      : state.status === 'finished'
        ? 0
        : state.length > 0
          ? state.remaining / state.length
          : 0
  return (
    <div className="level" data-kind={kind} style={{ transform: `translateY(${(1 - Math.min(1, share)) * 100}%)` }} aria-hidden>
      {wave && (
        <svg className={level.levelWave} viewBox="0 0 1280 24" preserveAspectRatio="none">
          <path d={wavePath} />
        </svg>
      )}
    </div>
  )
}

const wavePath = `M0 24 V12 q40 -12 80 0 ${'t80 0 '.repeat(15)}V24 Z`
