import { groupBy } from 'es-toolkit'
import { nobody } from '@core/library/erase'
import type { DidThere } from '@core/records/did'
import type { RunTold } from '@core/records/run-told'
import { SaveCsv } from '../kit/SaveCsv'
import { Cell, Row, RowHead, Table } from '../kit/Table'

const columns = ['Who', 'Stations', 'Another option or load', 'Missed']

/** Who was at which stations, with which option and load of their own, and what they missed. */
export function WhoDidWhat({ run }: { run: RunTold }) {
  const rows = run.people
    .filter(({ name }) => name !== nobody)
    .map(({ id, name }) => {
      const did = run.attendances.find(({ personId }) => personId === id)?.did ?? []
      return { id, name, stations: stationsOf(did), own: ownOf(did), missed: missedOf(did) }
    })
  if (rows.length === 0) return <p>Nobody is known to have been here.</p>
  return (
    <>
      <Table columns={columns} label="Who did what">
        {rows.map(({ id, name, stations, own, missed }) => (
          <Row key={id}>
            <RowHead>{name}</RowHead>
            <Cell>{stations}</Cell>
            <Cell>{own}</Cell>
            <Cell>{missed}</Cell>
          </Row>
        ))}
      </Table>
      {run.late.length > 0 && <p className="second">Came after the beginning: {run.late.join(', ')}.</p>}
      {run.left.length > 0 && <p className="second">Left before the end: {run.left.join(', ')}.</p>}
      <SaveCsv
        file={`${run.name} who did what.csv`}
        rows={() => [columns, ...rows.map(({ name, stations, own, missed }) => [name, stations, own, missed])]}
      />
    </>
  )
}

const stationsOf = (did: readonly DidThere[]): string => {
  const done = groupBy(
    did.filter((one) => one.done > 0),
    ({ pieceId }) => pieceId,
  )
  return Object.values(done)
    .map((there) => [...new Set(there.map(({ station }) => station))].sort((a, b) => a - b).join(', '))
    .join('; ')
}

const ownOf = (did: readonly DidThere[]): string =>
  byStation(
    did.filter(({ own, done }) => own && done > 0),
    ({ exercise, how }) => [exercise, how].filter(Boolean).join(', '),
  )

const missedOf = (did: readonly DidThere[]): string =>
  byStation(
    did.filter(({ done, missed }) => done === 0 && missed > 0),
    ({ exercise }) => exercise,
  )

/** `1: goblet squat, push-up; 3: row` */
const byStation = (did: readonly DidThere[], wordsOf: (one: DidThere) => string): string =>
  Object.entries(groupBy(did, ({ station }) => station))
    .map(([station, there]) => `${station}: ${[...new Set(there.map(wordsOf))].join(', ')}`)
    .join('; ')
