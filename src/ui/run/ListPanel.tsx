import { useState } from 'react'
import type { Command } from '@core/run/events'
import { allFinished, doneWords, probablyWords, standings, type Standing } from '@core/run/standing'
import { formatSeconds } from '@core/units'
import type { LiveRun } from '../live/use-run'
import { Panel } from './Panel'

interface ListPanelProps {
  live: LiveRun
  busy: boolean
  send: (command: Command) => Promise<void>
  onClose: () => void
}

/** A part at everyone's own pace: a tap for a round, a tap for the finish, person by person or a group at once. */
export function ListPanel({ live, busy, send, onClose }: ListPanelProps) {
  const { snapshot, state, feed } = live
  const list = standings(snapshot, feed.get().progress, state)
  const byId = new Map(list.map((each) => [each.personId, each]))
  const [each, setEach] = useState(false)
  const pairs = snapshot.groups.some((ids) => ids.length > 1)
  const groups = (each ? snapshot.groups.flat().map((id) => [id]) : snapshot.groups.filter((ids) => ids.length > 0)).map((ids) => ids.flatMap((id) => byId.get(id) ?? []))
  const open = state.phase.selfPaced?.open !== undefined
  return (
    <Panel title="At their own pace" onClose={onClose}>
      {!state.phase.selfPaced ? (
        <p>This part is over. What was tapped is kept.</p>
      ) : (
        <>
          <p className="run-line">
            <b className="run-watch">{formatSeconds(Math.floor(state.elapsed / 1000))}</b> {probablyWords(snapshot, state)}
          </p>
          {open && allFinished(list) && (
            <p role="status">
              <b>Everyone has finished.</b>{' '}
              <button type="button" className="small-button" disabled={busy} onClick={() => void send({ type: 'skip' })}>
                Go on
              </button>
            </p>
          )}
          {pairs && (
            <label className="run-check">
              <input type="checkbox" checked={each} onChange={(event) => setEach(event.currentTarget.checked)} /> Each person by themselves
            </label>
          )}
          <ul className="run-list is-taps">
            {groups.map((group) => (
              <Taps key={group[0]!.personId} group={group} busy={busy} send={send} />
            ))}
          </ul>
        </>
      )}
    </Panel>
  )
}

const names = (group: readonly Standing[]) => group.map((each) => each.name).join(' and ')

function Taps({ group, busy, send }: { group: Standing[]; busy: boolean; send: ListPanelProps['send'] }) {
  const [first] = group
  const personIds = group.map((each) => each.personId)
  const finished = first!.finished
  const last = group.find((each) => each.last)?.last
  const tap = (what: 'start' | 'round' | 'finish') => void send({ type: 'tap', personIds, what })
  return (
    <li>
      <span>
        {names(group)}{' '}
        <b>
          {doneWords(first!)}
          {first!.began > 0 && <span className="second"> began at {formatSeconds(Math.round(first!.began / 1000))}</span>}
        </b>
      </span>
      <span className="run-ease" role="group" aria-label={`Taps of ${names(group)}`}>
        <button type="button" className="small-button" disabled={busy || finished !== undefined} onClick={() => tap('round')} aria-label={`${names(group)}: a round more`}>
          Round
        </button>
        <button type="button" className="small-button" disabled={busy || finished !== undefined} onClick={() => tap('finish')} aria-label={`${names(group)}: finished`}>
          Finish
        </button>
        {!last && (
          <button type="button" className="small-button" disabled={busy} onClick={() => tap('start')} aria-label={`${names(group)}: begin only now`}>
            Begins now
          </button>
        )}
        {last && (
          <button type="button" className="small-button" disabled={busy} onClick={() => void send({ type: 'untap', tapId: last.id })} aria-label={`${names(group)}: take the last tap away`}>
            Take away
          </button>
        )}
      </span>
    </li>
  )
}
