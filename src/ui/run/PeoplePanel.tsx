import { nanoid } from 'nanoid'
import { useMemo, useState, type FormEvent } from 'react'
import { coverageOf, type Coverage } from '@core/records/coverage'
import { advance } from '@core/run/clock/progress'
import { numberRuns } from '@core/base/number-runs'
import type { LiveRun } from '../live/use-run'
import { EaseButtons } from './EaseButtons'
import { Panel } from './Panel'
import { ChangeTold, useRoomChanges } from './room-changes'
import styles from './panel.module.css'

interface PeoplePanelProps {
  runId: string
  live: LiveRun
  onClose: () => void
}

/**
 * Who comes late, who leaves, who trade places, and for whom it is made easier or harder, while the class runs; all screens follow
 * at once.
 */
export function PeoplePanel({ runId, live, onClose }: PeoplePanelProps) {
  const { snapshot } = live
  const [name, setName] = useState('')
  const [two, setTwo] = useState<[string, string]>(['', ''])
  const [leaving, setLeaving] = useState<string>()
  const changes = useRoomChanges(runId, live)
  const { send } = changes
  const arrive = async (event: FormEvent) => {
    event.preventDefault()
    const first = name.trim()
    if (first !== '' && (await send({ type: 'arrives', id: `late-${nanoid(8)}`, name: first }))) setName('')
  }
  const trade = async (event: FormEvent) => {
    event.preventDefault()
    if (await send({ type: 'tradePlaces', one: two[0], other: two[1] })) setTwo(['', ''])
  }
  const leave = (personId: string) => {
    if (leaving !== personId) return setLeaving(personId)
    setLeaving(undefined)
    void send({ type: 'leaves', personId })
  }
  const { state, feed, clock } = live
  const pieceId =
    snapshot.timeline.phases.slice(state.phase.index).find((phase) => snapshot.circuits[phase.pieceId]?.turns)?.pieceId ??
    snapshot.timeline.phases.findLast((phase) => snapshot.circuits[phase.pieceId]?.turns)?.pieceId
  const second = Math.floor(clock.now() / 1000)
  const { progress } = feed.get()
  const coverage = useMemo(
    () =>
      new Map(
        pieceId === undefined || progress.sequence === 0
          ? []
          : coverageOf(snapshot, pieceId, state.phase, advance(progress, second * 1000).worked).map((known) => [known.personId, known]),
      ),
    [snapshot, pieceId, state.phase, progress, second],
  )
  const names = [...snapshot.people].sort((a, b) => a.name.localeCompare(b.name))
  const choose = (at: 0 | 1, id: string) => setTwo(at === 0 ? [id, two[1]] : [two[0], id])
  return (
    <Panel title="People" onClose={onClose} told={<ChangeTold {...changes} />}>
      <form onSubmit={(event) => void arrive(event)}>
        <label>
          Comes late{' '}
          <input
            className="small-field"
            value={name}
            maxLength={40}
            placeholder="First name"
            onChange={(event) => setName(event.currentTarget.value)}
            autoComplete="off"
          />
        </label>
        <button type="submit" className="small-button" disabled={name.trim() === ''}>
          Arrives
        </button>
      </form>
      <form onSubmit={(event) => void trade(event)}>
        {([0, 1] as const).map((at) => (
          <label key={at}>
            {at === 0 ? 'Trade places' : 'with'}{' '}
            <select className="small-field" value={two[at]} onChange={(event) => choose(at, event.currentTarget.value)}>
              <option value="">Choose</option>
              {names.map((person) => (
                <option key={person.id} value={person.id} disabled={person.id === two[1 - at]}>
                  {person.name}
                </option>
              ))}
            </select>
          </label>
        ))}
        <button type="submit" className="small-button" disabled={two.includes('')}>
          Trade
        </button>
      </form>
      <h3>Who is here</h3>
      <ul className={styles.runList}>
        {names.map((person) => (
          <li key={person.id}>
            <span>
              {person.name}
              {person.onBreak && <b> takes a break</b>}
              <Covered coverage={coverage.get(person.id)} />
            </span>
            <EaseButtons
              who={person.name}
              ease={person.ease ?? snapshot.ease ?? 'usual'}
              onEase={(ease) => void send({ type: 'ease', ease, personId: person.id })}
            />
            {person.onBreak && (
              <button
                type="button"
                className="small-button"
                aria-label={`${person.name} is back`}
                onClick={() => void send({ type: 'isBack', personId: person.id })}
              >
                Is back
              </button>
            )}
            <button
              type="button"
              className="small-button"
              aria-label={leaving === person.id ? `${person.name} leaves: press again` : `${person.name} leaves`}
              onClick={() => leave(person.id)}
            >
              {leaving === person.id ? 'Press again' : 'Leaves'}
            </button>
          </li>
        ))}
      </ul>
      {names.length === 0 && <p>Nobody yet: whoever comes late is the first.</p>}
    </Panel>
  )
}

/** Which stations somebody has done, and which they will have missed. */
function Covered({ coverage }: { coverage: Coverage | undefined }) {
  if (!coverage) return null
  const { done, toCome, missed, oneSide } = coverage
  return (
    <small className={`second ${styles.runCovered}`}>
      {done.length > 0 ? `done ${numberRuns(done)}` : 'none done yet'}
      {toCome.length > 0 && `; to come ${numberRuns(toCome)}`}
      {oneSide.length > 0 && `; one side only at ${numberRuns(oneSide)}`}
      {missed.length > 0 && <b> misses {numberRuns(missed)}</b>}
    </small>
  )
}
