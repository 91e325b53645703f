import { Button } from '@mantine/core'
import { useState } from 'react'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { TableHead } from '../kit/TableHead'
import { dayOf, timeOf } from '../kit/zoned-time'

interface PutAwayClass {
  id: string
  name: string
  startsAt: string
  putAwayAt: string
}

interface PutAwayPageProps {
  classes: PutAwayClass[]
  zone: string
}

/** What was put away in the last 30 days, each with the press that brings it back. */
export function PutAwayPage(props: PutAwayPageProps) {
  return (
    <Kit>
      <PutAway {...props} />
    </Kit>
  )
}

function PutAway({ classes, zone }: PutAwayPageProps) {
  const [rows, setRows] = useState(classes)
  const [back, setBack] = useState<PutAwayClass>()
  const bringBack = async (row: PutAwayClass) => {
    try {
      await api('POST', `/api/classes/${row.id}/restore`)
      setRows((now) => now.filter(({ id }) => id !== row.id))
      setBack(row)
    } catch (error) {
      tellProblem(error)
    }
  }
  return (
    <div className="page">
      <div className="page-head">
        <h1>Put away</h1>
        <span className="second">classes of the last 30 days; nothing of them is lost</span>
      </div>
      <p role="status">
        {back && (
          <>
            <b>{back.name}</b> is back: <a href={`/classes/${back.id}/shape`}>open it</a>.
          </>
        )}
      </p>
      <div className="sheet">
        {rows.length === 0 ? (
          <div className="empty">
            <h2>Nothing is put away</h2>
            <p>
              A class that you delete stands here for 30 days. <a href="/">See the classes</a>
            </p>
          </div>
        ) : (
          <table className="plain">
            <TableHead columns={['Class', 'Was to start', 'Put away', '']} />
            <tbody>
              {rows.map((row) => (
                <tr key={row.id}>
                  <td>
                    <b>{row.name}</b>
                  </td>
                  <td>
                    {dayOf(row.startsAt, zone)}, {timeOf(row.startsAt, zone)}
                  </td>
                  <td>
                    {dayOf(row.putAwayAt, zone)}, {timeOf(row.putAwayAt, zone)}
                  </td>
                  <td className="figure">
                    <Button variant="default" onClick={() => void bringBack(row)} aria-label={`Bring back ${row.name}`}>
                      Bring it back
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </div>
    </div>
  )
}
