import { useCallback, useEffect, useState, type MouseEvent } from 'react'
import { classTabs, type ClassTab } from './tabs'

/** Which tab of the class an address opens; `undefined` for one that is elsewhere. */
function tabIn(path: string, classId: string): ClassTab | undefined {
  const tab = path.startsWith(`/classes/${classId}/`) ? path.slice(`/classes/${classId}/`.length) : ''
  return classTabs.find((known) => known === tab)
}

/**
 * The tab that is open, as the address says it. `follow`, on whatever contains links to other tabs, opens them in place: back and
 * forward work, and a link opened in another window is left to the browser.
 */
export function useTab(classId: string, first: ClassTab) {
  const [tab, setTab] = useState(first)
  useEffect(() => {
    const goBack = () => setTab((now) => tabIn(location.pathname, classId) ?? now)
    addEventListener('popstate', goBack)
    return () => removeEventListener('popstate', goBack)
  }, [classId])
  const follow = useCallback(
    (event: MouseEvent) => {
      if (event.defaultPrevented || event.button !== 0 || event.ctrlKey || event.metaKey || event.shiftKey || event.altKey) return
      const link = event.target instanceof Element ? event.target.closest<HTMLAnchorElement>('a[href]') : null
      const next = link && !link.target && link.origin === location.origin ? tabIn(link.pathname, classId) : undefined
      if (!link || !next) return
      event.preventDefault()
      if (link.pathname !== location.pathname) history.pushState(undefined, '', link.href)
      setTab(next)
      scrollTo(0, 0)
    },
    [classId],
  )
  return { tab, follow }
}
