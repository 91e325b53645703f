import { Button, TextInput } from '@mantine/core'
import { useState } from 'react'
import { strainNames } from '@core/hall/exercise'
import type { GearKind } from '@core/hall/gear-kind'
import { peopleColumns, peopleRows } from '@core/hall/people-table'
import type { Person } from '@core/hall/person'
import { Kit } from '../kit/Kit'
import { saveCsv } from '../kit/save-csv'
import { useLibrary, type Stored } from '../kit/use-library'
import { ImportPeople } from './ImportPeople'
import { PersonEditor } from './PersonEditor'

export type StoredPerson = Stored<Person>

interface PeoplePageProps {
  people: StoredPerson[]
  gear: readonly GearKind[]
}

/** The hall's roster: what the job needs to know of each person, and no more. */
export function PeoplePage(props: PeoplePageProps) {
  return (
    <Kit>
      <People {...props} />
    </Kit>
  )
}

function People({ people, gear }: PeoplePageProps) {
  const library = useLibrary<Person>(people)
  const { stored } = library
  const [query, setQuery] = useState('')
  const [importing, setImporting] = useState(false)
  const found = stored.filter(({ document }) => document.name.toLowerCase().includes(query.trim().toLowerCase()))
  const hall = { people: library.documents, gear }
  const load = (kindId: string, sizeId: string) => {
    const kind = gear.find((each) => each.id === kindId)
    return `${kind?.name ?? kindId} ${kind?.sizes.find((size) => size.id === sizeId)?.label ?? sizeId}`
  }
  const nameOf = (id: string) => stored.find((each) => each.document.id === id)?.document.name ?? id
  const company = ({ keepWith, keepApart }: Person) => [keepWith?.length && `with ${keepWith.map(nameOf).join(', ')}`, keepApart?.length && `not with ${keepApart.map(nameOf).join(', ')}`].filter(Boolean).join('; ')
  return (
    <div className="page">
      <div className="page-head">
        <h1>People</h1>
        <span className="second">{stored.length} on the roster</span>
        <span className="push">
          <Button variant="default" onClick={() => void saveCsv('people.csv', [peopleColumns, ...peopleRows(hall.people, hall)])} disabled={stored.length === 0}>
            Save as CSV
          </Button>
          <Button variant="default" onClick={() => setImporting(true)}>
            Read a table
          </Button>
          <Button onClick={() => library.edit('new')}>New person</Button>
        </span>
      </div>
      <div className="sheet">
        <TextInput aria-label="Find people" placeholder="Type a name" value={query} onChange={(event) => setQuery(event.currentTarget.value)} mb="sm" maw={360} />
        {stored.length === 0 && (
          <div className="empty">
            <h2>Nobody yet</h2>
            <p>Add people here, read a table, or add walk-ins to a class.</p>
          </div>
        )}
        {stored.length > 0 && found.length === 0 && <p className="second">Nobody by that name.</p>}
        {found.length > 0 && (
          <table className="plain">
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">Level</th>
                <th scope="col">Easy on</th>
                <th scope="col">Usual sizes</th>
                <th scope="col">In a group</th>
                <th scope="col" aria-label="Change" />
              </tr>
            </thead>
            <tbody>
              {found.map((each) => (
                <tr key={each.document.id}>
                  <td>
                    <b>{each.document.name}</b>
                  </td>
                  <td>{each.document.level}</td>
                  <td>{[each.document.goEasy.map((strain) => strainNames[strain]).join(', '), each.document.goEasyNote].filter(Boolean).join(': ')}</td>
                  <td>{Object.entries(each.document.loads).map(([kindId, sizeId]) => load(kindId, sizeId)).join(', ')}</td>
                  <td className="second">{company(each.document)}</td>
                  <td>
                    <Button size="compact-sm" variant="default" onClick={() => library.edit(each)} aria-label={`Change ${each.document.name}`}>
                      Change
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        <p className="second">Only what a class needs is stored: a first name, a level, what to go easy on, sizes. Anyone may have their data as a file, or have it erased; both are under Change.</p>
      </div>
      {library.editing && <PersonEditor key={library.edited?.document.id ?? 'new'} stored={library.edited} others={library.documents} gear={gear} onClose={library.close} onStored={library.put} onErased={library.drop} />}
      {importing && <ImportPeople hall={hall} onClose={() => setImporting(false)} onImported={library.put} />}
    </div>
  )
}
