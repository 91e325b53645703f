import type { PersonTold } from '@core/trends/person-told'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { AttendanceStrip } from './AttendanceStrip'
import { Bests } from './Bests'
import { Came } from './Came'
import { Had, LimitsOver } from './Had'
import { Load } from './Load'
import shell from '../shell/shell.module.css'
import record from '../record/record.module.css'
import styles from './person.module.css'

interface PersonPageProps {
  told: PersonTold
  zone: string
}

/** How somebody comes and gets on: for coaches. */
export function PersonPage({ told, zone }: PersonPageProps) {
  const { person } = told
  return (
    <Kit>
      <div className={shell.page}>
        <div className={shell.pageHead}>
          <h1>{person.name}</h1>
          <span className="second">
            {person.level}
            {person.offBoards && ' · stays off boards'}
          </span>
          <span className="push">
            <a href="/people">People</a>
          </span>
        </div>
        <section className={shell.sheet} aria-label="Attendance">
          <h2>Attendance</h2>
          <AttendanceStrip told={told} />
        </section>
        <section className={`${shell.sheet} ${record.section}`} aria-label="Session load">
          <h2>Session load</h2>
          <Load load={told.load} name={person.name} />
        </section>
        <section className={`${shell.sheet} ${record.section}`} aria-label="Bests">
          <h2>Bests, and loads over time</h2>
          <Bests bests={told.bests} name={person.name} zone={zone} unit={told.unit} />
        </section>
        <div className={`${styles.columns} ${record.section}`}>
          <Had what="Exercises" had={told.exercises} name={person.name} since="in the last 90 days" />
          <Had what="Partners" had={told.partners} name={person.name} since="in the last year" />
          <LimitsOver limits={told.limits} name={person.name} zone={zone} />
        </div>
        <section className={`${shell.sheet} ${record.section}`} aria-label="Classes">
          <h2>Classes</h2>
          <Came told={told} zone={zone} />
        </section>
      </div>
    </Kit>
  )
}

export const PersonPageIsland = fromText(PersonPage)
