import { Activity, Suspense, useDeferredValue, useState } from 'react'
import { classTabs, type ClassTab } from './tabs'
import { useClass } from './shared/context'
import { views } from './views'

interface TabViewsProps {
  open: ClassTab
  /** One that a hand is coming near to. */
  near: ClassTab | undefined
}

/**
 * The view of the open tab. One that a hand comes near to is laid out behind it, and those that were open stay there until the class
 * changes, so that opening one only shows it.
 */
export function TabViews({ open: asked, near }: TabViewsProps) {
  const { document } = useClass()
  // The tabs answer the press at once; a view that is not laid out yet follows.
  const open = useDeferredValue(asked)
  const [laid, setLaid] = useState<{ document: unknown; tabs: readonly ClassTab[] }>({ document, tabs: [] })
  const before = laid.document === document ? laid.tabs : []
  const tabs = classTabs.filter((tab) => tab === open || tab === near || before.includes(tab))
  if (laid.document !== document || tabs.length !== before.length) setLaid({ document, tabs })
  return (
    <div className="class-body">
      {tabs.map((tab) => {
        const { View } = views[tab]
        return (
          <Activity key={tab} mode={tab === open ? 'visible' : 'hidden'}>
            <Suspense
              fallback={
                <p className="class-main second" role="status">
                  One moment …
                </p>
              }
            >
              <View />
            </Suspense>
          </Activity>
        )
      })}
    </div>
  )
}
