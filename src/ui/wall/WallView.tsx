import { useMediaQuery } from '@mantine/hooks'
import { useMemo, useState } from 'react'
import { homeView } from '@core/run/screens/home-view'
import { roomView, type RoomScreenView } from '@core/run/screens/room-view'
import { stopSign } from '@core/run/screens/stop-sign'
import { togetherView } from '@core/run/screens/together-view'
import { changeKey, shownSeconds } from '@core/run/clock/state'
import { timeOf } from '../kit/zoned-time'
import { Announce } from '../live/Announce'
import { Caption } from '../live/Caption'
import { digitsOf } from '../live/digits'
import { Level } from '../live/Level'
import { Lines } from '../live/Lines'
import { StopSign } from '../live/StopSign'
import { SoundButton } from '../live/SoundButton'
import type { LiveRun } from '../live/use-run'
import type { useSound } from '../live/use-sound'
import { Standings } from './Standings'
import { Together } from './Together'
import { WayGrid } from './WayGrid'
import { Welcome } from './Welcome'
import { layoutNames, layouts, type Layout } from '@core/run/screens/wall-layouts'
import './wall.css'

interface WallViewProps {
  live: LiveRun
  /** The layout it begins with. */
  layout: Layout
  zone: string
  sound: ReturnType<typeof useSound>
}

/** How many stand in a row, in as few rows of at most `most` as there must be, all alike. */
const inRows = (count: number, most: number) => Math.ceil(count / Math.ceil(count / most))

/** The room wall: read from the back, by people who are busy. */
export function WallView({ live, layout: first, zone, sound }: WallViewProps) {
  const [layout, setLayout] = useState(first)
  const { snapshot, state } = live
  const isUpright = useMediaQuery('(orientation: portrait)')
  const sign = stopSign(state)
  const second = shownSeconds(state)
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the words change by the second, not by the tick
  const view = useMemo(() => roomView(snapshot, state), [snapshot, state.status, state.phase, state.sequence, second])
  // eslint-disable-next-line react-hooks/exhaustive-deps -- as above
  const together = useMemo(() => togetherView(snapshot, state), [snapshot, state.status, state.phase, state.sequence, second])
  const home = layout === 'home' ? homeView(snapshot, state) : undefined
  const points = home?.exercise.points ?? (view.tiles.length === 0 ? view.points : [])
  const tiles = layout === 'home' ? [] : view.tiles
  const digits = state.status === 'finished' ? '' : digitsOf(state)
  const ends = timeOf(state.endsAt, zone)

  const choose = (to: Layout) => {
    setLayout(to)
    // A reload, or a bookmark, keeps it.
    history.replaceState(null, '', `?layout=${to}`)
  }

  if (sign) return <StopSign {...sign} />

  if (state.status === 'ready' && layout !== 'home')
    return (
      <main className="wall is-ready">
        <Level state={state} wave />
        <Welcome snapshot={snapshot} view={view} begins={timeOf(snapshot.startsAt, zone)}>
          {view.tiles.some(({ people }) => people.length > 0) && <WayGrid tiles={view.tiles} />}
        </Welcome>
        <WallFoot live={live} sound={sound} layout={layout} view={view} onLayout={choose} />
      </main>
    )

  const paused = state.status === 'paused'
  if (together && layout !== 'home')
    return (
      <main className={`wall is-together${paused ? ' is-paused' : ''}`}>
        <Level state={state} wave />
        <Together
          view={together}
          word={paused ? 'Paused' : view.word}
          place={view.place}
          ends={`ends ${ends}`}
          digits={<Digits digits={digits} />}
          standings={snapshot.scores && <Standings live={live} />}
        />
        <WallFoot live={live} sound={sound} layout={layout} view={view} onLayout={choose} />
      </main>
    )

  // On the way everybody looks for their own name: that is what the picture is for then.
  const inGrid = (layout === 'room' || layout === 'far') && isUpright === false
  if (inGrid && view.tiles.some(({ coming }) => coming))
    return (
      <main className={`wall is-way${paused ? ' is-paused' : ''}`}>
        <Level state={state} wave />
        <WayTop view={view} paused={paused} follow={snapshot.follow} ends={ends} digits={digits} />
        <WayGrid tiles={view.tiles} />
        <WallFoot live={live} sound={sound} layout={layout} view={view} onLayout={choose} />
      </main>
    )

  return (
    <main className={`wall is-${layout}${inGrid && tiles.length > 0 ? ' is-stations' : ''}${paused ? ' is-paused' : ''}`}>
      <Level state={state} wave />
      <header className="wall-top">
        <span className="wall-plate">{snapshot.name}</span>
        <span className="wall-plate">{view.place}</span>
        <span className="wall-plate">{state.status === 'finished' ? `ended ${ends}` : `ends ${ends}`}</span>
      </header>
      <div className="wall-middle">
        <div className="wall-words">
          <h1 data-testid="word">{state.status === 'paused' ? 'Paused' : view.word}</h1>
          {state.status === 'paused' && <p className="wall-detail">{view.word} goes on when the coach resumes</p>}
          {home ? (
            <p className="wall-headline">
              {home.coming && 'Next at home: '}
              {home.exercise.name}
            </p>
          ) : (
            view.headline && <p className="wall-headline">{view.headline}</p>
          )}
          {points.length > 0 && <Lines className="wall-points" lines={points} />}
          {home?.next && <p className="wall-detail">Then: {home.next}</p>}
          {!home && view.detail && <p className="wall-detail">{view.detail}</p>}
          {snapshot.follow && (state.status === 'countIn' || (state.status !== 'finished' && state.phase.kind !== 'work')) && (
            <p className="wall-detail">{snapshot.follow}</p>
          )}
        </div>
        <div className="wall-side">
          <Digits digits={digits} />
          {snapshot.scores && <Standings live={live} />}
        </div>
      </div>
      {tiles.length > 0 && inGrid && <WayGrid tiles={tiles} />}
      {tiles.length > 0 && !inGrid && (
        <div
          className="wall-row"
          role="list"
          aria-label="Stations"
          style={{ '--tiles': inRows(tiles.length, 10), '--upright': inRows(tiles.length, 4) } as React.CSSProperties}
        >
          {tiles.map((tile) => (
            <div
              className={`wall-tile${tile.number === 1 ? ' is-first' : ''}${tile.closed ? ' is-closed' : ''}`}
              role="listitem"
              key={tile.number}
            >
              <div className="wall-tile-number">{tile.number}</div>
              <div className="wall-tile-name">{tile.exercise}</div>
              {layout === 'near' && tile.points.length > 0 && (
                <ul className="wall-tile-points">
                  {tile.points.map((point) => (
                    <li key={point}>{point}</li>
                  ))}
                </ul>
              )}
              <div className="wall-tile-people">
                {tile.coming && tile.people.length > 0 && <small>coming in</small>}
                {tile.people.map((name, index) => (
                  <div key={index}>{name === tile.works ? <b>{name} works</b> : name}</div>
                ))}
              </div>
            </div>
          ))}
        </div>
      )}
      <WallFoot live={live} sound={sound} layout={layout} view={view} onLayout={choose} />
    </main>
  )
}

function Digits({ digits }: { digits: string }) {
  return (
    <div className={`wall-digits${digits.length > 2 ? ' is-long' : ''}`} data-testid="digits" role="timer" aria-live="off">
      {[...digits].map((digit, index) => (
        <span key={index} className={digit === ':' ? 'wall-colon' : 'wall-digit'}>
          {digit}
        </span>
      ))}
    </div>
  )
}

interface WayTopProps {
  view: RoomScreenView
  paused: boolean
  follow: string | undefined
  ends: string
  digits: string
}

/** What to do, in a word and a sentence, and how long there is for it. */
function WayTop({ view, paused, follow, ends, digits }: WayTopProps) {
  return (
    <header className="way-top">
      <h1 data-testid="word">{paused ? 'Paused' : view.word}</h1>
      <div className="way-words">
        {paused && <p>{view.word} goes on when the coach resumes</p>}
        {view.headline && <p>{view.headline}</p>}
        {view.detail && <p className="way-small">{view.detail}</p>}
        <p className="way-small way-plates">
          {[view.place === view.word ? '' : view.place, `ends ${ends}`, follow].filter(Boolean).map((text) => (
            <span key={text}>{text}</span>
          ))}
        </p>
      </div>
      <Digits digits={digits} />
    </header>
  )
}

interface WallFootProps {
  live: LiveRun
  sound: ReturnType<typeof useSound>
  layout: Layout
  view: RoomScreenView
  onLayout: (layout: Layout) => void
}

function WallFoot({ live, sound, layout, view, onLayout }: WallFootProps) {
  return (
    <footer className="wall-foot">
      <Announce at={changeKey(live.state)} words={[view.word, view.place, view.headline, view.detail]} quiet={sound.on} />
      <div className="wall-line">
        <SoundButton sound={sound} />
        {!live.connected && <span role="status">No line to the server: going on by itself</span>}
      </div>
      <label>
        Layout{' '}
        <select value={layout} onChange={(event) => onLayout(event.currentTarget.value as Layout)}>
          {layouts.map((layout) => (
            <option key={layout} value={layout}>
              {layoutNames[layout]}
            </option>
          ))}
        </select>
      </label>
      <Caption live={live} />
    </footer>
  )
}
