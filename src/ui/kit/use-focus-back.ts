import { useEffect, useState } from 'react'

/** When what asks for it goes, the focus goes back to where it was before, unless it has found another place. */
export function useFocusBack(): void {
  const [before] = useState(() => document.activeElement)
  useEffect(
    () => () =>
      void setTimeout(() => {
        const isLost = document.activeElement === null || document.activeElement === document.body
        if (isLost && before instanceof HTMLElement && before.isConnected) before.focus()
      }),
    [before],
  )
}
