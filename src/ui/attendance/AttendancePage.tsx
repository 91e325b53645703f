import { Button, Checkbox, TextInput } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import type { AttendanceSheet } from '@core/class/attendance'
import { api, ApiError } from '../kit/api'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { tell, tellProblem } from '../kit/notice'
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

function Attendance({ sheet: first, zone }: AttendancePageProps) {
  const [sheet, setSheet] = useState(first)
  const [search, setSearch] = useState('')
  const saving = useMutation({
    // One after the other: each knows the version that the one before made.
    scope: { id: 'attendance' },
    mutationFn: ({ id, comes }: { id: string; comes: boolean }) => tickOff(first.id, id, comes, setSheet),
    onError: tellProblem,
  })
  const run = useMutation({
    mutationFn: () => api<{ id: string }>('POST', `/api/classes/${first.id}/runs`),
    onSuccess: ({ id }) => location.assign(`/runs/${id}`),
    onError: tellProblem,
  })
  const here = new Set(sheet.here)
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
                setSheet((known) => ({ ...known, here: ticked(known.here, id, comes) }))
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

type SetSheet = (change: (known: AttendanceSheet) => AttendanceSheet) => void

/** What is stored, by class: what the next tick builds on. */
const stored = new Map<string, Pick<AttendanceSheet, 'version' | 'here'>>()

/** Stores one tick; where somebody else has changed the class meanwhile, on what it is now. */
async function tickOff(classId: string, id: string, comes: boolean, setSheet: SetSheet): Promise<void> {
  const store = async (known: Pick<AttendanceSheet, 'version' | 'here'>) => {
    const here = ticked(known.here, id, comes)
    stored.set(
      classId,
      await api<Pick<AttendanceSheet, 'version' | 'here'>>('PUT', `/api/classes/${classId}/attendance`, { version: known.version, here }),
    )
  }
  const before = stored.get(classId) ?? (await new Promise<AttendanceSheet>((resolve) => setSheet((known) => (resolve(known), known))))
  await store({ version: before.version, here: before.here }).catch(async (error: unknown) => {
    const current = error instanceof ApiError && error.status === 409 ? (error.body.current as AttendanceSheet | undefined) : undefined
    if (!current) throw error
    tell({ message: 'The class was changed meanwhile. Your tick is on what it is now.' })
    setSheet(() => ({ ...current, here: ticked(current.here, id, comes) }))
    await store(current)
  })
}

export const AttendancePageIsland = fromText(AttendancePage)
