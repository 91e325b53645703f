import { nobody } from '@core/library/erase'
import { formatSeconds } from '@core/base/units'
import { useState, type ComponentProps } from 'react'
import { fromText } from './from-text'
import { Kit } from './Kit'
import { usePutAway } from './put-away'
import { dayOf, timeOf } from './zoned-time'
import { Cell, Row, Table } from './Table'
import kit from './kit.module.css'

export interface LogRow {
  id: string
  classId: string
  className: string
  roomName: string
  people: { id: string; name: string }[]
  startedAt: Date | string | null
  endedAt: Date | string | null
  /** Absent where the run cannot be read. */
  plannedSeconds?: number
}

/** Runs that have been: when, who, and how long against the plan. */
export function LogTable({ rows: all, zone }: { rows: LogRow[]; zone: string }) {
  const [away, setAway] = useState<readonly string[]>([])
  const putAway = usePutAway()
  const rows = all.filter(({ id }) => !away.includes(id))
  const remove = ({ id, className }: LogRow) =>
    putAway({
      address: `/api/runs/${id}`,
      name: `The entry of ${className}`,
      onAway: () => setAway((now) => [...now, id]),
      onBack: () => setAway((now) => now.filter((other) => other !== id)),
    })
  return (
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
  )
}

function Entry({ row, zone, onPutAway }: { row: LogRow; zone: string; onPutAway: () => void }) {
  const actual =
    row.startedAt && row.endedAt
      ? (Date.parse(String(new Date(row.endedAt))) - Date.parse(String(new Date(row.startedAt)))) / 1000
      : undefined
  const planned = row.plannedSeconds
  const difference = actual === undefined || planned === undefined ? undefined : Math.round(actual - planned)
  return (
    <Row>
      <Cell>
        {row.startedAt ? (
          <>
            <b>{dayOf(row.startedAt, zone)}</b>, {timeOf(row.startedAt, zone)}
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
      <Cell figure>
        {difference === undefined ? '' : difference === 0 ? 'to the second' : `${difference > 0 ? '+' : ''}${formatSeconds(difference)}`}
      </Cell>
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

/** The names that are still known; of those who were erased only how many. */
function namesOf(people: LogRow['people']): string {
  const known = people.filter(({ name }) => name !== nobody).map(({ name }) => name)
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
