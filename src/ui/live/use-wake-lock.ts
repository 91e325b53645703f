import { useEffect } from 'react'

/** Keeps the screen awake while the page is seen. Browsers grant it on secure pages only; elsewhere the device's own setting has to do. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined
    const ask = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
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
  }, [])
}
