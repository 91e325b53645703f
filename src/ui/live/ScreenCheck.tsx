import { useEffect } from 'react'
import styles from './ScreenCheck.module.css'
import type { useSound } from './use-sound'
import type { Awake } from './use-wake-lock'

export const awakeWords: Record<Awake, string> = {
  stays: 'Stays awake',
  afterPress: 'Stays awake only after a press on it: this page came without HTTPS, and browsers keep no screen awake for such pages',
  refused: 'May go dark: the browser would not keep it awake. Set the device itself never to sleep',
}

interface ScreenCheckProps {
  /** Which screen this is. */
  name: string
  awake: Awake
  sound: ReturnType<typeof useSound>
  connected: boolean
  /** How far it reads, where that can be told. */
  reads?: string | undefined
}

/** What a screen tells of itself when the coach checks all of them: which it is, and whether it is ready for the class. */
export function ScreenCheck({ name, awake, sound, connected, reads }: ScreenCheckProps) {
  const { check } = sound
  useEffect(() => check(name), [check, name])
  return (
    <div className={styles.check} role="status">
      <p className={styles.name}>{name}</p>
      <ul>
        <li>{sound.on ? 'Sound is on: a beep, and its name' : 'Sound is off: press the sound button on it, if it is to be heard'}</li>
        <li>{awakeWords[awake]}</li>
        {reads && <li>{reads}</li>}
        <li>{connected ? 'Has its line to the server' : 'Has no line to the server'}</li>
      </ul>
    </div>
  )
}
