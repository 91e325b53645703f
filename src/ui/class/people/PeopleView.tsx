import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { groupSizesWord } from '@core/grouping/groups'
import { limits } from '@core/base/limits'
import { ClassSide } from '../shared/ClassSide'
import { useClass } from '../shared/context'
import { Exceptions } from './Exceptions'
import { GroupsPanel } from './GroupsPanel'
import { Problems } from '../shared/Problems'
import { PersonTick } from './PersonTick'
import { Demonstrators } from './Demonstrators'
import { HeadCount } from './HeadCount'
import { PasteNames } from './PasteNames'
import { WalkIn } from './WalkIn'
import { whenOpened } from '../../kit/when-opened'
import styles from './people.module.css'
import frame from '../class.module.css'
import kit from '../../kit/kit.module.css'

const PersonTonight = whenOpened(async () => (await import('./PersonTonight')).PersonTonight)

export function PeopleView() {
  const { document, computed, library, change } = useClass()
  const [search, setSearch] = useState('')
  const [opened, setOpened] = useState<string>()
  const everyone = [...document.walkIns, ...library.people]
  const found = everyone.filter((person) => person.name.toLowerCase().includes(search.trim().toLowerCase()))
  const here = new Set(document.here)
  const full = here.size + (document.headCount ?? 0) >= limits.people
  const tick = (id: string, comes: boolean) =>
    change((draft) => {
      draft.here = comes ? [...draft.here, id] : draft.here.filter((known) => known !== id)
      // A walk-in who is not here after all leaves no trace.
      if (comes) return
      draft.walkIns = draft.walkIns.filter((walkIn) => walkIn.id !== id)
      draft.fromHome = draft.fromHome?.filter((known) => known !== id)
    })
  const setHome = (id: string, home: boolean) =>
    change((draft) => void (draft.fromHome = home ? [...(draft.fromHome ?? []), id] : draft.fromHome?.filter((known) => known !== id)))
  return (
    <>
      <section className={frame.classMain} aria-label="People">
        <div className={frame.bigLine}>
          <span className={frame.big}>{computed.people.length}</span>
          <span>
            here{computed.groups.length > 0 && `, ${groupSizesWord(computed.groups.map((group) => group.length))}`}
            {computed.atHome.length > 0 && <span className="second">; {computed.atHome.length} from home</span>}
          </span>
        </div>
        <div className={styles.peopleTools}>
          <TextInput
            label="Find"
            placeholder="Type a name, Enter ticks the first"
            value={search}
            onChange={(event) => setSearch(event.currentTarget.value)}
            onKeyDown={(event) => {
              const first = found[0]
              if (event.key !== 'Enter' || !first || search.trim() === '') return
              if (!here.has(first.id) && full) return
              tick(first.id, !here.has(first.id))
              setSearch('')
            }}
          />
          <HeadCount />
          <WalkIn disabled={full} />
          <PasteNames disabled={full} />
        </div>
        {full && <p className={kit.mend}>A class has at most {limits.people} people.</p>}
        {everyone.length === 0 ? (
          <div className={kit.empty}>
            <h2>Nobody is on the roster yet</h2>
            <p>Add people as walk-ins, by first name.</p>
          </div>
        ) : found.length === 0 ? (
          <p className="second">Nobody by that name. Add a walk-in instead.</p>
        ) : (
          <div className={styles.peopleList}>
            {found.map((person) => (
              <PersonTick
                key={person.id}
                person={person}
                here={here.has(person.id)}
                home={document.fromHome?.includes(person.id) ?? false}
                disabled={full && !here.has(person.id)}
                onTick={tick}
                onHome={setHome}
                onOpen={setOpened}
              />
            ))}
          </div>
        )}
        {opened !== undefined && <PersonTonight id={opened} opened onClose={() => setOpened(undefined)} />}
        <Demonstrators />
        <Exceptions />
      </section>
      <ClassSide label="Groups" summary="Groups">
        <GroupsPanel />
        <Problems />
      </ClassSide>
    </>
  )
}
