import { useMemo, useState } from 'react'
import type { AskedCommand } from '@core/run/clock/events'
import { nextWords } from '@core/run/screens/next-words'
import { roomView } from '@core/run/screens/room-view'
import { listThatWas } from '@core/records/standing'
import { countsUp, shownSeconds, type RunState } from '@core/run/clock/state'
import { blocksOf } from '@core/timeline/blocks'
import { formatSeconds } from '@core/base/units'
import { guarded } from '../kit/Guard'
import { Ribbon } from '../kit/Ribbon'
import { slotEndOf } from '@core/run/retime/slot-end'
import { timeOf } from '../kit/zoned-time'
import { Caption } from '../live/Caption'
import { digitsOf } from '../live/digits'
import { Level } from '../live/Level'
import { RibbonHead } from '../live/RibbonHead'
import { useRun, type LiveProps } from '../live/use-run'
import { useWakeLock } from '../live/use-wake-lock'
import { useSound } from '../live/use-sound'
import { useCommands } from './commands'
import '../kit/small-controls.css'
import './controls.css'
import { useControlKeys, type KeyAction } from './controls-keys'
import { ControlsRow } from './ControlsRow'
import { EndButton } from './EndButton'
import { HolderBar } from './HolderBar'
import { ListPanel } from './ListPanel'
import { LockButton } from './LockButton'
import { PeoplePanel } from './PeoplePanel'
import { SoundPanel } from './SoundPanel'
import { StationsPanel } from './StationsPanel'
import { TimePanel } from './TimePanel'

interface ControlsProps extends LiveProps {
  runId: string
  classId: string
  wallPath: string
  /** Where links to all screens are; absent where the controls themselves came by a link. */
  screensPath?: string
}

const panels = ['Time', 'People', 'Stations', 'List', 'Sound'] as const
type PanelName = (typeof panels)[number]

const undoWords: Partial<Record<AskedCommand['type'], string>> = {
  pause: 'pause',
  resume: 'resume',
  skip: 'skip',
  back: 'back',
  repeat: 'repeat',
  goto: 'jump',
  hold: 'hold',
  release: 'release',
  extend: '+ 10 s',
  amend: 'the change of time',
}

/** The coach's controls: large targets, keys for all, and a stop that is one press away. */
export const ControlsScreen = guarded(Controls)

function Controls(props: ControlsProps) {
  const { runId, classId, wallPath, screensPath, zone } = props
  const live = useRun(props)
  const { snapshot, state, connected } = live
  const sound = useSound(live)
  const [shown, setShown] = useState<PanelName>()
  const [locked, setLocked] = useState(false)
  useWakeLock()
  const { send, takeOver, device, trouble, taps } = useCommands(runId, live.feed)
  // Another device has them: here the clock is watched, and can be stopped.
  const elsewhere = state.holder !== undefined && state.holder.device !== device.id && state.status !== 'finished'
  const shut = locked || elsewhere
  const second = shownSeconds(state)
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the words change by the second, not by the tick
  const view = useMemo(() => roomView(snapshot, state), [snapshot, state.status, state.phase, state.sequence, second])
  // eslint-disable-next-line react-hooks/exhaustive-deps -- nor do these
  const follows = useMemo(() => nextWords(snapshot, state), [snapshot, state.status, state.phase, state.sequence])
  const blocks = useMemo(() => blocksOf(snapshot.timeline, snapshot.pieceNames), [snapshot])
  const begin = () => {
    // The press that starts the class is also the press that browsers want for sound.
    if (!sound.on) void sound.turn(true)
    void send({ type: 'start' })
  }
  const toggle = () => {
    if (state.status === 'ready') begin()
    else if (state.status === 'paused' || state.status === 'stopped') void send({ type: 'resume' })
    else if (state.status === 'held') void send({ type: 'release' })
    else if (state.status !== 'finished') void send({ type: 'pause' })
  }
  const act = (action: KeyAction) => {
    if (locked && action !== 'stop') return
    if (action === 'mute') return void sound.turn(!sound.on)
    if (elsewhere && action !== 'stop') return
    if (action === 'toggle') return toggle()
    if (action === 'undo') return void (state.undoable && send({ type: 'undo' }))
    if (state.status === 'finished' || state.status === 'ready' || (action === 'stop' && state.status === 'stopped')) return
    if (action === 'extend') return void send({ type: 'extend', seconds: 10 })
    if (action === 'hold') return void send({ type: state.holding ? 'release' : 'hold' })
    void send({ type: action })
  }
  useControlKeys(act)
  const under = state.status !== 'ready' && state.status !== 'finished'
  const upNext = state.status === 'ready' ? state.phase : state.next
  const slotEnd = slotEndOf(snapshot, live.feed.get().events[0]?.at ?? live.clock.now())
  const listed = snapshot.timeline.phases.some((phase) => phase.selfPaced)
  const close = () => setShown(undefined)
  const panel = elsewhere && shown !== 'Sound' ? undefined : shown
  const digits = digitsOf(state)

  return (
    <main className="controls">
      <header className="controls-top">
        <div className="controls-name">
          <h1>{snapshot.name}</h1>
          <span>{view.place}</span>
        </div>
        <button type="button" className="small-button" aria-pressed={sound.on} onClick={() => void sound.turn(!sound.on)}>
          {sound.on ? 'Mute' : 'Unmute'} <kbd>M</kbd>
        </button>
        <a className={`small-button${screensPath ? ' is-also-there' : ''}`} href={wallPath} target="_blank" rel="noopener">
          Open the wall
        </a>
        {screensPath && (
          <a className="small-button" href={screensPath} target="_blank" rel="noopener">
            Screens
          </a>
        )}
        {panels
          .filter((name) => name !== 'List' || listed)
          .map((name) => (
            <button
              key={name}
              type="button"
              className="small-button"
              aria-expanded={panel === name}
              disabled={locked || (elsewhere && name !== 'Sound') || (name === 'List' ? !listThatWas(state) : state.status === 'finished')}
              onClick={() => setShown(panel === name ? undefined : name)}
            >
              {name}
            </button>
          ))}
        <LockButton locked={locked} onLock={setLocked} />
        {(!elsewhere || state.status === 'ready') && (
          <EndButton state={state} onEnd={() => void send({ type: 'finish' })} classId={classId} />
        )}
      </header>
      <div className="controls-ribbon">
        <Ribbon blocks={blocks} total={snapshot.timeline.total} names={false} scale={false} />
        {under && <RibbonHead state={state} />}
        <div className="controls-ends">
          <span>{formatSeconds(state.gone / 1000)} gone</span>
          <span role="status" className={connected ? 'is-together' : undefined}>
            {connected ? 'together with the room' : 'no line: going on by itself'}
            {state.holder?.device === device.id && ' · this device holds the controls'}
          </span>
          <span>
            {formatSeconds(Math.ceil(state.left / 1000))} left, {state.status === 'finished' ? 'ended' : 'ends'}{' '}
            {timeOf(state.endsAt, zone)}
            {slotWord(state, slotEnd)}
          </span>
        </div>
      </div>
      {elsewhere && (
        <HolderBar holder={state.holder!} device={device} events={live.feed.get().events} zone={zone} onTakeOver={() => void takeOver()} />
      )}
      <div className={`controls-middle${panel ? ' has-panel' : ''}`}>
        <section className="controls-phase on-paper" aria-label="Now">
          <Level state={state} />
          <div className="controls-words">
            <h2 data-testid="word">{state.status === 'paused' ? `Paused: ${view.word}` : view.word}</h2>
            <p className="controls-headline">{view.headline}</p>
            <p>{view.detail}</p>
            {state.undoable && !shut && (
              <p>
                <button type="button" className="small-button" onClick={() => act('undo')}>
                  Undo: {undoWords[state.undoable]} <kbd>Z</kbd>
                </button>
              </p>
            )}
            {countsUp(state) && (
              <p>
                The clock counts up{' '}
                {state.phase.selfPaced?.capSeconds ? `to ${formatSeconds(state.phase.selfPaced.capSeconds)} at most, or` : ''} until you
                press Skip; reckoned: {formatSeconds(state.phase.seconds)}.
              </p>
            )}
            {state.holding && (
              <p className="controls-headline">{state.status === 'held' ? 'Held: release to go on' : 'Will hold at the end of this'}</p>
            )}
            {state.status === 'ready' && snapshot.sentences.map((sentence) => <p key={sentence}>{sentence}</p>)}
            {state.status === 'ready' && state.endsAt > slotEnd + 60_000 && (
              <p>
                Started now, it ends after its slot.{' '}
                <button type="button" className="small-button" disabled={shut} onClick={() => setShown('Time')}>
                  Ways to end in time
                </button>
              </p>
            )}
            <Caption live={live} />
          </div>
          {state.status !== 'finished' && (
            <div className={`controls-digits${digits.length > 2 ? ' is-long' : ''}`} data-testid="digits" role="timer" aria-live="off">
              {digits}
            </div>
          )}
        </section>
        <div className="controls-side">
          <section className="controls-card" aria-label="Next">
            <div className="second">Next{upNext ? `, ${formatSeconds(upNext.seconds)}` : ''}</div>
            <h2>{follows.headline}</h2>
            {follows.detail && <p className="second">{follows.detail}</p>}
          </section>
          <section className="controls-card is-tall" aria-label="Watch">
            <div className="second">
              Watch{view.tiles.length > 0 && (view.tiles.some((tile) => tile.coming) ? ', and who comes where' : ', and who is where')}
            </div>
            {view.watch.length === 0 && <p className="second">Nobody has to go easy on what is done here.</p>}
            {view.watch.map((watched, index) => (
              <p key={index}>
                <b>{watched.name}</b>, {watched.text}
                {view.tiles.length > 0 && <span className="second"> (station {watched.station})</span>}
              </p>
            ))}
            {view.tiles.length > 0 && (
              <ol className="controls-stations" aria-label="Who is where">
                {view.tiles.map((tile) => (
                  <li key={tile.number}>
                    {tile.exercise}{' '}
                    <span className="second">
                      {tile.people.map((name) => (name === tile.works ? `${name} works` : name)).join(', ') || 'empty'}
                    </span>
                  </li>
                ))}
              </ol>
            )}
          </section>
        </div>
        {panel === 'People' && <PeoplePanel runId={runId} live={live} onClose={close} />}
        {panel === 'Stations' && <StationsPanel runId={runId} live={live} onClose={close} />}
        {panel === 'Time' && <TimePanel live={live} zone={zone} send={send} onClose={close} />}
        {panel === 'Sound' && <SoundPanel settings={sound.settings} onChange={sound.change} onClose={close} />}
        {panel === 'List' && <ListPanel live={live} taps={taps} send={send} onClose={close} />}
      </div>
      {trouble && (
        <div className="controls-trouble" role="alert">
          {trouble}
        </div>
      )}
      <ControlsRow state={state} word={view.word} digits={digits} locked={shut} onAct={act} />
    </main>
  )
}

function slotWord(state: RunState, slotEnd: number): string {
  const over = Math.round((state.endsAt - slotEnd) / 60_000)
  if (state.status === 'finished') return ''
  return over > 120 ? ', hours after the slot' : over > 0 ? `, ${over} min over the slot` : ', within the slot'
}
