import { useCallback, useLayoutEffect, useRef } from 'react'

/** A function that stays the same one while what it does follows each render: who gets it need not be laid out anew. */
export function useStable<Args extends unknown[], Done>(now: (...args: Args) => Done): (...args: Args) => Done {
  const latest = useRef(now)
  useLayoutEffect(() => void (latest.current = now))
  return useCallback((...args: Args) => latest.current(...args), [])
}
