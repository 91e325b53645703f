import { useEffect, useId, useSyncExternalStore } from 'react'

/** Fields of this page that hold something that cannot be taken: it stands in them and nowhere else. */
const untaken = new Set<string>()
const listeners = new Set<() => void>()
const tell = () => listeners.forEach((listener) => listener())

/** Says of a field whether what stands in it was taken, for as long as it is shown. */
export function useTaken(taken: boolean): void {
  const id = useId()
  useEffect(() => {
    if (taken) return
    untaken.add(id)
    tell()
    return () => {
      untaken.delete(id)
      tell()
    }
  }, [id, taken])
}

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

/** Whether some field of the page holds what could not be taken. */
export const anyUntaken = (): boolean => untaken.size > 0

export const useAnyUntaken = (): boolean => useSyncExternalStore(subscribe, anyUntaken)
