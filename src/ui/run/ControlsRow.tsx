import type { RunState } from '@core/run/clock/state'
import type { KeyAction } from './controls-keys'
import styles from './controls.module.css'

interface ControlsRowProps {
  state: RunState
  /** The phase's word and its digits: said again here where a panel may stand over the clock. */
  word: string
  digits: string
  locked: boolean
  onAct: (action: KeyAction) => void
  /** After a stop: everyone is to leave the room. */
  onClear: () => void
}

/** The row under the clock: what a coach presses without looking. The stop is always live. */
export function ControlsRow({ state, word, digits, locked, onAct, onClear }: ControlsRowProps) {
  const under = state.status !== 'ready' && state.status !== 'finished'
  const idle = !under || locked
  return (
    <div className={styles.controlsRow}>
      <button
        type="button"
        className={`${styles.control} ${styles.isMain}`}
        onClick={() => onAct('toggle')}
        disabled={locked || state.status === 'finished'}
      >
        <b>{mainWord(state)}</b>
        <small>
          {word} {state.status !== 'finished' && digits}
        </small>
        <kbd>space</kbd>
      </button>
      {state.status === 'stopped' ? (
        <button type="button" className={`${styles.control} ${styles.isClear}`} onClick={onClear} disabled={state.clearing}>
          <b>{state.clearing ? 'Everyone is told to leave' : 'Clear the room'}</b>
          <small>by the nearest free exit, and wait outside</small>
        </button>
      ) : (
        <>
          <Control word="Back" hint="start of this" keys="page up" disabled={idle} onPress={() => onAct('back')} />
          <Control word="Repeat" hint="the last work" keys="R" disabled={idle} onPress={() => onAct('repeat')} />
          <Control word="Skip" hint="to the next" keys="page down" disabled={idle} onPress={() => onAct('skip')} />
          <Control word="+ 10 s" hint="longer" keys="+" disabled={idle} onPress={() => onAct('extend')} />
          <Control
            word={state.holding ? 'Release' : 'Hold'}
            hint={state.holding ? 'go on at its end' : 'wait at its end'}
            keys="H"
            disabled={idle}
            onPress={() => onAct('hold')}
          />
        </>
      )}
      <button
        type="button"
        className={`${styles.control} ${styles.isStop}`}
        onClick={() => onAct('stop')}
        disabled={!under || state.status === 'stopped'}
      >
        <b>Stop the room</b>
        <kbd>S, held half a second</kbd>
      </button>
    </div>
  )
}

interface ControlProps {
  word: string
  hint: string
  keys: string
  disabled: boolean
  onPress: () => void
}

function Control({ word, hint, keys, disabled, onPress }: ControlProps) {
  return (
    <button type="button" className={styles.control} disabled={disabled} onClick={onPress}>
      <b>{word}</b>
      <small>{hint}</small>
      <kbd>{keys}</kbd>
    </button>
  )
}

function mainWord(state: RunState): string {
  switch (state.status) {
    case 'ready':
      return 'Start'
    case 'paused':
      return 'Resume'
    case 'stopped':
      return 'Go on'
    case 'held':
      return 'Release'
    case 'finished':
      return 'Done'
    default:
      return 'Pause'
  }
}
