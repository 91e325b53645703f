import { memo, Suspense, useDeferredValue, useState } from 'react'
import { ClassProvider, useClass } from './shared/context'
import { classTabs, type ClassTab } from './tabs'
import { views } from './views'
import styles from './class.module.css'

interface TabViewsProps {
  open: ClassTab
  /** One that a hand is coming near to. */
  near: ClassTab | undefined
}

/**
 * The view of the open tab. One that a hand comes near to is laid out behind it, and those that were open stay as they were left, so
 * that opening one only shows it.
 */
export function TabViews({ open: asked, near }: TabViewsProps) {
  // The tabs answer the press at once; a view that is not laid out yet follows.
  const open = useDeferredValue(asked)
  const [laid, setLaid] = useState<readonly ClassTab[]>([])
  const tabs = classTabs.filter((tab) => tab === open || tab === near || laid.includes(tab))
  if (tabs.length !== laid.length) setLaid(tabs)
  return (
    <div className={styles.classBody}>
      {tabs.map((tab) => (
        <div key={tab} className={styles.classView} data-tab={tab} hidden={tab !== open}>
          <TabView tab={tab} fresh={tab === open || tab === near} />
        </div>
      ))}
    </div>
  )
}

/** A view that knows of the class as it is while it is `fresh`, and else as it was: what nobody sees is not laid out at every edit. */
const TabView = memo(function TabView({ tab, fresh }: { tab: ClassTab; fresh: boolean }) {
  const now = useClass()
  const [known, setKnown] = useState(now)
  if (fresh && known !== now) setKnown(now)
  const { View } = views[tab]
  return (
    <ClassProvider value={known}>
      <Suspense
        fallback={
          <p className={`${styles.classMain} second`} role="status">
            One moment …
          </p>
        }
      >
        <View />
      </Suspense>
    </ClassProvider>
  )
})
