import { useState } from 'react'
import type { RunState } from '@core/run/clock/state'

interface EndButtonProps {
  state: RunState
  onEnd: () => void
  classId: string
  /** Whether the controls are locked against stray presses. */
  locked: boolean
}

/** Ending is for good, so it takes a second press. */
export function EndButton({ state, onEnd, classId, locked }: EndButtonProps) {
  const [asked, setAsked] = useState(false)
  if (state.status === 'finished' || state.status === 'ready') {
    return (
      <a className="small-button" href={`/classes/${classId}/${state.status === 'ready' ? 'run' : 'log'}`}>
        {state.status === 'ready' ? 'Back to the plan' : 'See the log'}
      </a>
    )
  }
  return (
    <button
      type="button"
      className="small-button"
      disabled={locked}
      onClick={() => (asked ? onEnd() : setAsked(true))}
      onBlur={() => setAsked(false)}
    >
      {asked ? 'Press again to end it' : 'End class'}
    </button>
  )
}
