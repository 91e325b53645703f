import { useEffect } from 'react'
import type { ClassStore } from './class-store'

/** Ctrl or Cmd with Z undoes, with Shift Z or Y redoes, from anywhere on the page but a text being typed. */
export function useUndoKeys(store: ClassStore): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey) return
      const key = event.key.toLowerCase()
      const redo = key === 'y' || (key === 'z' && event.shiftKey)
      if (!redo && key !== 'z') return
      // A text that is being typed has its own undo, and what stands behind a dialog is not what is meant.
      if (isText(event.target) || document.querySelector('[role=dialog][aria-modal=true]')) return
      event.preventDefault()
      if (redo) store.temporal.getState().redo()
      else store.temporal.getState().undo()
    }
    addEventListener('keydown', press)
    return () => removeEventListener('keydown', press)
  }, [store])
}

const isText = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.matches('input:not([type=checkbox], [type=radio], [type=range], [type=button]), textarea') || target.isContentEditable)
