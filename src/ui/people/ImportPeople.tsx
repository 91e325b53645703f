import { nanoid } from 'nanoid'
import { strainNames } from '@core/hall/exercise'
import { likelyPeopleColumns, readPeople, type PeopleColumn, type PeopleTableHall } from '@core/hall/people-table'
import type { Person } from '@core/hall/person'
import { matchColumns } from '@core/hall/table'
import { api } from '../kit/api'
import { ImportTable } from '../kit/ImportTable'
import type { StoredPerson } from './PeoplePage'

const columns: Record<PeopleColumn, string> = { name: 'First name', level: 'Level', 'easy on': 'Easy on', note: 'In a few words', takes: 'Usual sizes', 'keep with': 'Keep with', 'keep apart': 'Keep apart' }

interface ImportPeopleProps {
  hall: PeopleTableHall
  onClose: () => void
  onImported: (...people: StoredPerson[]) => void
}

/** Adds the people of a table to the roster. */
export function ImportPeople({ hall, onClose, onImported }: ImportPeopleProps) {
  const store = async (people: Person[]) => {
    const stored: StoredPerson[] = []
    try {
      for (const person of people) stored.push(await api<StoredPerson>('POST', '/api/people', person))
    } finally {
      onImported(...stored)
    }
  }
  return (
    <ImportTable<PeopleColumn, Person>
      title="Read a table of people"
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

function Becomes({ person, hall }: { person: Person; hall: PeopleTableHall }) {
  const easy = person.goEasy.map((strain) => strainNames[strain]).join(', ')
  const takes = hall.gear.flatMap((kind) => kind.sizes.flatMap((size) => (person.loads[kind.id] === size.id ? [`${kind.name.toLowerCase()} ${size.label}`] : []))).join(', ')
  const company = [person.keepWith && `${person.keepWith.length} to be with`, person.keepApart && `${person.keepApart.length} to be apart from`]
  return (
    <>
      <b>{person.name}</b> <span className="second">{[person.level, easy && `easy on ${easy}`, person.goEasyNote, takes, ...company].filter(Boolean).join(' · ')}</span>
    </>
  )
}
