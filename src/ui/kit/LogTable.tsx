import { nobody } from '@core/library/erase'
import { formatSeconds, signedSeconds } from '@core/base/units'
import type { LogEntry } from '@core/trends/run-log'
import { useState, type ComponentProps } from 'react'
import { fromText } from './from-text'
import { Kit } from './Kit'
import { usePutAway } from './put-away'
import { SaveCsv } from './SaveCsv'
import { datedOf, timeOf } from './zoned-time'
import { Cell, Row, Table } from './Table'
import kit from './kit.module.css'

/** Runs that have been: when, who, and how long against the plan. */
export function LogTable({ rows: all, zone }: { rows: LogEntry[]; zone: string }) {
  const [away, setAway] = useState<readonly string[]>([])
  const putAway = usePutAway()
  const rows = all.filter(({ id }) => !away.includes(id))
  const remove = ({ id, className }: LogEntry) =>
    putAway({
      address: `/api/runs/${id}`,
      name: `The entry of ${className}`,
      onAway: () => setAway((now) => [...now, id]),
      onBack: () => setAway((now) => now.filter((other) => other !== id)),
    })
  return (
    <>
      <Table
        columns={[
          'When',
          'Class',
          'Who',
          { name: 'Planned', kind: 'figure' },
          { name: 'Actual', kind: 'figure' },
          { name: 'Difference', kind: 'figure' },
          '',
        ]}
      >
        {rows.map((row) => (
          <Entry key={row.id} row={row} zone={zone} onPutAway={() => remove(row)} />
        ))}
      </Table>
      <SaveCsv file="log.csv" rows={() => csvOf(rows, zone)} />
    </>
  )
}

function Entry({ row, zone, onPutAway }: { row: LogEntry; zone: string; onPutAway: () => void }) {
  const { planned, actual, difference } = lengthsOf(row)
  return (
    <Row>
      <Cell>
        {row.startedAt ? (
          <>
            <a href={`/runs/${row.id}/record`} className={kit.rowLink}>
              {datedOf(row.startedAt, zone)}
            </a>
            , {timeOf(row.startedAt, zone)}
          </>
        ) : (
          'not started'
        )}
      </Cell>
      <Cell>
        <a href={`/classes/${row.classId}/log`} className={kit.rowLink}>
          {row.className}
        </a>
        <div className="second">{row.roomName}</div>
      </Cell>
      <Cell maw={380}>
        <b>{row.people.length}</b> <span className="second">{namesOf(row.people)}</span>
      </Cell>
      <Cell figure>
        {planned === undefined ? (
          <>
            cannot be read: <a href={`/api/unreadable/run/${row.id}`}>save it as a file</a>
          </>
        ) : (
          formatSeconds(planned)
        )}
      </Cell>
      <Cell figure>{actual === undefined ? <span className="second">under way</span> : formatSeconds(actual)}</Cell>
      <Cell figure>{differenceWords(difference)}</Cell>
      <Cell figure>
        {row.endedAt && (
          <button type="button" className={kit.rowButton} aria-label={`Put the entry of ${row.className} away`} onClick={onPutAway}>
            Put away
          </button>
        )}
      </Cell>
    </Row>
  )
}

const csvOf = (rows: readonly LogEntry[], zone: string): string[][] => [
  ['When', 'Class', 'Room', 'Who', 'Planned', 'Actual', 'Difference'],
  ...rows.map((row) => {
    const { planned, actual, difference } = lengthsOf(row)
    const length = (seconds: number | undefined) => (seconds === undefined ? '' : formatSeconds(seconds))
    const when = row.startedAt ? `${datedOf(row.startedAt, zone)}, ${timeOf(row.startedAt, zone)}` : ''
    return [when, row.className, row.roomName, namesOf(row.people), length(planned), length(actual), differenceWords(difference)]
  }),
]

function lengthsOf({ startedAt, endedAt, plannedSeconds: planned }: LogEntry) {
  const actual = startedAt && endedAt ? (Date.parse(endedAt) - Date.parse(startedAt)) / 1000 : undefined
  return { planned, actual, difference: actual === undefined || planned === undefined ? undefined : Math.round(actual - planned) }
}

const differenceWords = (difference: number | undefined): string =>
  difference === undefined ? '' : difference === 0 ? 'to the second' : signedSeconds(difference)

/** The names that are still known; of those who were erased only how many. */
function namesOf(people: readonly string[]): string {
  const known = people.filter((name) => name !== nobody)
  const others = people.length - known.length
  if (others === 0) return known.join(', ')
  if (known.length === 0) return others === 1 ? 'person' : 'people'
  return `${known.join(', ')} and ${others} ${others === 1 ? 'other' : 'others'}`
}

export const LogTableIsland = fromText((props: ComponentProps<typeof LogTable>) => (
  <Kit>
    <LogTable {...props} />
  </Kit>
))
