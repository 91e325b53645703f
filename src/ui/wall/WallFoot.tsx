import { changeKey } from '@core/run/clock/state'
import type { RoomScreenView } from '@core/run/screens/room-view'
import { layoutNames, layouts, type Layout } from '@core/run/screens/wall-layouts'
import { Announce } from '../live/Announce'
import { Caption } from '../live/Caption'
import { SoundButton } from '../live/SoundButton'
import type { LiveRun } from '../live/use-run'
import type { useSound } from '../live/use-sound'
import styles from './wall.module.css'

interface WallFootProps {
  live: LiveRun
  sound: ReturnType<typeof useSound>
  layout: Layout
  view: RoomScreenView
  onLayout: (layout: Layout) => void
}

/** Sound, layout, and what was said last. */
export function WallFoot({ live, sound, layout, view, onLayout }: WallFootProps) {
  return (
    <footer className={styles.wallFoot}>
      <Announce at={changeKey(live.state)} words={[view.word, view.place, view.headline, view.detail]} quiet={sound.on} />
      <div className={styles.wallLine}>
        <SoundButton sound={sound} />
        {!live.connected && <span role="status">No connection to the server: going on by itself</span>}
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
