import { hasVoice } from '../live/beep'
import { soundKinds, soundNames, type SoundKind, type SoundSettings } from '../live/sound-settings'
import { Panel } from './Panel'
import styles from './panel.module.css'

interface SoundPanelProps {
  settings: SoundSettings
  onChange: (settings: SoundSettings) => void
  onClose: () => void
}

/** What this screen sounds: tones, voice, and each kind of cue with its own volume. Captions are shown for all of them. */
export function SoundPanel({ settings, onChange, onClose }: SoundPanelProps) {
  const set = (kind: SoundKind, change: Partial<SoundSettings['kinds'][SoundKind]>) =>
    onChange({ ...settings, kinds: { ...settings.kinds, [kind]: { ...settings.kinds[kind], ...change } } })
  return (
    <Panel title="Sound" onClose={onClose}>
      <p className={`${styles.runLine} ${styles.isNear}`}>
        <label className={styles.runCheck}>
          <input
            type="checkbox"
            checked={settings.tones}
            onChange={(event) => onChange({ ...settings, tones: event.currentTarget.checked })}
          />{' '}
          Tones
        </label>
        <label className={styles.runCheck}>
          <input
            type="checkbox"
            checked={settings.voice}
            onChange={(event) => onChange({ ...settings, voice: event.currentTarget.checked })}
          />{' '}
          Voice
        </label>
        <span className="second">
          {hasVoice() ? 'Said by this device.' : 'This device has no voice: tones stay.'} Captions are always shown.
        </span>
      </p>
      <ul className={styles.runList}>
        {soundKinds.map((kind) => (
          <li key={kind}>
            <label className={styles.runCheck}>
              <input
                type="checkbox"
                checked={settings.kinds[kind].on}
                onChange={(event) => set(kind, { on: event.currentTarget.checked })}
              />{' '}
              {soundNames[kind]}
            </label>
            <input
              type="range"
              min={0}
              max={1}
              step={0.1}
              value={settings.kinds[kind].volume}
              disabled={!settings.kinds[kind].on}
              aria-label={`Volume: ${soundNames[kind]}`}
              onChange={(event) => set(kind, { volume: Number(event.currentTarget.value) })}
            />
          </li>
        ))}
      </ul>
    </Panel>
  )
}
