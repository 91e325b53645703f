import { useQuery } from '@tanstack/react-query'
import type { HallLibrary } from '@core/class/compute'
import type { OtherClass } from '@core/class/overlap'
import type { Room } from '@core/library/room'
import { api } from '../kit/api'
import { Fetched, OneMoment } from '../kit/Fetched'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { ClassEditor } from './ClassEditor'
import type { LoadedClass } from './state/autosave'
import { openingOf } from './state/opening'
import type { ClassTab } from './tabs'
import { views } from './views'
import shell from '../shell/shell.module.css'

/** What stands round the class and may be changed elsewhere while it is open. */
interface Around {
  /** Where the hall's library is available, as it is now. */
  libraryKey: string
  rooms: Room[]
  others: OtherClass[]
}

interface ClassPageProps {
  stored: LoadedClass
  around: Around
  zone: string
  tab: ClassTab
}

/** One class, all of its tabs. */
export function ClassPage(props: ClassPageProps) {
  void views[props.tab].load()
  return (
    <Kit>
      <WithAround {...props} />
    </Kit>
  )
}

function WithAround({ stored, around: first, zone, tab }: ClassPageProps) {
  const address = `/api/classes/${stored.id}/around`
  // Asked again whenever one comes back to the window.
  const { data: around } = useQuery({
    queryKey: [address],
    queryFn: () => api<Around>('GET', address),
    initialData: first,
    refetchOnWindowFocus: 'always',
  })
  const { data: opening } = useQuery({ queryKey: ['opening', stored.id], queryFn: () => openingOf(stored), staleTime: Infinity })
  if (!opening)
    return (
      <div className={shell.page}>
        <OneMoment />
      </div>
    )
  return (
    <Fetched<HallLibrary> address={`/api/library/${around.libraryKey}`} what="This hall’s exercises, people and gear">
      {(library) => <ClassEditor opening={opening} library={library} rooms={around.rooms} others={around.others} zone={zone} first={tab} />}
    </Fetched>
  )
}

export const ClassPageIsland = fromText(ClassPage)
