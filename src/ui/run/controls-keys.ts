import { useEffect, useRef } from 'react'

export type KeyAction = 'toggle' | 'skip' | 'back' | 'extend' | 'hold' | 'repeat' | 'undo' | 'stop' | 'mute'

const keys: Record<string, KeyAction> = { ' ': 'toggle', PageDown: 'skip', ArrowRight: 'skip', PageUp: 'back', ArrowLeft: 'back', '+': 'extend', h: 'hold', r: 'repeat', z: 'undo', m: 'mute' }

/** How long S is held before the room stops. */
const stopHoldMs = 500

/** The controls' keys, presenter remotes (page keys) included. */
export function useControlKeys(act: (action: KeyAction) => void): void {
  const latest = useRef(act)
  useEffect(() => {
    latest.current = act
  })
  useEffect(() => {
    let stopTimer: ReturnType<typeof setTimeout> | undefined
    const down = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return
      if (event.target instanceof HTMLElement && event.target.closest('input, textarea, select')) return
      if (event.key.toLowerCase() === 's') {
        clearTimeout(stopTimer)
        stopTimer = setTimeout(() => latest.current('stop'), stopHoldMs)
        return
      }
      // Space on a focused button presses that button, as everywhere.
      if (event.key === ' ' && event.target instanceof HTMLElement && event.target.closest('button, a')) return
      const action = keys[event.key.length === 1 ? event.key.toLowerCase() : event.key]
      if (!action) return
      event.preventDefault()
      latest.current(action)
    }
    const up = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() === 's') clearTimeout(stopTimer)
    }
    addEventListener('keydown', down)
    addEventListener('keyup', up)
    return () => {
      clearTimeout(stopTimer)
      removeEventListener('keydown', down)
      removeEventListener('keyup', up)
    }
  }, [])
}
