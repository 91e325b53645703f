import { useEffect } from 'react'
import type { useSound } from './use-sound'

/** Turns a screen's own sound on and off: by press, or by M. */
export function SoundButton({ sound }: { sound: ReturnType<typeof useSound> }) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() === 'm') void sound.turn(!sound.on)
    }
    addEventListener('keydown', press)
    return () => removeEventListener('keydown', press)
  })
  return (
    <button type="button" className="sound-button" onClick={() => void sound.turn(!sound.on)} aria-pressed={sound.on}>
      {sound.on ? 'Sound on (M mutes)' : 'Sound off (M turns it on)'}
    </button>
  )
}
