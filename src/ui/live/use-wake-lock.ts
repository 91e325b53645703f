import { useEffect, useState } from 'react'

/**
 * Whether the screen stays awake while the page is seen: it does; it will from the first press on it; or the browser has refused, as
 * with a low battery.
 */
export type Awake = 'stays' | 'afterPress' | 'refused'

/** Keeps the screen awake while the page is seen, and tells whether it does. */
export function useWakeLock(): Awake {
  const [awake, setAwake] = useState<Awake>('afterPress')
  useEffect(() => ('wakeLock' in navigator ? lockWhileSeen(setAwake) : playFromFirstPress(setAwake)), [])
  return awake
}

type Tell = (awake: Awake) => void

/** Browsers let go of the lock whenever the page is hidden. */
function lockWhileSeen(tell: Tell): () => void {
  let lock: WakeLockSentinel | undefined
  const ask = async () => {
    if (document.visibilityState !== 'visible') return
    // Refused, the class goes on all the same.
    lock = await navigator.wakeLock.request('screen').catch(() => undefined)
    tell(lock ? 'stays' : 'refused')
  }
  const seen = () => void ask()
  seen()
  document.addEventListener('visibilitychange', seen)
  return () => {
    document.removeEventListener('visibilitychange', seen)
    void lock?.release()
  }
}

/**
 * A page that came by plain HTTP, as to a tablet in the hall, is given no lock: a silent film keeps its screen awake, from the
 * first press on.
 */
function playFromFirstPress(tell: Tell): () => void {
  let stop = () => {}
  const pressed = async () => {
    forget()
    const { default: NoSleep } = await import('nosleep.js')
    const film = new NoSleep()
    await film.enable().then(
      () => tell('stays'),
      () => tell('refused'),
    )
    stop = () => film.disable()
  }
  const press = () => void pressed()
  const forget = () => {
    removeEventListener('pointerup', press)
    removeEventListener('keydown', press)
  }
  addEventListener('pointerup', press)
  addEventListener('keydown', press)
  return () => {
    forget()
    stop()
  }
}
