import type { PartResult } from '@core/records/results'
import { Cell, Row, RowHead, Table } from '../../kit/Table'
import styles from './results.module.css'
import kit from '../../kit/kit.module.css'

interface ResultsTableProps {
  heading: string
  people: { id: string; name: string }[]
  results: PartResult[]
}

/** What people did, beside the time before; what beats every time before is marked. */
export function ResultsTable({ heading, people, results }: ResultsTableProps) {
  const tapped = people.filter(({ id }) => results.some((part) => doneOf(part, id)))
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
