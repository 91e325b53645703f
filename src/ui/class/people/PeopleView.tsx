import { Button, Checkbox, Modal, Select, Textarea, TextInput } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useState, type FormEvent } from 'react'
import { groupSizesWord } from '@core/grouping/groups'
import { strainNames } from '@core/library/exercise'
import { outOfSight } from '@core/findings/rules/out-of-sight'
import { pastedNames } from '@core/tables/people-table'
import type { Person } from '@core/library/person'
import { calledLike } from '@core/library/same-name'
import { limits } from '@core/base/limits'
import { Level } from '@core/library/level'
import { useClass } from '../shared/context'
import { Exceptions } from './Exceptions'
import { GroupsPanel } from './GroupsPanel'
import './people.css'
import { UndoButtons } from '../shared/UndoButtons'

export function PeopleView() {
  const { document, computed, library, change } = useClass()
  const [search, setSearch] = useState('')
  const everyone = [...document.walkIns, ...library.people]
  const found = everyone.filter((person) => person.name.toLowerCase().includes(search.trim().toLowerCase()))
  const here = new Set(document.here)
  const full = here.size >= limits.people
  const tick = (id: string, comes: boolean) =>
    change((draft) => {
      draft.here = comes ? [...draft.here, id] : draft.here.filter((each) => each !== id)
      // A walk-in who is not here after all leaves no trace.
      if (comes) return
      draft.walkIns = draft.walkIns.filter((each) => each.id !== id)
      draft.fromHome = draft.fromHome?.filter((each) => each !== id)
    })
  const setHome = (id: string, home: boolean) =>
    change((draft) => void (draft.fromHome = home ? [...(draft.fromHome ?? []), id] : draft.fromHome?.filter((each) => each !== id)))
  return (
    <>
      <section className="class-main" aria-label="People">
        <div className="big-line">
          <span className="big">{computed.people.length}</span>
          <span>
            here{computed.groups.length > 0 && `, ${groupSizesWord(computed.groups.map((group) => group.length))}`}
            {computed.atHome.length > 0 && <span className="second">; {computed.atHome.length} from home</span>}
          </span>
          <span className="push">
            <UndoButtons />
          </span>
        </div>
        <div className="people-tools">
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
          <WalkIn disabled={full} />
          <PasteNames disabled={full} />
        </div>
        {full && <p className="mend">A class has at most {limits.people} people.</p>}
        {everyone.length === 0 ? (
          <div className="empty">
            <h2>Nobody is on the roster yet</h2>
            <p>Add people as walk-ins, by first name.</p>
          </div>
        ) : found.length === 0 ? (
          <p className="second">Nobody by that name. Add a walk-in instead.</p>
        ) : (
          <div className="people-list">
            {found.map((person) => (
              <PersonTick
                key={person.id}
                person={person}
                here={here.has(person.id)}
                home={document.fromHome?.includes(person.id) ?? false}
                disabled={full && !here.has(person.id)}
                onTick={tick}
                onHome={setHome}
              />
            ))}
          </div>
        )}
        <Demonstrators />
        <Exceptions />
      </section>
      <aside className="class-side" aria-label="Groups">
        <GroupsPanel />
        <Problems />
      </aside>
    </>
  )
}

/** Why the groups do not fit the stations, and the press that mends it. */
export function Problems() {
  const { computed, change, document } = useClass()
  const problems = computed.rotations.flatMap(({ rotation }) => (rotation.ok ? [] : rotation.problems))
  const seen = [...new Map(problems.map((problem) => [problem.message, problem])).values()]
  return seen.map((each) => (
    <div className="note is-mend" role="alert" key={each.message} style={{ marginTop: 14 }}>
      <b>{each.message}</b>
      {each.code === 'tooManyGroups' && document.groupSize !== 'fit' && (
        <button
          className="link-button"
          onClick={() =>
            change((draft) => {
              draft.groupSize = 'fit'
              delete draft.arranged
            })
          }
        >
          Make groups that fit the stations
        </button>
      )}
    </div>
  ))
}

interface PersonTickProps {
  person: Person
  here: boolean
  home: boolean
  disabled: boolean
  onTick: (id: string, comes: boolean) => void
  onHome: (id: string, home: boolean) => void
}

function PersonTick({ person, here, home, disabled, onTick, onHome }: PersonTickProps) {
  const limitsText = person.goEasy.map((each) => strainNames[each]).join(', ')
  const detail = [person.level, limitsText && `easy on ${limitsText}`, person.goEasyNote].filter(Boolean).join(' · ')
  return (
    <div className="person">
      <Checkbox
        checked={here}
        disabled={disabled}
        onChange={(event) => onTick(person.id, event.currentTarget.checked)}
        label={person.name}
        description={detail}
        classNames={{ label: 'person-name', body: 'person-body' }}
      />
      {here && (
        <button
          type="button"
          className="peek-button person-home"
          aria-pressed={home}
          aria-label={`${person.name} follows from home`}
          onClick={() => onHome(person.id, !home)}
        >
          {home ? 'from home' : 'in the room'}
        </button>
      )}
    </div>
  )
}

const versions = ['easier', 'standard', 'harder'] as const

/** Who shows which version; Brief and wall say whom to follow. */
function Demonstrators() {
  const { document, computed, change, store } = useClass()
  if (computed.people.length === 0) return null
  const names = computed.people.map((person) => ({ value: person.id, label: person.name }))
  const [hidden] = outOfSight({ document, computed })
  return (
    <>
      <h2 style={{ marginTop: 28 }}>Who shows it</h2>
      <div className="fields">
        {versions.map((version) => (
          <Select
            key={version}
            label={`The ${version} version`}
            placeholder="nobody"
            clearable
            searchable
            data={names}
            value={document.demonstrators?.[version] ?? null}
            onChange={(id) =>
              change((draft) => {
                const { [version]: _, ...rest } = draft.demonstrators ?? {}
                draft.demonstrators = id ? { ...rest, [version]: id } : rest
              })
            }
          />
        ))}
      </div>
      {hidden && (
        <div className="note is-weigh" role="status">
          <b>{hidden.what}</b>
          <p>{hidden.why}</p>
          {hidden.fix && (
            <Button size="xs" variant="default" onClick={() => store.getState().replace(hidden.fix!.apply(document))}>
              {hidden.fix.label}
            </Button>
          )}
        </div>
      )}
    </>
  )
}

/** Ticks everyone of a pasted list; whoever is not on the roster comes as a walk-in. */
function PasteNames({ disabled }: { disabled: boolean }) {
  const { document, library, change } = useClass()
  const [opened, setOpened] = useState(false)
  const [text, setText] = useState('')
  const names = pastedNames(text)
  const everybody = [...document.walkIns, ...library.people]
  const isNew = (name: string) => calledLike(everybody, name).length === 0
  // Which of them is meant, the list does not say.
  const shared = names.filter((name) => calledLike(everybody, name).length > 1)
  const tooLong = names.find((name) => name.length > 40)
  const add = () => {
    change((draft) => {
      for (const name of names.filter((each) => !shared.includes(each))) {
        const id = calledLike(everybody, name)[0]?.id ?? `walk-in-${nanoid(8)}`
        if (draft.here.includes(id) || draft.here.length >= limits.people) continue
        if (isNew(name)) draft.walkIns.push({ id, name, level: 'newcomer', goEasy: [], goEasyNote: '', loads: {} })
        draft.here.push(id)
      }
    })
    setText('')
    setOpened(false)
  }
  const strangers = names.filter(isNew).length
  return (
    <>
      <Button className="paste" variant="default" disabled={disabled} onClick={() => setOpened(true)}>
        Paste a list
      </Button>
      <Modal opened={opened} onClose={() => setOpened(false)} title="Who is here">
        <Textarea
          label="Names, one to a line or between commas"
          autosize
          minRows={6}
          maxRows={14}
          value={text}
          error={tooLong && `${tooLong} is longer than 40 characters`}
          onChange={(event) => setText(event.currentTarget.value)}
          data-autofocus
        />
        <p className="second">
          {names.length} {names.length === 1 ? 'name' : 'names'}
          {strangers > 0 && `, ${strangers} not on the roster: they come as walk-ins`}
        </p>
        {shared.length > 0 && (
          <p className="mend">Several people are called {shared.join(' or ')}: tick the right one on the list yourself.</p>
        )}
        <div className="dialog-foot">
          <Button disabled={names.length === shared.length || tooLong !== undefined} onClick={add}>
            They are here
          </Button>
        </div>
      </Modal>
    </>
  )
}

function WalkIn({ disabled }: { disabled: boolean }) {
  const { document, library, change } = useClass()
  const [name, setName] = useState('')
  const [asked, setAsked] = useState<string>()
  const [level, setLevel] = useState<Level>('newcomer')
  const [error, setError] = useState<string>()
  const add = (event: FormEvent) => {
    event.preventDefault()
    const id = `walk-in-${nanoid(8)}`
    const trimmed = name.trim()
    const wrong = trimmed === '' ? 'A first name is needed' : trimmed.length > 40 ? 'At most 40 characters' : undefined
    setError(wrong)
    if (wrong) return
    const [known] = calledLike([...document.walkIns, ...library.people], trimmed)
    if (known && asked !== trimmed) {
      setAsked(trimmed)
      return setError(
        `There is a ${known.name} already: tick them on the list. For another ${known.name} press Add again, or add a letter.`,
      )
    }
    change((draft) => {
      draft.walkIns.push({ id, name: trimmed, level, goEasy: [], goEasyNote: '', loads: {} })
      draft.here.push(id)
    })
    setName('')
  }
  return (
    <form className="walk-in" onSubmit={add}>
      <TextInput
        label="Walk-in"
        placeholder="First name"
        value={name}
        error={error}
        onChange={(event) => setName(event.currentTarget.value)}
        disabled={disabled}
      />
      <Select
        label="Level"
        data={Level.options.map((each) => ({ value: each, label: each }))}
        value={level}
        onChange={(value) => value && setLevel(value as Level)}
        allowDeselect={false}
      />
      <Button type="submit" variant="default" disabled={disabled}>
        Add
      </Button>
    </form>
  )
}
