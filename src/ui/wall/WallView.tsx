import { useMemo, useState, type ReactNode } from 'react'
import { roomView } from '@core/run/screens/room-view'
import { stopSign } from '@core/run/screens/stop-sign'
import { togetherView } from '@core/run/screens/together-view'
import type { Layout } from '@core/run/screens/wall-layouts'
import { shownSeconds } from '@core/run/clock/state'
import { timeOf } from '../kit/zoned-time'
import { digitsOf } from '../live/digits'
import { Level } from '../live/Level'
import { StopSign } from '../live/StopSign'
import type { LiveRun } from '../live/use-run'
import type { useSound } from '../live/use-sound'
import { Digits } from './Digits'
import { Standings } from './Standings'
import { StationsWall } from './StationsWall'
import { Together } from './Together'
import { WallFoot } from './WallFoot'
import { WayGrid } from './WayGrid'
import { WayTop } from './WayTop'
import { Welcome } from './Welcome'

interface WallViewProps {
  live: LiveRun
  /** The layout it begins with. */
  layout: Layout
  zone: string
  sound: ReturnType<typeof useSound>
  /** What is shown over it. */
  children?: ReactNode
}

/** The room wall: read from the back, by people who are busy. */
export function WallView({ live, layout: first, zone, sound, children }: WallViewProps) {
  const [layout, setLayout] = useState(first)
  const { snapshot, state } = live
  const second = shownSeconds(state)
  // oxlint-disable-next-line react/exhaustive-deps -- the words change by the second, not by the tick
  const view = useMemo(() => roomView(snapshot, state), [snapshot, state.status, state.phase, state.sequence, second])
  // oxlint-disable-next-line react/exhaustive-deps -- as above
  const together = useMemo(() => togetherView(snapshot, state), [snapshot, state.status, state.phase, state.sequence, second])
  const sign = stopSign(state)
  if (sign) return <StopSign {...sign} />

  const paused = state.status === 'paused'
  const digits = state.status === 'finished' ? '' : digitsOf(state)
  const ends = timeOf(state.endsAt, zone)
  const forRoom = layout !== 'home'
  const inGrid = layout === 'room' || layout === 'far'
  const choose = (to: Layout) => {
    setLayout(to)
    // A reload, or a bookmark, keeps it.
    history.replaceState(null, '', `?layout=${to}`)
  }
  const wall = (kind: string, picture: ReactNode) => (
    <main className={`wall ${kind}${paused ? ' is-paused' : ''}`}>
      <Level state={state} wave />
      {picture}
      {children}
      <WallFoot live={live} sound={sound} layout={layout} view={view} onLayout={choose} />
    </main>
  )

  if (state.status === 'ready' && forRoom)
    return wall(
      'is-ready',
      <Welcome snapshot={snapshot} view={view} begins={timeOf(snapshot.startsAt, zone)}>
        {view.tiles.some(({ people }) => people.length > 0) && <WayGrid tiles={view.tiles} onward={view.onward} />}
      </Welcome>,
    )
  if (together && forRoom)
    return wall(
      'is-together',
      <Together
        view={together}
        word={paused ? 'Paused' : view.word}
        place={view.place}
        moves={state.status === 'running' && state.phase.kind === 'work'}
        into={state.elapsed / 1000}
        ends={`ends ${ends}`}
        digits={<Digits digits={digits} />}
        standings={snapshot.scores && <Standings live={live} />}
      />,
    )
  // On the way everybody looks for their own name: that is what the picture is for then.
  if (inGrid && view.tiles.some(({ coming }) => coming))
    return wall(
      'is-way',
      <>
        <WayTop view={view} paused={paused} follow={snapshot.follow} ends={ends} digits={digits} />
        <WayGrid tiles={view.tiles} onward={view.onward} />
      </>,
    )
  return wall(
    `is-${layout}${inGrid && view.tiles.length > 0 ? ' is-stations' : ''}`,
    <StationsWall live={live} view={view} layout={layout} inGrid={inGrid} ends={ends} digits={digits} />,
  )
}
