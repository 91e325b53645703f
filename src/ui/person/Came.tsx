import type { PersonTold } from '@core/trends/person-told'
import { SaveCsv } from '../kit/SaveCsv'
import { Cell, Row, Table } from '../kit/Table'
import { datedOf, timeOf } from '../kit/zoned-time'
import kit from '../kit/kit.module.css'

/** The last classes they came to, each with its run. */
export function Came({ told: { attended, attendedInAll, person }, zone }: { told: PersonTold; zone: string }) {
  if (attended.length === 0) return <p>{person.name} has not been in a class that was run.</p>
  return (
    <>
      <Table
        columns={['When', 'Class', { name: 'Minutes', kind: 'figure' }, { name: 'Effort', kind: 'figure' }]}
        label={`Classes of ${person.name}`}
      >
        {attended.map(({ runId, className, at, minutes, effort }) => (
          <Row key={runId}>
            <Cell>
              {datedOf(at, zone)}, {timeOf(at, zone)}
            </Cell>
            <Cell>
              <a className={kit.rowLink} href={`/runs/${runId}/record`}>
                {className}
              </a>
            </Cell>
            <Cell figure>{Math.round(minutes)}</Cell>
            <Cell figure>{effort ?? ''}</Cell>
          </Row>
        ))}
      </Table>
      {attendedInAll > attended.length && (
        <p className="second">
          The last {attended.length} of {attendedInAll}; the others are found in the{' '}
          <a href={`/log?search=${encodeURIComponent(person.name)}`}>log</a>.
        </p>
      )}
      <SaveCsv
        file={`${person.name} classes.csv`}
        rows={() => [
          ['When', 'Class', 'Minutes', 'Effort'],
          ...attended.map(({ at, className, minutes, effort }) => [at, className, String(Math.round(minutes)), String(effort ?? '')]),
        ]}
      />
    </>
  )
}
