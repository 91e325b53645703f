import { Button } from '@mantine/core'
import { useHotkeys } from '@mantine/hooks'
import { notifications } from '@mantine/notifications'
import { useState } from 'react'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { dateKey } from '../kit/when'
import { dayOf, timeOf } from '../kit/zoned-time'
import { NewClass, type NewClassSources } from './NewClass'
import './classes.css'

/** A class as the list shows it: computed on the server. */
export interface ClassRow {
  id: string
  name: string
  startsAt: string
  roomName: string
  people: number
  total?: string
  slot: string
  spare: string
  overSlot: boolean
  sentence: string
  short: number
  problem?: string | undefined
  underWay: boolean
}

interface ClassesPageProps {
  classes: ClassRow[]
  sources: NewClassSources
}

/** What is on today and after, one press to run. */
export function ClassesPage(props: ClassesPageProps) {
  return (
    <Kit>
      <Classes {...props} />
    </Kit>
  )
}

function Classes({ classes, sources }: ClassesPageProps) {
  const { zone, now, planId } = sources
  const [rows, setRows] = useState(classes)
  const [making, setMaking] = useState(planId !== undefined)
  useHotkeys([['n', () => setMaking(true)]])
  const days = [...new Set(rows.map((row) => dateKey(row.startsAt, zone)))]
  const today = dateKey(now, zone)

  const remove = async (row: ClassRow) => {
    try {
      await api('DELETE', `/api/classes/${row.id}`)
    } catch (error) {
      return tellProblem(error)
    }
    setRows((each) => each.filter((one) => one.id !== row.id))
    const id = `removed-${row.id}`
    const restore = async () => {
      try {
        await api('POST', `/api/classes/${row.id}/restore`)
        setRows(classes.filter((one) => one.id === row.id || rows.some((other) => other.id === one.id)))
        notifications.hide(id)
      } catch (error) {
        tellProblem(error)
      }
    }
    notifications.show({
      id,
      title: `${row.name} was deleted`,
      autoClose: 12000,
      color: 'gray',
      message: (
        <button className="link-button" onClick={() => void restore()}>
          Bring it back
        </button>
      ),
    })
  }

  const run = async (row: ClassRow) => {
    try {
      const opened = await api<{ id: string }>('POST', `/api/classes/${row.id}/runs`)
      location.assign(`/runs/${opened.id}`)
    } catch (error) {
      tellProblem(error)
    }
  }

  return (
    <div className="page">
      <div className="page-head">
        <h1>Classes</h1>
        <span className="push">
          <Button onClick={() => setMaking(true)} h={40} title="N" aria-keyshortcuts="n">
            New class
          </Button>
        </span>
      </div>
      <NewClass opened={making} onClose={() => setMaking(false)} {...sources} />
      {rows.length === 0 && (
        <div className="sheet empty">
          <h2>No classes from today on</h2>
          <p>Begin with a plan you have, or with eight empty stations.</p>
          <Button onClick={() => setMaking(true)}>New class</Button>
        </div>
      )}
      {days.map((day) => {
        const ofDay = rows.filter((row) => dateKey(row.startsAt, zone) === day)
        return (
          <section key={day} aria-label={dayOf(ofDay[0]!.startsAt, zone)} className="class-day">
            <h2>
              {day === today ? 'Today, ' : ''}
              {dayOf(ofDay[0]!.startsAt, zone)}
            </h2>
            {ofDay.map((row) => (
              <article className="class-row" key={row.id} aria-label={row.name}>
                <div className="class-time">{timeOf(row.startsAt, zone)}</div>
                <div className="class-what">
                  <a className="class-name" href={`/classes/${row.id}/shape`}>
                    {row.name}
                  </a>
                  <div className="second">
                    {row.roomName} · {row.people} {row.people === 1 ? 'person' : 'people'}
                    {row.underWay && <b className="class-live"> · under way</b>}
                  </div>
                  <div>{row.sentence}</div>
                  {row.problem && <div className="mend">{row.problem}</div>}
                </div>
                <div className="class-total">
                  <b>{row.total ?? '–'}</b>
                  <div className={row.overSlot ? 'mend' : 'second'}>{row.spare}</div>
                  {row.short > 0 && (
                    <a className="mend" href={`/classes/${row.id}/gear`}>
                      gear: {row.short} short
                    </a>
                  )}
                </div>
                <div className="class-acts">
                  <Button onClick={() => void run(row)}>{row.underWay ? 'Go to it' : 'Run class'}</Button>
                  <Button variant="default" component="a" href={`/classes/${row.id}/shape`}>
                    Open
                  </Button>
                  <Button variant="subtle" color="gray" onClick={() => void remove(row)} aria-label={`Delete ${row.name}`}>
                    Delete
                  </Button>
                </div>
              </article>
            ))}
          </section>
        )
      })}
    </div>
  )
}
