import { isOwnPace } from '@core/timeline/phase'
import { useMemo, useState } from 'react'
import { nextWords } from '@core/run/screens/next-words'
import { roomView } from '@core/run/screens/room-view'
import { listThatWas } from '@core/records/standing'
import { changeKey, shownSeconds, type RunState } from '@core/run/clock/state'
import { guarded } from '../kit/Guard'
import { slotEndOf } from '@core/run/retime/slot-end'
import { digitsOf } from '../live/digits'
import { useRun, type LiveProps } from '../live/use-run'
import { useWakeLock } from '../live/use-wake-lock'
import { useSound } from '../live/use-sound'
import { useCommands } from './commands'
import { useControlKeys, type KeyAction } from './controls-keys'
import { BeforeStart } from './BeforeStart'
import { ControlsRibbon } from './ControlsRibbon'
import { Announce } from '../live/Announce'
import { ControlsRow } from './ControlsRow'
import { ControlsSide } from './ControlsSide'
import { EndButton } from './EndButton'
import { HolderBar } from './HolderBar'
import { lazily } from '../kit/lazily'
import { ListPanel } from './ListPanel'
import { LockButton } from './LockButton'
import { PeoplePanel } from './PeoplePanel'
import { PhaseNow } from './PhaseNow'
import { SoundPanel } from './SoundPanel'
import { StationsPanel } from './StationsPanel'
import { TimePanel } from './TimePanel'
import styles from './controls.module.css'

interface ControlsProps extends LiveProps {
  runId: string
  classId: string
  wallPath: string
  /** Where links to all screens are; absent where the controls themselves came by a link. */
  screensPath?: string
}

const panels = ['Time', 'People', 'Stations', 'List', 'Results', 'Sound'] as const
type PanelName = (typeof panels)[number]

/** Whether a panel has something to say or do: of what has happened after it has, of the rest until the end. */
function isUseful(panel: PanelName, state: RunState): boolean {
  if (panel === 'List') return listThatWas(state) !== undefined
  return panel === 'Results' ? state.status !== 'ready' : state.status !== 'finished'
}

// Asked for when a class is over, or nearly.
const ResultsPanel = lazily(async () => (await import('./ResultsPanel')).ResultsPanel, 'Results')

/** The coach's controls: large targets, keys for all, and a stop that is one press away. */
export const ControlsScreen = guarded(Controls)

function Controls(props: ControlsProps) {
  const { runId, classId, wallPath, screensPath, zone } = props
  const live = useRun(props)
  const { snapshot, state } = live
  const sound = useSound(live)
  const [shown, setShown] = useState<PanelName>()
  const [locked, setLocked] = useState(false)
  const awake = useWakeLock()
  const { send, takeOver, device, trouble, taps } = useCommands(runId, live.feed)
  // Another device has them: here the clock is watched, and can be stopped.
  const elsewhere = state.holder !== undefined && state.holder.device !== device.id && state.status !== 'finished'
  const shut = locked || elsewhere
  const second = shownSeconds(state)
  // oxlint-disable-next-line react/exhaustive-deps -- the words change by the second, not by the tick
  const view = useMemo(() => roomView(snapshot, state), [snapshot, state.status, state.phase, state.sequence, second])
  // oxlint-disable-next-line react/exhaustive-deps -- nor do these
  const follows = useMemo(() => nextWords(snapshot, state), [snapshot, state.status, state.phase, state.sequence])
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
  const clear = () => void send({ type: 'clear' })
  useControlKeys(act)
  const upNext = state.status === 'ready' ? state.phase : state.next
  const slotEnd = slotEndOf(snapshot, live.feed.get().events[0]?.at ?? live.clock.now())
  const listed = snapshot.timeline.phases.some(isOwnPace)
  const close = () => setShown(undefined)
  const panel = elsewhere && shown !== 'Sound' ? undefined : shown
  const digits = digitsOf(state)

  return (
    <main className={styles.controls}>
      <header className={styles.controlsTop}>
        <div className={styles.controlsName}>
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
              disabled={locked || (elsewhere && name !== 'Sound') || !isUseful(name, state)}
              onClick={() => setShown(panel === name ? undefined : name)}
            >
              {name}
            </button>
          ))}
        <LockButton locked={locked} onLock={setLocked} />
        {(!elsewhere || state.status === 'ready') && (
          <EndButton locked={locked} state={state} onEnd={() => void send({ type: 'finish' })} classId={classId} />
        )}
      </header>
      <ControlsRibbon live={live} slotEnd={slotEnd} zone={zone} holds={state.holder?.device === device.id} />
      {elsewhere && (
        <HolderBar holder={state.holder!} device={device} events={live.feed.get().events} zone={zone} onTakeOver={() => void takeOver()} />
      )}
      <div className={`${styles.controlsMiddle}${panel ? ` ${styles.hasPanel}` : ''}`}>
        <PhaseNow
          live={live}
          view={view}
          digits={digits}
          slotEnd={slotEnd}
          shut={shut}
          onUndo={() => act('undo')}
          onTime={() => setShown('Time')}
        />
        <ControlsSide view={view} follows={follows} nextSeconds={upNext?.seconds} over={state.status === 'finished'}>
          {state.status === 'ready' && (
            <BeforeStart
              people={snapshot.people.length}
              screensPath={screensPath}
              checking={state.checking}
              awake={awake}
              sound={sound}
              shut={shut}
              onCheck={() => void send({ type: 'check' })}
            />
          )}
        </ControlsSide>
        {panel === 'People' && <PeoplePanel runId={runId} live={live} onClose={close} />}
        {panel === 'Stations' && <StationsPanel runId={runId} live={live} onClose={close} />}
        {panel === 'Time' && <TimePanel live={live} zone={zone} send={send} onClose={close} />}
        {panel === 'Sound' && <SoundPanel settings={sound.settings} onChange={sound.change} onClose={close} />}
        {panel === 'Results' && <ResultsPanel runId={runId} onClose={close} />}
        {panel === 'List' && <ListPanel live={live} taps={taps} send={send} onClose={close} />}
      </div>
      {trouble && (
        <div className={styles.controlsTrouble} role="alert">
          {trouble}
        </div>
      )}
      <Announce
        at={changeKey(state)}
        words={[view.word, view.place, view.headline, view.detail, `Next: ${follows.headline}`]}
        quiet={sound.on}
      />
      <ControlsRow state={state} word={view.word} digits={digits} locked={shut} onAct={act} onClear={clear} />
    </main>
  )
}
