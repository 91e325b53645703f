import { useId, useLayoutEffect, useSyncExternalStore } from 'react'

/** A set of the places on this page of which something can be said, such as that what stands there is not saved. */
function places() {
  const held = new Set<string>()
  const listeners = new Set<() => void>()
  const tell = () => listeners.forEach((listener) => listener())
  const subscribe = (listener: () => void) => {
    listeners.add(listener)
    return () => void listeners.delete(listener)
  }
  const any = () => held.size > 0
  return {
    /** Says it of the component that asks, for as long as it is shown. */
    useSay: (isUnsaved: boolean): void => {
      const id = useId()
      // Before it is painted, so that it is true of what is seen beside it.
      useLayoutEffect(() => {
        if (!isUnsaved) return
        held.add(id)
        tell()
        return () => {
          held.delete(id)
          tell()
        }
      }, [id, isUnsaved])
    },
    any,
    useAny: (): boolean => useSyncExternalStore(subscribe, any),
  }
}

const untaken = places()
const unsaved = places()

/** Says of a field whether what stands in it was taken: if not, it stands in it and nowhere else. */
export const useTaken = (taken: boolean): void => untaken.useSay(!taken)

/** Whether some field of the page holds what could not be taken. */
export const anyUntaken = untaken.any
export const useAnyUntaken = untaken.useAny

/** Says of a form or document that it holds what is stored nowhere. */
export const useUnsaved = unsaved.useSay

/** Whether loading the page anew would lose something. */
export function useWouldLose(): boolean {
  const [isUntaken, isUnsaved] = [untaken.useAny(), unsaved.useAny()]
  return isUntaken || isUnsaved
}
