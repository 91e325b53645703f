import type { PartResult } from '@core/records/results'
import type { LogRow } from '../../kit/LogTable'
import { Cell, Row, RowHead, Table } from '../../kit/Table'
import { dayOf, timeOf } from '../../kit/zoned-time'
import styles from './results.module.css'
import kit from '../../kit/kit.module.css'

interface ResultsTableProps {
  row: LogRow
  results: PartResult[]
  zone: string
}

/** What was tapped in a run, beside the time before; what beats every time before is marked. */
export function ResultsTable({ row, results, zone }: ResultsTableProps) {
  const tapped = row.people.filter(({ id }) => results.some((part) => doneOf(part, id)))
  const heading = `Results${row.startedAt ? ` of ${dayOf(row.startedAt, zone)}, ${timeOf(row.startedAt, zone)}` : ''}`
  return (
    <>
      <h2 className={styles.resultsHead}>{heading}</h2>
      <Table
        className={styles.results}
        label={heading}
        columns={['Who', ...results.map((part) => ({ name: part.name, kind: 'figure' as const }))]}
      >
        {tapped.map((person) => (
          <Row key={person.id}>
            <RowHead>{person.name}</RowHead>
            {results.map((part) => {
              const done = doneOf(part, person.id)
              return (
                <Cell figure key={part.key}>
                  {done?.words} {done?.best && <b className={kit.fine}>best yet</b>}{' '}
                  {done?.before && <span className="second">before: {done.before}</span>}
                </Cell>
              )
            })}
          </Row>
        ))}
      </Table>
    </>
  )
}

const doneOf = (part: PartResult, personId: string) => part.done.find((entry) => entry.personId === personId)
