import { Button, Menu } from '@mantine/core'
import { useHotkeys } from '@mantine/hooks'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { dayKey, plusDays, startOfDay, type DayKey } from '@core/base/calendar/zoned'
import { fromText } from '../kit/from-text'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { usePutAway } from '../kit/put-away'
import { useAgain } from '../kit/use-again'
import { dayOf, timeOf } from '../kit/zoned-time'
import { NewClass, type NewClassSources } from './NewClass'
import styles from './classes.module.css'
import kit from '../kit/kit.module.css'
import shell from '../shell/shell.module.css'

/** A class as the list shows it. */
export interface ClassRow {
  id: string
  name: string
  startsAt: string
  underWay: boolean
  /** What the server computes of it; absent as long as it is at it. */
  shown?: {
    roomName: string
    people: number
    total?: string
    spare: string
    overSlot: boolean
    sentence: string
    short: number
    problem?: string | undefined
    /** Stored, but not readable by this version. */
    unreadable: boolean
  }
}

/** The seven days that are shown, today, and the day of the next class after them. */
interface Week {
  from: DayKey
  today: DayKey
  next?: DayKey
}

interface ClassesPageProps {
  classes: ClassRow[]
  week: Week
  sources: NewClassSources
  /** The name of the demo, while it is one. */
  demo?: string | undefined
}

/** What is on in the week from today, or another, one press to run. */
export function ClassesPage(props: ClassesPageProps) {
  return (
    <Kit>
      <Classes {...props} />
    </Kit>
  )
}

function Classes({ classes, week, sources, demo }: ClassesPageProps) {
  const { zone, planId } = sources
  const [rows, setRows] = useState(classes)
  const [making, setMaking] = useState(planId !== undefined)
  useHotkeys([['n', () => setMaking(true)]])
  const dayOfRow = (row: ClassRow) => dayKey(row.startsAt, zone)
  const days = [...new Set(rows.map(dayOfRow))].map((day): [DayKey, ClassRow[]] => [day, rows.filter((row) => dayOfRow(row) === day)])

  const putAway = usePutAway()
  const remove = (row: ClassRow) =>
    putAway({
      address: `/api/classes/${row.id}`,
      name: row.name,
      onAway: () => setRows((now) => now.filter(({ id }) => id !== row.id)),
      onBack: () => setRows((now) => [...now, row].sort((a, b) => a.startsAt.localeCompare(b.startsAt))),
    })

  const { mutate: run } = useMutation({
    mutationFn: (row: ClassRow) => api<{ id: string }>('POST', `/api/classes/${row.id}/runs`),
    onSuccess: ({ id }) => location.assign(`/runs/${id}`),
    onError: tellProblem,
  })

  return (
    <div className={shell.page}>
      <div className={shell.pageHead}>
        <h1>Classes</h1>
        <WeekLinks week={week} zone={zone} />
        <span className="push">
          <Button component="a" href="/type" variant="default" h={40}>
            Type or paste
          </Button>
          <Button onClick={() => setMaking(true)} h={40} title="N" aria-keyshortcuts="n">
            New class
          </Button>
        </span>
      </div>
      {demo && (
        <div className={`${shell.sheet} ${kit.note}`} data-severity="fine">
          <b>{demo} is a demo: its people and classes are made up. Try anything.</b>
          <p>
            <a href="/begin">Begin your own hall</a> when you are ready.
          </p>
        </div>
      )}
      <NewClass opened={making} onClose={() => setMaking(false)} {...sources} />
      {rows.length === 0 && (
        <div className={`${shell.sheet} ${kit.empty}`}>
          <h2>No classes in these seven days</h2>
          {week.next ? (
            <p>
              The next one is on <a href={`/?from=${week.next}`}>{dayOf(startOfDay(week.next, zone), zone)}</a>.
            </p>
          ) : (
            <p>Begin with a plan you have, or with eight empty stations.</p>
          )}
          <Button onClick={() => setMaking(true)}>New class</Button>
        </div>
      )}
      {days.map(([day, ofDay]) => (
        <section key={day} aria-label={dayOf(ofDay[0]!.startsAt, zone)} className={styles.classDay}>
          <h2>
            {day === week.today ? 'Today, ' : ''}
            {dayOf(ofDay[0]!.startsAt, zone)}
          </h2>
          {ofDay.map((row) => (
            <article className={styles.classRow} key={row.id} aria-label={row.name}>
              <div className={styles.classTime}>{timeOf(row.startsAt, zone)}</div>
              <div className="class-what">
                <a className={styles.className} href={`/classes/${row.id}/shape`}>
                  {row.name}
                </a>
                <What row={row} />
              </div>
              <Length row={row} />
              <div className={styles.classActs}>
                <Button miw={100} onClick={() => run(row)}>
                  {row.underWay ? 'Go to it' : 'Run class'}
                </Button>
                <Button variant="default" component="a" href={`/classes/${row.id}/shape`}>
                  Open
                </Button>
                <Menu position="bottom-end">
                  <Menu.Target>
                    <Button variant="default" px={12} fz="lg" aria-label={`More for ${row.name}`}>
                      ⋯
                    </Button>
                  </Menu.Target>
                  <Menu.Dropdown>
                    <AgainItems id={row.id} />
                    <Menu.Divider />
                    <Menu.Item onClick={() => remove(row)}>Put away</Menu.Item>
                  </Menu.Dropdown>
                </Menu>
              </div>
            </article>
          ))}
        </section>
      ))}
      <p className={`${styles.classFoot} second`}>
        <a href="/put-away">Classes that were put away</a>
      </p>
    </div>
  )
}

/** Where it is, for how many, and what it is. */
function What({ row: { id, underWay, shown } }: { row: ClassRow }) {
  const live = underWay && <b className={styles.classLive}>under way</b>
  if (!shown) return <div className="second">{live || 'Being worked out: load the page again in a moment.'}</div>
  const { roomName, people, sentence, problem, unreadable } = shown
  return (
    <>
      <div className="second">
        {roomName} · {people} {people === 1 ? 'person' : 'people'}
        {live && <> · {live}</>}
      </div>
      <div>{sentence}</div>
      {problem && <div className={kit.mend}>{problem}</div>}
      {unreadable && <a href={`/api/unreadable/class/${id}`}>Save it as a file</a>}
    </>
  )
}

function Length({ row: { id, shown } }: { row: ClassRow }) {
  return (
    <div className={styles.classTotal}>
      <b>{shown?.total ?? '–'}</b>
      <div className={shown?.overSlot ? kit.mend : 'second'}>{shown?.spare}</div>
      {shown && shown.short > 0 && (
        <a className={kit.mend} href={`/classes/${id}/gear`}>
          gear: {shown.short} short
        </a>
      )}
    </div>
  )
}

/** The class a second time, or next week. */
function AgainItems({ id }: { id: string }) {
  const again = useAgain(id)
  return (
    <>
      <Menu.Item onClick={() => again.mutate(1)}>Again next week</Menu.Item>
      <Menu.Item onClick={() => again.mutate(0)}>Duplicate</Menu.Item>
    </>
  )
}

/** Seven days on, seven back, and to today. */
function WeekLinks({ week: { from, today }, zone }: { week: Week; zone: string }) {
  const day = (key: DayKey) => dayOf(startOfDay(key, zone), zone)
  return (
    <nav aria-label="Which week" className={styles.weekLinks}>
      <a href={`/?from=${plusDays(from, -7)}`}>Earlier</a>
      <b>{`${day(from)} to ${day(plusDays(from, 6))}`}</b>
      <a href={`/?from=${plusDays(from, 7)}`}>Later</a>
      {from !== today && <a href="/">Today</a>}
    </nav>
  )
}

export const ClassesPageIsland = fromText(ClassesPage)
