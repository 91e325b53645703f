import { Button, FileButton, Select, Textarea } from '@mantine/core'
import { useMemo, useState, type ReactNode } from 'react'
import type { ColumnMatch, TableRow } from '@core/tables/table'
import { FormDialog, GiveUp } from './FormDialog'
import { tellProblem } from './notice'
import { Cell, Row, Table } from './Table'
import kit from './kit.module.css'

interface ImportTableProps<Column extends string, Value> {
  title: string
  /** Our columns with their names. */
  columns: Readonly<Record<Column, string>>
  placeholder: string
  matchHeadings: (headings: readonly string[]) => ColumnMatch<Column>
  read: (rows: readonly (readonly string[])[], match: ColumnMatch<Column>) => TableRow<Value>[]
  show: (value: Value) => ReactNode
  /** What the rows are, such as `1 person` or `3 people`. */
  count: (number: number) => string
  store: (values: Value[]) => Promise<void>
  onClose: () => void
}

const none = ''

/**
 * Reads a table from a file or as it is pasted: which column is which, what becomes of each row, and what is wrong with it, before
 * anything is stored.
 */
export function ImportTable<Column extends string, Value>({
  title,
  columns,
  placeholder,
  matchHeadings,
  read,
  show,
  count,
  store,
  onClose,
}: ImportTableProps<Column, Value>) {
  const [table, setTable] = useState<string[][]>()
  const [match, setMatch] = useState<ColumnMatch<Column>>({})
  const [busy, setBusy] = useState(false)
  const take = async (text: string) => {
    const { default: Papa } = await import('papaparse')
    const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' })
    if (data.length === 0) return setTable(undefined)
    setTable(data)
    setMatch(matchHeadings(data[0]!))
  }
  // oxlint-disable-next-line react/exhaustive-deps -- `read` gives new ids: only another table or match is to be read again
  const rows = useMemo(() => (table ? read(table.slice(1), match) : []), [table, match])
  const sound = rows.flatMap((row) => ('value' in row ? [row.value] : []))
  const storeAll = async () => {
    setBusy(true)
    try {
      await store(sound)
      onClose()
    } catch (error) {
      tellProblem(error)
    }
    setBusy(false)
  }
  return (
    <FormDialog dirty={table !== undefined} onClose={onClose} title={title} size="xl">
      <div className={kit.importFrom}>
        <FileButton accept=".csv,text/csv,text/plain" onChange={(file) => file && void file.text().then(take)}>
          {(props) => (
            <Button {...props} variant="default">
              Choose a CSV file
            </Button>
          )}
        </FileButton>
        <span className="second">or paste a table, its headings in the first line:</span>
      </div>
      <Textarea
        aria-label="Table"
        minRows={3}
        autosize
        maxRows={6}
        placeholder={placeholder}
        onChange={(event) => void take(event.currentTarget.value)}
      />
      {table && (
        <>
          <div className={kit.personSizes}>
            {(Object.keys(columns) as Column[]).map((column) => (
              <Select
                key={column}
                label={columns[column]}
                data={[
                  { value: none, label: 'no column' },
                  ...table[0]!.map((heading, index) => ({ value: String(index), label: heading || `column ${index + 1}` })),
                ]}
                value={match[column] === undefined ? none : String(match[column])}
                allowDeselect={false}
                onChange={(value) =>
                  setMatch(({ ...rest }) => (value === none ? { ...rest, [column]: undefined } : { ...rest, [column]: Number(value) }))
                }
              />
            ))}
          </div>
          <div className={kit.importRows} tabIndex={0} role="region" aria-label="Rows of the table">
            <Table columns={['Line', 'Becomes']}>
              {rows.map((row) => (
                <Row key={row.line}>
                  <Cell className="second">{row.line}</Cell>
                  <Cell>
                    {'value' in row ? (
                      show(row.value)
                    ) : (
                      <span>
                        <span className={kit.mend}>left out: {row.wrong}</span> <span className="second">({row.text})</span>
                      </span>
                    )}
                  </Cell>
                </Row>
              ))}
            </Table>
          </div>
        </>
      )}
      <div className={kit.dialogFoot}>
        <GiveUp />
        <Button onClick={() => void storeAll()} loading={busy} disabled={sound.length === 0}>
          Add {count(sound.length)}
          {rows.length > sound.length ? `, leave out ${rows.length - sound.length}` : ''}
        </Button>
      </div>
    </FormDialog>
  )
}
