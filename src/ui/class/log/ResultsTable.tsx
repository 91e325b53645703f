import type { PartResult } from '@core/records/results'
import type { LogRow } from '../../kit/LogTable'
import { TableHead } from '../../kit/TableHead'
import { dayOf, timeOf } from '../../kit/zoned-time'
import './results.css'

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
      <h2 className="results-head">{heading}</h2>
      <table className="plain results" aria-label={heading}>
        <TableHead columns={['Who', ...results.map((part) => ({ name: part.name, kind: 'figure' as const }))]} />
        <tbody>
          {tapped.map((person) => (
            <tr key={person.id}>
              <th scope="row">{person.name}</th>
              {results.map((part) => {
                const done = doneOf(part, person.id)
                return (
                  <td className="figure" key={part.key}>
                    {done?.words} {done?.best && <b className="fine">best yet</b>}{' '}
                    {done?.before && <span className="second">before: {done.before}</span>}
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}

const doneOf = (part: PartResult, personId: string) => part.done.find((entry) => entry.personId === personId)
