import { Button, Checkbox, TextInput } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import type { AttendanceSheet } from '@core/class/attendance'
import { api, ApiError } from '../kit/api'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { dayOf, timeOf } from '../kit/zoned-time'
import styles from './attendance.module.css'
import shell from '../shell/shell.module.css'

interface AttendancePageProps {
  sheet: AttendanceSheet
  zone: string
}

/** Who is here, ticked off by name, and the press that runs the class: all that it takes to stand in for a coach. */
export function AttendancePage(props: AttendancePageProps) {
  return (
    <Kit>
      <Attendance {...props} />
    </Kit>
  )
}

function Attendance({ sheet, zone }: AttendancePageProps) {
  const [ticks, setTicks] = useState(sheet.here)
  const [search, setSearch] = useState('')
  const stored = useRef<Pick<AttendanceSheet, 'version' | 'here'>>(sheet)
  const saving = useMutation({
    // One after the other: each knows the version that the one before made.
    scope: { id: 'attendance' },
    mutationFn: async ({ id, comes }: { id: string; comes: boolean }) => {
      const store = async () => {
        const { version, here } = stored.current
        stored.current = await api('PUT', `/api/classes/${sheet.id}/attendance`, { version, here: ticked(here, id, comes) })
      }
      await store().catch(async (error: unknown) => {
        const current = error instanceof ApiError && error.status === 409 ? error.body.current : undefined
        if (!current) throw error
        // Somebody else has changed the class meanwhile: the tick is put on what it is now.
        stored.current = current as AttendanceSheet
        await store()
        setTicks(stored.current.here)
      })
    },
    onError: (error) => {
      setTicks(stored.current.here)
      tellProblem(error)
    },
  })
  const run = useMutation({
    mutationFn: () => api<{ id: string }>('POST', `/api/classes/${sheet.id}/runs`),
    onSuccess: ({ id }) => location.assign(`/runs/${id}`),
    onError: tellProblem,
  })
  const here = new Set(ticks)
  const found = sheet.people.filter(({ name }) => name.toLowerCase().includes(search.trim().toLowerCase()))
  return (
    <div className={shell.page}>
      <div className={shell.pageHead}>
        <h1>{sheet.name}</h1>
        <span className="second">
          {dayOf(sheet.startsAt, zone)}, {timeOf(sheet.startsAt, zone)}
        </span>
        <span className="push">
          <span role="status">{here.size} here</span>
          <Button onClick={() => run.mutate()} loading={run.isPending} disabled={saving.isPending}>
            Run class
          </Button>
        </span>
      </div>
      <section className={shell.sheet} aria-label="Who is here">
        <TextInput
          label="Find"
          placeholder="Type a name"
          value={search}
          onChange={(event) => setSearch(event.currentTarget.value)}
          maw={320}
        />
        {sheet.people.length === 0 && <p>Nobody is on the roster yet. A coach adds people.</p>}
        <div className={styles.names}>
          {found.map(({ id, name }) => (
            <Checkbox
              key={id}
              label={name}
              checked={here.has(id)}
              onChange={(event) => {
                const comes = event.currentTarget.checked
                setTicks((known) => ticked(known, id, comes))
                saving.mutate({ id, comes })
              }}
            />
          ))}
        </div>
      </section>
    </div>
  )
}

const ticked = (here: readonly string[], id: string, comes: boolean) =>
  comes ? [...new Set([...here, id])] : here.filter((known) => known !== id)

export const AttendancePageIsland = fromText(AttendancePage)
