import { Button, FileButton, Modal, Select, Textarea } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useMemo, useState } from 'react'
import { matchColumns, peopleColumns, readPeople, type ColumnMatch, type PeopleColumn } from '@core/hall/people-table'
import { strainNames } from '@core/hall/exercise'
import type { Person } from '@core/hall/person'
import { api } from '../kit/api'
import { tellProblem } from '../kit/notice'
import type { StoredPerson } from './PeoplePage'

const columnNames: Record<PeopleColumn, string> = { name: 'First name', level: 'Level', 'easy on': 'Easy on', note: 'In a few words' }
const none = ''

/** Reads a table from a file or as it is pasted: which column is which, what becomes of each row, and what is wrong with it, before anything is stored. */
export function ImportPeople({ known, onClose, onImported }: { known: string[]; onClose: () => void; onImported: (...people: StoredPerson[]) => void }) {
  const [table, setTable] = useState<string[][]>()
  const [match, setMatch] = useState<ColumnMatch>({})
  const [busy, setBusy] = useState(false)
  const take = async (text: string) => {
    const { default: Papa } = await import('papaparse')
    const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' })
    if (data.length === 0) return setTable(undefined)
    setTable(data)
    setMatch(matchColumns(data[0]!))
  }
  const rows = useMemo(() => (table ? readPeople(table.slice(1), match, () => nanoid(10), new Set(known)) : []), [table, match, known])
  const sound = rows.flatMap((row) => ('person' in row ? [row.person] : []))
  const store = async () => {
    setBusy(true)
    const stored: StoredPerson[] = []
    try {
      for (const person of sound) stored.push(await api<StoredPerson>('POST', '/api/people', person))
    } catch (error) {
      tellProblem(error)
    }
    setBusy(false)
    onImported(...stored)
  }
  return (
    <Modal opened onClose={onClose} title="Read a table of people" size="xl" closeOnClickOutside={false}>
      <div className="import-from">
        <FileButton accept=".csv,text/csv,text/plain" onChange={(file) => file && void file.text().then(take)}>
          {(props) => (
            <Button {...props} variant="default">
              Choose a CSV file
            </Button>
          )}
        </FileButton>
        <span className="second">or paste a table, its headings in the first line:</span>
      </div>
      <Textarea aria-label="Table" minRows={3} autosize maxRows={6} placeholder={'name,level,easy on\nOren,regular,knee'} onChange={(event) => void take(event.currentTarget.value)} />
      {table && (
        <>
          <div className="person-sizes">
            {peopleColumns.map((column) => (
              <Select
                key={column}
                label={columnNames[column]}
                data={[{ value: none, label: 'no column' }, ...table[0]!.map((heading, index) => ({ value: String(index), label: heading || `column ${index + 1}` }))]}
                value={match[column] === undefined ? none : String(match[column])}
                allowDeselect={false}
                onChange={(value) => setMatch(({ [column]: _, ...rest }) => (value === none ? rest : { ...rest, [column]: Number(value) }))}
              />
            ))}
          </div>
          <div className="import-rows" tabIndex={0} role="region" aria-label="Rows of the table">
            <table className="plain">
              <thead>
                <tr>
                  <th scope="col">Line</th>
                  <th scope="col">Becomes</th>
                </tr>
              </thead>
              <tbody>
                {rows.map((row) => (
                  <tr key={row.line}>
                    <td className="second">{row.line}</td>
                    <td>{'person' in row ? <Becomes person={row.person} /> : <span><span className="mend">left out: {row.wrong}</span> <span className="second">({row.text})</span></span>}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
      <div className="dialog-foot">
        <Button variant="default" onClick={onClose}>
          Give up
        </Button>
        <Button disabled={sound.length === 0} loading={busy} onClick={() => void store()}>
          Add {sound.length} {sound.length === 1 ? 'person' : 'people'}
          {rows.length > sound.length && `, leave out ${rows.length - sound.length}`}
        </Button>
      </div>
    </Modal>
  )
}

function Becomes({ person }: { person: Person }) {
  const easy = person.goEasy.map((strain) => strainNames[strain]).join(', ')
  return (
    <>
      <b>{person.name}</b> <span className="second">{[person.level, easy && `easy on ${easy}`, person.goEasyNote].filter(Boolean).join(' · ')}</span>
    </>
  )
}
