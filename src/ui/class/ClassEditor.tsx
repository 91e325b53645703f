import { Button } from '@mantine/core'
import { startTransition, useCallback, useMemo, useState } from 'react'
import { useStore } from 'zustand'
import { computeClass, type HallLibrary } from '@core/class/compute'
import type { OtherClass } from '@core/class/overlap'
import type { Room } from '@core/library/room'
import { api } from '../kit/api'
import { tellProblem } from '../kit/notice'
import { useUnsaved } from '../kit/unsaved'
import { ClassHead } from './ClassHead'
import { ClassMenu } from './ClassMenu'
import { ClassTabs } from './ClassTabs'
import { SaveWord } from './SaveWord'
import { ClassProvider, HallProvider, type ClassContext } from './shared/context'
import { useAutosave } from './state/autosave'
import { createClassStore } from './state/class-store'
import type { Opening } from './state/opening'
import { useUndoKeys } from './state/undo-keys'
import type { ClassTab } from './tabs'
import { UndoButtons } from './shared/UndoButtons'
import { TabViews } from './TabViews'
import { Unsettled } from './Unsettled'
import { useTab } from './use-tab'
import styles from './class.module.css'

interface ClassEditorProps {
  opening: Opening
  library: HallLibrary
  rooms: Room[]
  others: OtherClass[]
  zone: string
  first: ClassTab
}

/** The class that is edited, with one history of changes over all of its tabs: its head, its tabs, and the view of one of them. */
export function ClassEditor({ opening, library, rooms, others, zone, first }: ClassEditorProps) {
  const { stored, resumed } = opening
  const [store] = useState(() => createClassStore(resumed?.document ?? stored.document))
  const document = useStore(store, (state) => state.document)
  const computed = useMemo(() => computeClass(document, library), [document, library])
  const { save, saveNow, storedVersion, ...unsettled } = useAutosave(store, opening)
  const { tab, follow } = useTab(stored.id, first)
  const [near, setNear] = useState<ClassTab>()
  useUnsaved(save.is !== 'saved')
  useUndoKeys(store)
  const { id } = stored
  const run = useCallback(async () => {
    try {
      if (!(await saveNow())) return
      const opened = await api<{ id: string }>('POST', `/api/classes/${id}/runs`)
      location.assign(`/runs/${opened.id}`)
    } catch (error) {
      tellProblem(error)
    }
  }, [id, saveNow])
  const storeNow = useCallback(async () => ((await saveNow()) ? storedVersion() : undefined), [saveNow, storedVersion])
  const context: ClassContext = useMemo(
    () => ({ id, document, computed, library, rooms, zone, others, store, run, storeNow, change: store.getState().change }),
    [id, document, computed, library, rooms, zone, others, store, run, storeNow],
  )
  const hall = useMemo(() => ({ library, source: `/api/classes/${id}/around` }), [library, id])
  return (
    <HallProvider value={hall}>
      <ClassProvider value={context}>
        {/* oxlint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-static-element-interactions -- links are pressed, not this */}
        <div onClick={follow}>
          <header className={styles.classHead}>
            <ClassHead />
            <span className="push no-print">
              <SaveWord save={save} zone={zone} />
              <UndoButtons />
              <Button onClick={() => void run()} h={40}>
                Run class
              </Button>
              <ClassMenu />
            </span>
          </header>
          <Unsettled save={save} zone={zone} {...unsettled} />
          <ClassTabs open={tab} onNear={(tab) => startTransition(() => setNear(tab))} />
          <TabViews open={tab} near={near} />
        </div>
      </ClassProvider>
    </HallProvider>
  )
}
