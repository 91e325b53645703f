import { useMemo } from 'react'
import type { RunState } from '@core/run/clock/state'
import { blocksOf } from '@core/timeline/blocks'
import { formatSeconds } from '@core/base/units'
import { Ribbon } from '../kit/Ribbon'
import { timeOf } from '../kit/zoned-time'
import { RibbonHead } from '../live/RibbonHead'
import type { LiveRun } from '../live/use-run'
import styles from './controls.module.css'

interface ControlsRibbonProps {
  live: LiveRun
  /** When the slot of the class is over. */
  slotEnd: number
  zone: string
  /** Whether this device holds the controls. */
  holds: boolean
}

/** The class as a ribbon, and what is gone and left of it. */
export function ControlsRibbon({ live, slotEnd, zone, holds }: ControlsRibbonProps) {
  const { snapshot, state, connected } = live
  const blocks = useMemo(() => blocksOf(snapshot.timeline, snapshot.pieceNames), [snapshot])
  const under = state.status !== 'ready' && state.status !== 'finished'
  return (
    <div className={styles.controlsRibbon}>
      <Ribbon blocks={blocks} total={snapshot.timeline.total} names={false} scale={false} />
      {under && <RibbonHead state={state} />}
      <div className={styles.controlsEnds}>
        <span>{formatSeconds(state.gone / 1000)} elapsed</span>
        <span role="status" className={connected ? styles.isTogether : undefined}>
          {connected ? 'in sync' : 'offline: going on by itself'}
          {holds && ' · this device holds the controls'}
        </span>
        <span>
          {formatSeconds(Math.ceil(state.left / 1000))} left, {state.status === 'finished' ? 'ended' : 'ends'} {timeOf(state.endsAt, zone)}
          {slotWord(state, slotEnd)}
        </span>
      </div>
    </div>
  )
}

function slotWord(state: RunState, slotEnd: number): string {
  const over = Math.round((state.endsAt - slotEnd) / 60_000)
  if (state.status === 'finished') return ''
  return over > 120 ? ', hours after the slot' : over > 0 ? `, ${over} min over the slot` : ', within the slot'
}
