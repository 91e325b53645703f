import { useEffect, useRef } from 'react'

export type KeyAction = 'toggle' | 'skip' | 'back' | 'extend' | 'hold' | 'repeat' | 'undo' | 'stop' | 'mute'

const keys: Record<string, KeyAction> = {
  ' ': 'toggle',
  PageDown: 'skip',
  ArrowRight: 'skip',
  PageUp: 'back',
  ArrowLeft: 'back',
  '+': 'extend',
  h: 'hold',
  r: 'repeat',
  z: 'undo',
  m: 'mute',
  b: 'toggle',
  '.': 'toggle',
}

/** How long S is held before the room stops. */
const stopHoldMs = 500

/** The controls' keys, presenter remotes included: their page keys, and the one that darkens the screen, which pauses. */
export function useControlKeys(act: (action: KeyAction) => void): void {
  const latest = useRef(act)
  useEffect(() => {
    latest.current = act
  })
  useEffect(() => {
    let stopTimer: ReturnType<typeof setTimeout> | undefined
    // Where a button was pressed last by hand, it keeps the focus, but nobody thinks of that at the next press of space.
    let byHand = true
    const point = () => {
      byHand = true
    }
    const down = (event: KeyboardEvent) => {
      if (event.key === 'Tab') byHand = false
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return
      if (event.target instanceof HTMLElement && event.target.closest('input, textarea, select')) return
      if (event.key.toLowerCase() === 's') {
        clearTimeout(stopTimer)
        stopTimer = setTimeout(() => latest.current('stop'), stopHoldMs)
        return
      }
      // Space on a button that was come to by keys presses that button, as everywhere.
      if (event.key === ' ' && !byHand && event.target instanceof HTMLElement && event.target.closest('button, a')) return
      const action = keys[event.key.length === 1 ? event.key.toLowerCase() : event.key]
      if (!action) return
      event.preventDefault()
      latest.current(action)
    }
    const up = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() === 's') clearTimeout(stopTimer)
      if (event.key === ' ' && byHand) event.preventDefault()
    }
    addEventListener('pointerdown', point)
    addEventListener('keydown', down)
    addEventListener('keyup', up)
    return () => {
      clearTimeout(stopTimer)
      removeEventListener('pointerdown', point)
      removeEventListener('keydown', down)
      removeEventListener('keyup', up)
    }
  }, [])
}
