import { useEffect, useMemo, useRef, useState } from 'react'
import type { Command } from '@core/run/clock/events'
import { countInMs } from '@core/run/clock/progress'
import type { RunSnapshot } from '@core/run/room/snapshot'
import { allFinished, standings } from '@core/records/standing'
import { blocksOf } from '@core/timeline/blocks'
import { phaseAt } from '@core/timeline/at'
import { formatSeconds } from '@core/base/units'
import { tapsOfClass } from '../../stand-ins/people'
import { SimulatedSpeaker, type HeardCue } from '../../stand-ins/speaker'
import { Fetched } from '../kit/Fetched'
import { guarded } from '../kit/Guard'
import { Ribbon } from '../kit/Ribbon'
import { RibbonHead } from '../live/RibbonHead'
import { RunFeed } from '../live/run-feed'
import { kindOf, soundNames } from '../live/sound-settings'
import { useLive, type LiveRun } from '../live/use-run'
import { useSound } from '../live/use-sound'
import { WallView } from '../wall/WallView'
import { RehearsalClock } from './rehearsal-clock'
import styles from './rehearsal.module.css'

const rates = [1, 2, 5, 10, 20, 40, 60] as const

/** A class played by itself, by eye and by ear, as fast as one likes: nothing of it is stored, and no room hears of it. */
export const RehearsalScreen = guarded(({ classId, zone }: { classId: string; zone: string }) => (
  <Fetched<RunSnapshot>
    address={`/api/classes/${classId}/rehearsal`}
    what="The class"
    back={{ address: `/classes/${classId}/shape`, label: 'Back to the class' }}
  >
    {(snapshot) => <Rehearsal snapshot={snapshot} classId={classId} zone={zone} />}
  </Fetched>
))

function Rehearsal({ snapshot, classId, zone }: { snapshot: RunSnapshot; classId: string; zone: string }) {
  const [clock] = useState(() => new RehearsalClock(snapshot.startsAt - countInMs))
  const [feed] = useState(() => new RunFeed(snapshot, [], '', 1))
  // There is no line that could be lost.
  const live = { ...useLive(feed, clock, snapshot.startsAt - countInMs), connected: true }
  const sound = useSound(live)
  const [rate, setRate] = useState(1)
  const [people, setPeople] = useState(true)
  const { state } = live
  const blocks = useMemo(() => blocksOf(snapshot.timeline, snapshot.pieceNames), [snapshot])
  const { total } = snapshot.timeline
  const send = (command: Command) => {
    const { progress } = feed.get()
    feed.take([
      { sequence: progress.sequence + 1, id: `r${progress.sequence}`, at: Math.max(clock.now(), progress.at), who: 'Rehearsal', command },
    ])
  }
  const toggle = () => {
    if (!sound.on) void sound.turn(true)
    send({ type: state.status === 'ready' ? 'start' : state.status === 'paused' ? 'resume' : 'pause' })
  }
  const speed = (to: number) => {
    clock.setRate(to)
    setRate(to)
    // What has been put on the audio clock was for the other speed.
    sound.change(sound.settings)
  }
  const jump = (second: number) => {
    const at = Math.min(total - 1, Math.max(0, Math.floor(second)))
    const phase = phaseAt(snapshot.timeline, at)!
    if (state.status === 'ready') send({ type: 'start' })
    send({ type: 'goto', phase: phase.index, into: at - phase.start })
  }
  useSimulatedPeople(live, people, send)
  const heard = useSimulatedSpeaker(live)
  const over = state.status === 'finished'
  return (
    <div className={styles.rehearsal}>
      <WallView live={live} layout="room" zone={zone} sound={sound} />
      <aside className={styles.rehearsalBar} aria-label="Rehearsal">
        <button type="button" className="small-button" onClick={toggle} disabled={over}>
          {state.status === 'ready' ? 'Play' : state.status === 'paused' ? 'Go on' : 'Pause'}
        </button>
        <label>
          Speed{' '}
          <select className="small-field" value={rate} onChange={(event) => speed(Number(event.currentTarget.value))}>
            {rates.map((rate) => (
              <option key={rate} value={rate}>
                {rate} ×
              </option>
            ))}
          </select>
        </label>
        <div className={styles.rehearsalRibbon}>
          <Ribbon blocks={blocks} total={total} names={false} scale={false} />
          <RibbonHead state={state} />
          <input
            type="range"
            min={0}
            max={total - 1}
            step={1}
            value={Math.min(total - 1, Math.floor(state.gone / 1000))}
            disabled={over}
            aria-label="Where in the class"
            aria-valuetext={`${formatSeconds(Math.floor(state.gone / 1000))} of ${formatSeconds(total)}`}
            onChange={(event) => jump(Number(event.currentTarget.value))}
          />
        </div>
        <span className={styles.rehearsalTime}>
          {formatSeconds(Math.floor(state.gone / 1000))} of {formatSeconds(total)}
        </span>
        <label className={styles.rehearsalCheck}>
          <input type="checkbox" checked={people} onChange={(event) => setPeople(event.currentTarget.checked)} /> People tap
        </label>
        <details>
          <summary>What the room hears</summary>
          <ol aria-label="Cues heard, the last first">
            {heard.map((cue, index) => (
              <li key={`${cue.at}-${cue.kind}-${index}`}>
                {cueName(cue)}, {cue.late < 1 ? 'on time' : `${Math.round(cue.late)} ms late`}
              </li>
            ))}
          </ol>
        </details>
        {over ? (
          <button type="button" className="small-button" onClick={() => location.reload()}>
            Once more
          </button>
        ) : null}
        <a className="small-button" href={`/classes/${classId}/run`}>
          Back to the plan
        </a>
      </aside>
    </div>
  )
}

/** A simulated class that goes through self-paced lists and taps, and a coach who goes on once all have finished. */
function useSimulatedPeople({ snapshot, state, clock, feed }: LiveRun, on: boolean, send: (command: Command) => void): void {
  const plan = useMemo(() => (on ? tapsOfClass(snapshot, state.phase, Math.random) : []), [on, snapshot, state.phase])
  const done = useRef({ plan, taps: 0 })
  if (done.current.plan !== plan) done.current = { plan, taps: 0 }
  const second = Math.floor(clock.now() / 1000)
  useEffect(() => {
    if (feed.get().progress.mode !== 'running' || state.status !== 'running') return
    for (let tap = plan[done.current.taps]; tap && tap.at * 1000 <= state.elapsed; tap = plan[++done.current.taps])
      send({ type: 'tap', personIds: [tap.personId], what: tap.what })
    const { open } = state.phase.selfPaced ?? {}
    if (open && (on ? allFinished(standings(snapshot, feed.get().progress, state)) : state.elapsed >= open.high * 1000))
      send({ type: 'skip' })
    // oxlint-disable-next-line react/exhaustive-deps -- once a second of the class is often enough
  }, [plan, second])
}

const cueName = ({ kind }: HeardCue) => (kindOf[kind] === 'count' ? kind : soundNames[kindOf[kind]].toLowerCase())

const kept = 12

/** A simulated room speaker, and the last it has heard. */
function useSimulatedSpeaker({ feed, clock }: LiveRun): HeardCue[] {
  const [heard, setHeard] = useState<HeardCue[]>([])
  useEffect(() => {
    const speaker = new SimulatedSpeaker({ now: () => clock.now(), ahead: () => 6000 * clock.rate })
    const look = (changed = false) => {
      speaker.look(feed.get().progress, changed)
      setHeard((before) => (speaker.log.at(-1) === before[0] ? before : speaker.log.slice(-kept).reverse()))
    }
    const timer = setInterval(look, 200)
    const unsubscribe = feed.subscribe(() => look(true))
    return () => {
      clearInterval(timer)
      unsubscribe()
    }
  }, [feed, clock])
  return heard
}
