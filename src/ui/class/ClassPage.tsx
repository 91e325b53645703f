import { Button } from '@mantine/core'
import { useMemo, useState, type MouseEvent } from 'react'
import { useStore } from 'zustand'
import { computeClass, type HallLibrary } from '@core/class/compute'
import type { PastPartners } from '@core/grouping/cost'
import type { OtherClass } from '@core/class/overlap'
import type { Room } from '@core/library/room'
import type { PartResult } from '@core/records/results'
import { exerciseSearch } from '@core/search/exercises'
import { useAnyUntaken } from '../kit/untaken'
import { fromText } from '../kit/from-text'
import type { LogRow } from '../kit/LogTable'
import { api } from '../kit/api'
import { Fetched } from '../kit/Fetched'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { dayOf, timeOf } from '../kit/zoned-time'
import { BriefView } from './brief/BriefView'
import { useAutosave, type SaveState, type StoredClass } from './state/autosave'
import { createClassStore } from './state/class-store'
import './class.css'
import { ClassProvider, type ClassContext } from './shared/context'
import { GearView } from './gear/GearView'
import { LogView } from './log/LogView'
import { PeopleView } from './people/PeopleView'
import { RotationView } from './rotation/RotationView'
import { RoomView } from './room/RoomView'
import { RunView } from './run/RunView'
import { ShapeView } from './shape/ShapeView'
import { classTabs, tabNames, type ClassTab } from './tabs'
import { useUndoKeys } from './state/undo-keys'

interface ClassPageProps {
  stored: StoredClass
  /** Where the hall's library is to be had, as it is now. */
  libraryKey: string
  rooms: Room[]
  zone: string
  tab: ClassTab
  log: LogRow[]
  results: Record<string, PartResult[]>
  past: PastPartners
  others: OtherClass[]
}

/** One class: its head, its tabs, and the view of one of them. */
export function ClassPage({ libraryKey, ...props }: ClassPageProps) {
  return (
    <Kit>
      <Fetched<HallLibrary> address={`/api/library/${libraryKey}`} what="This hall’s exercises, people and gear">
        {(library) => <Editor {...props} library={library} />}
      </Fetched>
    </Kit>
  )
}

type EditorProps = Omit<ClassPageProps, 'libraryKey'> & { library: HallLibrary }

function Editor({ stored, library, rooms, zone, tab, log, results, past, others }: EditorProps) {
  const [store] = useState(() => createClassStore(stored.document))
  const document = useStore(store, (state) => state.document)
  const computed = useMemo(() => computeClass(document, library), [document, library])
  const { save, settle, saveNow, left, settleLeft } = useAutosave(store, stored)
  useUndoKeys(store)
  const search = useMemo(() => exerciseSearch(library.exercises, new Map(library.gear.map((kind) => [kind.id, kind.name]))), [library])
  const context: ClassContext = {
    id: stored.id,
    document,
    computed,
    library,
    rooms,
    zone,
    others,
    store,
    search,
    past,
    change: store.getState().change,
  }
  const short = computed.gear.lines.reduce((sum, line) => sum + (line.short > 0 ? 1 : 0), 0)
  const counts: Partial<Record<ClassTab, number>> = {
    gear: short,
    rotation: computed.rotations.filter(({ rotation }) => !rotation.ok).length,
  }
  const run = async () => {
    try {
      if (!(await saveNow())) return
      const opened = await api<{ id: string }>('POST', `/api/classes/${stored.id}/runs`)
      location.assign(`/runs/${opened.id}`)
    } catch (error) {
      tellProblem(error)
    }
  }
  // The next tab reads the stored class, so what was just typed is stored first, even before it says that it is being stored.
  const follow = async (event: MouseEvent<HTMLAnchorElement>) => {
    if (event.ctrlKey || event.metaKey || event.shiftKey) return
    event.preventDefault()
    const { href } = event.currentTarget
    if (await saveNow()) location.assign(href)
  }
  const room = rooms.find((each) => each.id === document.roomId)
  const coming = computed.people.length
  return (
    <ClassProvider value={context}>
      <header className="class-head">
        <h1>{document.name}</h1>
        <span className="second">
          {dayOf(document.startsAt, zone)}, {timeOf(document.startsAt, zone)} · {room?.name} · {coming} {coming === 1 ? 'person' : 'people'}
        </span>
        <span className="push no-print">
          <SaveWord save={save} zone={zone} />
          <Button onClick={() => void run()} h={40}>
            Run class
          </Button>
        </span>
      </header>
      {save.is === 'conflict' && (
        <div className="conflict" role="alert">
          <span>
            <b>This class was changed in another window.</b> Your changes are still here and not stored.
          </span>
          <Button variant="default" onClick={() => settle('theirs')}>
            Take the other (undo brings yours back)
          </Button>
          <Button variant="default" onClick={() => settle('mine')}>
            Keep mine
          </Button>
        </div>
      )}
      {left && (
        <div className="conflict" role="alert">
          <span>
            <b>
              On this device there are changes from {dayOf(left.at, zone)}, {timeOf(left.at, zone)} that were not stored.
            </b>
          </span>
          <Button variant="default" onClick={() => settleLeft(true)}>
            Bring them back
          </Button>
          <Button variant="default" onClick={() => settleLeft(false)}>
            Leave it as it is stored
          </Button>
        </div>
      )}
      <nav className="class-tabs" aria-label="Class">
        {classTabs.map((each) => (
          <a
            key={each}
            href={`/classes/${stored.id}/${each}`}
            aria-current={each === tab ? 'page' : undefined}
            onClick={(event) => void follow(event)}
          >
            {tabNames[each]}
            {(counts[each] ?? 0) > 0 && (
              <span className="badge-count" aria-label={`${counts[each]} to mend`}>
                {counts[each]}
              </span>
            )}
          </a>
        ))}
      </nav>
      <div className="class-body">
        {tab === 'shape' && <ShapeView />}
        {tab === 'people' && <PeopleView />}
        {tab === 'rotation' && <RotationView />}
        {tab === 'room' && <RoomView />}
        {tab === 'gear' && <GearView />}
        {tab === 'brief' && <BriefView />}
        {tab === 'run' && <RunView onRun={run} />}
        {tab === 'log' && <LogView log={log} results={results} />}
      </div>
    </ClassProvider>
  )
}

function SaveWord({ save, zone }: { save: SaveState; zone: string }) {
  const isUntaken = useAnyUntaken()
  const text = {
    saved: () => (isUntaken ? 'not saved: a field cannot be taken as it stands' : `saved ${timeOf((save as { at: string }).at, zone)}`),
    saving: () => 'saving …',
    waiting: () => 'not saved: the server is away, trying again',
    refused: () => `not saved: ${(save as { why: string }).why}`,
    conflict: () => 'not saved',
  }[save.is]()
  return (
    <span className={(save.is === 'saved' && !isUntaken) || save.is === 'saving' ? 'second' : 'mend'} role="status">
      {text}
    </span>
  )
}

export const ClassPageIsland = fromText(ClassPage)
