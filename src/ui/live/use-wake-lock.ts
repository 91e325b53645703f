import { useEffect } from 'react'

/** Keeps the screen awake while the page is seen. */
export function useWakeLock(): void {
  useEffect(() => ('wakeLock' in navigator ? lockWhileSeen() : playFromFirstPress()), [])
}

/** Browsers let go of the lock whenever the page is hidden. */
function lockWhileSeen(): () => void {
  let lock: WakeLockSentinel | undefined
  const ask = async () => {
    if (document.visibilityState !== 'visible') return
    // Refused, as by a low battery: the class goes on all the same.
    lock = await navigator.wakeLock.request('screen').catch(() => undefined)
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
function playFromFirstPress(): () => void {
  let stop = () => {}
  const pressed = async () => {
    forget()
    const { default: NoSleep } = await import('nosleep.js')
    const film = new NoSleep()
    await film.enable().catch(() => undefined)
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
