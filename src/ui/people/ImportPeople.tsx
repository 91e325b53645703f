import { midSentence } from '@core/base/mid-sentence'
import { nanoid } from 'nanoid'
import { useRef } from 'react'
import { strainNames } from '@core/library/exercise'
import { likelyPeopleColumns, readPeople, type PeopleColumn, type PeopleTableHall } from '@core/tables/people-table'
import type { Person } from '@core/library/person'
import { matchColumns } from '@core/tables/table'
import { api, ApiError } from '../kit/api'
import { ImportTable } from '../kit/ImportTable'
import type { StoredPerson } from './stored-person'

const columns: Record<PeopleColumn, string> = {
  name: 'First name',
  level: 'Level',
  'easy on': 'Easy on',
  note: 'In a few words',
  takes: 'Usual sizes',
  'keep with': 'Keep with',
  'keep apart': 'Keep apart',
  'agreed on': 'Agreed on',
  'off boards': 'Stays off boards',
}

interface ImportPeopleProps {
  hall: PeopleTableHall
  onClose: () => void
  onImported: (...people: StoredPerson[]) => void
}

/** Adds the people of a table to the roster. */
export function ImportPeople({ hall, onClose, onImported }: ImportPeopleProps) {
  // Those that a press before has stored, until the line broke, are not stored again.
  const done = useRef(new Map<string, StoredPerson>())
  const store = async (people: Person[]) => {
    try {
      for (const person of people) if (!done.current.has(person.id)) done.current.set(person.id, await added(person))
    } finally {
      onImported(...done.current.values())
    }
  }
  return (
    <ImportTable<PeopleColumn, Person>
      title="Import people"
      columns={columns}
      placeholder={'name,level,easy on\nOren,regular,knee'}
      matchHeadings={(headings) => matchColumns(headings, likelyPeopleColumns, 'name')}
      read={(rows, match) => readPeople(rows, match, () => nanoid(10), hall)}
      show={(person) => <Becomes person={person} hall={hall} />}
      count={(number) => `${number} ${number === 1 ? 'person' : 'people'}`}
      store={store}
      onClose={onClose}
    />
  )
}

/** The person as stored. Their id was made here: when it is taken, they were stored, and only the answer was lost. */
async function added(person: Person): Promise<StoredPerson> {
  try {
    return await api<StoredPerson>('POST', '/api/people', person)
  } catch (error) {
    if (error instanceof ApiError && error.problems[0]?.code === 'idTaken') return { version: 1, document: person }
    throw error
  }
}

function Becomes({ person, hall }: { person: Person; hall: PeopleTableHall }) {
  const easy = person.goEasy.map((strain) => strainNames[strain]).join(', ')
  const takes = hall.gear
    .flatMap((kind) => kind.sizes.flatMap((size) => (person.loads[kind.id] === size.id ? [`${midSentence(kind.name)} ${size.label}`] : [])))
    .join(', ')
  const company = [
    person.keepWith && `${person.keepWith.length} to be with`,
    person.keepApart && `${person.keepApart.length} to be apart from`,
  ]
  return (
    <>
      <b>{person.name}</b>{' '}
      <span className="second">
        {[person.level, easy && `easy on ${easy}`, person.goEasyNote, takes, ...company].filter(Boolean).join(' · ')}
      </span>
    </>
  )
}
