import { Button } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { Cell, Row, Table } from '../kit/Table'
import { dayOf, timeOf } from '../kit/zoned-time'
import kit from '../kit/kit.module.css'
import shell from '../shell/shell.module.css'

interface PutAwayRow {
  kind: 'classes' | 'plans' | 'runs'
  id: string
  name: string
  startsAt: string | null
  putAwayAt: string
}

/** What each kind is called, and where it stands again once it is back. */
const words = {
  classes: { is: 'Class', open: (id: string) => `/classes/${id}/shape` },
  plans: { is: 'Plan', open: () => '/plans' },
  runs: { is: 'Entry of the log', open: () => '/log' },
} as const

interface PutAwayPageProps {
  rows: PutAwayRow[]
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

function PutAway({ rows: all, zone }: PutAwayPageProps) {
  const [rows, setRows] = useState(all)
  const { mutate: bringBack, data: back } = useMutation({
    mutationFn: async (row: PutAwayRow) => {
      await api('POST', `/api/${row.kind}/${row.id}/restore`)
      return row
    },
    onSuccess: (row) => setRows((now) => now.filter((other) => other !== row)),
    onError: tellProblem,
  })
  return (
    <div className={shell.page}>
      <div className={shell.pageHead}>
        <h1>Put away</h1>
        <span className="second">in the last 30 days; nothing of it is lost</span>
      </div>
      <p role="status">
        {back && (
          <>
            <b>{back.name}</b> is back: <a href={words[back.kind].open(back.id)}>see it</a>.
          </>
        )}
      </p>
      <div className={shell.sheet}>
        {rows.length === 0 ? (
          <div className={kit.empty}>
            <h2>Nothing is put away</h2>
            <p>
              A class, a plan or an entry of the log that you put away stands here for 30 days. <a href="/">See the classes</a>
            </p>
          </div>
        ) : (
          <Table columns={['What', 'Started, or was to', 'Put away', '']}>
            {rows.map((row) => (
              <Row key={`${row.kind} ${row.id}`}>
                <Cell>
                  <b>{row.name}</b> <span className="second">{words[row.kind].is}</span>
                </Cell>
                <Cell>{row.startsAt && `${dayOf(row.startsAt, zone)}, ${timeOf(row.startsAt, zone)}`}</Cell>
                <Cell>
                  {dayOf(row.putAwayAt, zone)}, {timeOf(row.putAwayAt, zone)}
                </Cell>
                <Cell figure>
                  <Button variant="default" onClick={() => bringBack(row)} aria-label={`Bring back ${row.name}`}>
                    Bring it back
                  </Button>
                </Cell>
              </Row>
            ))}
          </Table>
        )}
      </div>
    </div>
  )
}
