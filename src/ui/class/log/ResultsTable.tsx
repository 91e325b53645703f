import { measureNames, type Measure } from '@core/results/outcome'
import type { LastDone } from '@core/trends/run-log'
import { Cell, Row, RowHead, Table } from '../../kit/Table'
import { datedOf } from '../../kit/zoned-time'
import { useClass } from '../shared/context'
import styles from './results.module.css'

interface ResultsTableProps {
  heading: string
  people: { id: string; name: string }[]
  last: LastDone[]
}

/** What people did last in the pieces of a class, and when. */
export function ResultsTable({ heading, people, last }: ResultsTableProps) {
  const { zone } = useClass()
  const columns = last.map(({ name, measure }) => ({ name: `${name} (${measureNames[measure as Measure]})`, kind: 'figure' as const }))
  return (
    <>
      <h2 className={styles.resultsHead}>{heading}</h2>
      <Table className={styles.results!} label={heading} columns={['Who', ...columns]}>
        {people.map((person) => (
          <Row key={person.id}>
            <RowHead>{person.name}</RowHead>
            {last.map(({ place, measure, done }) => {
              const own = done.find(({ personId }) => personId === person.id)
              return (
                <Cell figure key={`${place} ${measure}`}>
                  {own?.words} {own && <span className="second">{datedOf(own.at, zone)}</span>}
                </Cell>
              )
            })}
          </Row>
        ))}
      </Table>
    </>
  )
}
