import { useState } from 'react'
import type { AskedCommand, TapKind } from '@core/run/clock/events'
import { allFinished, doneWords, listThatWas, probablyWords, standingsIn, type Standing } from '@core/records/standing'
import { tapWhen, tapsWith } from '@core/run/clock/taps'
import { formatSeconds } from '@core/base/units'
import type { LiveRun } from '../live/use-run'
import { Panel } from './Panel'
import type { TapState } from '../live/tap-line'
import styles from './panel.module.css'

interface ListPanelProps {
  live: LiveRun
  taps: TapState
  send: (command: AskedCommand) => Promise<void>
  onClose: () => void
}

/**
 * A part at everyone's own pace: a tap for a round, a tap for the finish, person by person or a group at once. When its time is
 * over, the rounds can still be put down. A tap counts at once; it says itself when it was made.
 */
export function ListPanel({ live, taps, send, onClose }: ListPanelProps) {
  const { snapshot, state, feed, clock } = live
  const [onePerson, setEach] = useState(false)
  const phase = listThatWas(state)
  if (!phase)
    return (
      <Panel title="At their own pace" onClose={onClose}>
        Once the class has come to a part at everyone’s own pace, what each has done is tapped here.
      </Panel>
    )
  const on = state.phase.index === phase.index && state.status !== 'finished'
  const { progress } = feed.get()
  const list = standingsIn(snapshot, tapsWith(progress, taps.waiting), phase.index)
  const byId = new Map(list.map((standing) => [standing.personId, standing]))
  const pairs = snapshot.groups.some((ids) => ids.length > 1)
  const groups = (onePerson ? snapshot.groups.flat().map((id) => [id]) : snapshot.groups.filter((ids) => ids.length > 0)).map((ids) =>
    ids.flatMap((id) => byId.get(id) ?? []),
  )
  const tap = (personIds: string[], what: TapKind) =>
    void send({ type: 'tap', personIds, what, when: tapWhen(progress, phase, clock.now()) })
  return (
    <Panel title="At their own pace" onClose={onClose}>
      {on ? (
        <p className={styles.runLine}>
          <b className={styles.runWatch}>{formatSeconds(Math.floor(state.elapsed / 1000))}</b> {probablyWords(snapshot, state)}
        </p>
      ) : (
        <p>
          <b>{snapshot.pieceNames[phase.pieceId]}</b> is over. The rounds people have done can still be put down, and taps taken away.
        </p>
      )}
      {taps.lost && (
        <p role="status">
          No answer yet: {taps.waiting.length === 1 ? 'a tap waits' : `${taps.waiting.length} taps wait`} for the line. Go on tapping; each
          keeps its time.
        </p>
      )}
      {on && phase.selfPaced?.open !== undefined && allFinished(list) && (
        <p role="status">
          <b>Everyone has finished.</b>{' '}
          <button type="button" className="small-button" onClick={() => void send({ type: 'skip' })}>
            Go on
          </button>
        </p>
      )}
      {pairs && (
        <label className={styles.runCheck}>
          <input type="checkbox" checked={onePerson} onChange={(event) => setEach(event.currentTarget.checked)} /> Each person by themselves
        </label>
      )}
      <ul className={`${styles.runList} is-taps`}>
        {groups.map((group) => (
          <Taps key={group[0]!.personId} group={group} on={on} tap={tap} takeAway={(tapId) => void send({ type: 'untap', tapId })} />
        ))}
      </ul>
    </Panel>
  )
}

const names = (group: readonly Standing[]) => group.map((standing) => standing.name).join(' and ')

interface TapsProps {
  group: Standing[]
  on: boolean
  tap: (personIds: string[], what: TapKind) => void
  takeAway: (tapId: string) => void
}

function Taps({ group, on, tap, takeAway }: TapsProps) {
  const [first] = group
  const personIds = group.map((standing) => standing.personId)
  const finished = first!.finished !== undefined
  const last = group.find((standing) => standing.last)?.last
  return (
    <li>
      <span>
        {names(group)}{' '}
        <b>
          {doneWords(first!)}
          {first!.began > 0 && <span className="second"> began at {formatSeconds(Math.round(first!.began / 1000))}</span>}
        </b>
      </span>
      <span className={styles.runEase} role="group" aria-label={`Taps of ${names(group)}`}>
        <button
          type="button"
          className="small-button"
          disabled={finished}
          onClick={() => tap(personIds, 'round')}
          aria-label={`${names(group)}: a round more`}
        >
          Round
        </button>
        {on && (
          <button
            type="button"
            className="small-button"
            disabled={finished}
            onClick={() => tap(personIds, 'finish')}
            aria-label={`${names(group)}: finished`}
          >
            Finish
          </button>
        )}
        {on && !last && (
          <button
            type="button"
            className="small-button"
            onClick={() => tap(personIds, 'start')}
            aria-label={`${names(group)}: begin only now`}
          >
            Begins now
          </button>
        )}
        {last && (
          <button
            type="button"
            className="small-button"
            onClick={() => takeAway(last.id)}
            aria-label={`${names(group)}: undo the last tap`}
          >
            Take away
          </button>
        )}
      </span>
    </li>
  )
}
