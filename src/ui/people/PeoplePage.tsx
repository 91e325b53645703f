import { Button } from '@mantine/core'
import { useState } from 'react'
import { strainNames } from '@core/library/exercise'
import type { GearKind } from '@core/library/gear-kind'
import { peopleColumns, peopleRows } from '@core/tables/people-table'
import type { Person } from '@core/library/person'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { saveCsv } from '../kit/save-csv'
import { Cell, Row } from '../kit/Table'
import { TableLibrary } from '../kit/TableLibrary'
import { useLibrary } from '../kit/use-library'
import { ImportPeople } from './ImportPeople'
import { PersonEditor } from './PersonEditor'
import type { StoredPerson } from './stored-person'
import kit from '../kit/kit.module.css'

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
  const library = useLibrary<Person>({ path: '/api/people', many: 'people' }, people)
  const { stored } = library
  const [importing, setImporting] = useState(false)
  const hall = { people: library.documents, gear }
  const load = (kindId: string, sizeId: string) => {
    const kind = gear.find((known) => known.id === kindId)
    return `${kind?.name ?? kindId} ${kind?.sizes.find((size) => size.id === sizeId)?.label ?? sizeId}`
  }
  const nameOf = (id: string) => stored.find((stored) => stored.document.id === id)?.document.name ?? id
  const company = ({ keepWith, keepApart }: Person) =>
    [keepWith?.length && `with ${keepWith.map(nameOf).join(', ')}`, keepApart?.length && `not with ${keepApart.map(nameOf).join(', ')}`]
      .filter(Boolean)
      .join('; ')
  return (
    <>
      <TableLibrary
        title="People"
        count={`${stored.length} on the roster`}
        rows={stored}
        nameOf={(stored) => stored.document.name}
        columns={['Name', 'Level', 'Easy on', 'Usual sizes', 'In a group', { name: 'Change', kind: 'hidden' }]}
        find={{ label: 'Find people', placeholder: 'Type a name', none: 'Nobody by that name.' }}
        empty={{ title: 'Nobody yet', text: 'Add people here, read a table, or add walk-ins to a class.' }}
        newLabel="New person"
        onNew={() => library.edit('new')}
        onImport={() => setImporting(true)}
        onSave={() => void saveCsv('people.csv', [peopleColumns, ...peopleRows(hall.people, hall)])}
        show={(stored, at) => (
          <Row key={stored.document.id} {...at}>
            <Cell>
              <a className={kit.rowLink} href={`/people/${stored.document.id}`}>
                {stored.document.name}
              </a>
            </Cell>
            <Cell>{stored.document.level}</Cell>
            <Cell>
              {[stored.document.goEasy.map((strain) => strainNames[strain]).join(', '), stored.document.goEasyNote]
                .filter(Boolean)
                .join(': ')}
            </Cell>
            <Cell>
              {Object.entries(stored.document.loads)
                .map(([kindId, sizeId]) => load(kindId, sizeId))
                .join(', ')}
            </Cell>
            <Cell className="second">{company(stored.document)}</Cell>
            <Cell>
              <Button
                size="compact-sm"
                variant="default"
                onClick={() => library.edit(stored)}
                aria-label={`Change ${stored.document.name}`}
              >
                Change
              </Button>
            </Cell>
          </Row>
        )}
      >
        <p className="second">
          Only what a class needs is stored: a first name, a level, what to go easy on, sizes. Anyone may have their data as a file, or have
          it erased; both are under Change.
        </p>
      </TableLibrary>
      {library.editing && (
        <PersonEditor
          key={library.edited?.document.id ?? 'new'}
          stored={library.edited}
          others={library.documents}
          gear={gear}
          onClose={library.close}
          onStored={library.put}
          onErased={library.drop}
        />
      )}
      {importing && <ImportPeople hall={hall} onClose={() => setImporting(false)} onImported={library.put} />}
    </>
  )
}

export const PeoplePageIsland = fromText(PeoplePage)
