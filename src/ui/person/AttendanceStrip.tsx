import { plusDays } from '@core/base/calendar/zoned'
import { mondayOf } from '@core/trends/load-over-time'
import type { PersonTold } from '@core/trends/person-told'
import styles from './person.module.css'

const weeks = 26

/** Half a year of days, a column a week from Monday, the days on which they came filled. */
export function AttendanceStrip({ told: { days, today, attendedInAll, person } }: { told: PersonTold }) {
  const first = plusDays(mondayOf(today), -7 * (weeks - 1))
  const all = Array.from({ length: weeks * 7 }, (_, day) => plusDays(first, day)).filter((day) => day <= today)
  const came = new Set(days)
  const lastFour = all.slice(-28).filter((day) => came.has(day)).length
  return (
    <>
      <ol className={styles.strip} aria-hidden>
        {all.map((day) => (
          <li key={day} className={`${styles.day} ${came.has(day) ? styles.came : ''}`} title={came.has(day) ? `${day}: came` : day} />
        ))}
      </ol>
      <p>
        {person.name} came on <b>{lastFour}</b> of the last 28 days, on {days.length} days in the last 26 weeks, and to {attendedInAll}{' '}
        {attendedInAll === 1 ? 'class' : 'classes'} in all. <span className="second">A column is a week, Monday at the top.</span>
      </p>
    </>
  )
}
