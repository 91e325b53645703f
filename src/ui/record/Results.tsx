import { Checkbox, NativeSelect, TextInput } from '@mantine/core'
import { useState } from 'react'
import { measureNames } from '@core/results/outcome'
import type { ResultsSheet } from '@core/results/sheet'
import { SaveCsv } from '../kit/SaveCsv'
import { useUnsaved } from '../kit/unsaved'
import { Beside } from './Beside'
import { CalledOut } from './CalledOut'
import { useCells, type RowOf } from './cells'
import { History } from './History'
import { ResultsGrid } from './ResultsGrid'
import { columnKey, useSheet, type Column } from './use-sheet'
import styles from './record.module.css'

interface ResultsProps {
  address: string
  first: ResultsSheet
  /** The name of the file that the table is saved as. */
  csv: string
  zone: string
}

/** What people have done: typed as it is called out, pasted, corrected; and beside each other and before, where it can be compared. */
export function Results({ address, first, csv, zone }: ResultsProps) {
  const sheet = useSheet(address, first)
  const { places, people, groups, results } = sheet.sheet
  const [added, setAdded] = useState<string[]>([])
  const [together, setTogether] = useState(false)
  const [standards, setStandards] = useState<Record<string, string>>(() => standardsOf(first))
  const columns = places.filter(
    (place) =>
      (place.measure !== 'load' && place.measure !== 'reps') ||
      added.includes(columnKey(place)) ||
      results.some((one) => columnKey(one) === columnKey(place)),
  )
  const cells = useCells(sheet, standards)
  useUnsaved(cells.unstored)
  const rows = together ? groupRows(groups, people) : people.map(({ id, name }): RowOf => ({ key: id, name, personIds: [id] }))
  const [chosen, setChosen] = useState('')
  const called = columns.find((column) => columnKey(column) === chosen) ?? columns[0]
  const others = places.filter((place) => !columns.includes(place))
  return (
    <>
      <div className={styles.tools}>
        {called && <CalledOut key={columnKey(called)} column={called} sheet={sheet} standard={standards[columnKey(called)] ?? ''} />}
        {columns.length > 1 && (
          <NativeSelect
            label="Of what"
            value={called && columnKey(called)}
            onChange={(event) => setChosen(event.currentTarget.value)}
            data={columns.map((column) => ({ value: columnKey(column), label: nameOf(column) }))}
          />
        )}
        {called && called.measure !== 'effort' && (
          <TextInput
            label="Standard of a rep"
            description="Kept with what is put down from now on"
            inputWrapperOrder={['label', 'input', 'description']}
            placeholder="such as: knee touches"
            maxLength={60}
            value={standards[columnKey(called)] ?? ''}
            onChange={(event) => {
              const { value } = event.currentTarget
              setStandards((now) => ({ ...now, [columnKey(called)]: value }))
            }}
          />
        )}
      </div>
      <div className={styles.tools}>
        {others.length > 0 && (
          <NativeSelect
            label="One more column"
            value=""
            onChange={(event) => {
              const { value } = event.currentTarget
              if (value) setAdded((now) => [...now, value])
            }}
            data={[
              { value: '', label: 'Load or reps of …' },
              ...others.map((place) => ({ value: columnKey(place), label: nameOf(place) })),
            ]}
          />
        )}
        {groups.length > 0 && (
          <Checkbox label="A pair or group at once" checked={together} onChange={(event) => setTogether(event.currentTarget.checked)} />
        )}
      </div>
      <ResultsGrid columns={columns} rows={rows} cells={cells} />
      <p className="second">
        Times 2:14.3, rounds 5+12, effort 0 to 10. Beside it: DNF, scaled (s), late 0:20. Enter goes down, and a block of cells can be
        pasted from a sheet.
      </p>
      <Beside sheet={sheet.sheet} zone={zone} />
      <History sheet={sheet.sheet} zone={zone} />
      {results.length > 0 && (
        <SaveCsv
          file={csv}
          what="results"
          rows={() => [
            ['Who', ...columns.map(nameOf)],
            ...people.map(({ id, name }) => [name, ...columns.map((column) => sheet.resultOf(column, id)?.words ?? '')]),
          ]}
        />
      )}
    </>
  )
}

const nameOf = ({ name, measure }: Column) => `${name}, ${measureNames[measure]}`

const groupRows = (groups: string[][], people: ResultsSheet['people']): RowOf[] => {
  const byId = new Map(people.map(({ id, name }) => [id, name]))
  const grouped = new Set(groups.flat())
  return [...groups, ...people.filter(({ id }) => !grouped.has(id)).map(({ id }) => [id])].map((ids) => ({
    key: ids[0]!,
    name: ids.map((id) => byId.get(id) ?? '').join(' and '),
    personIds: ids,
  }))
}

/** The standards that results have already: what is put down beside them goes by the same. */
const standardsOf = ({ results }: ResultsSheet): Record<string, string> =>
  Object.fromEntries(results.flatMap((one) => (one.outcome.standard ? [[columnKey(one), one.outcome.standard]] : [])))
