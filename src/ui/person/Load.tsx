import type { LoadOverTime } from '@core/trends/load-over-time'
import { FiguresChart } from '../kit/chart'
import { SaveCsv } from '../kit/SaveCsv'
import { dayOf } from '../kit/zoned-time'
import record from '../record/record.module.css'
import styles from './person.module.css'

const whole = (figure: number | undefined) => (figure === undefined ? '' : String(Math.round(figure)))
const tenth = (figure: number | undefined) => (figure === undefined ? '' : figure.toFixed(1))

/** How hard the weeks were, by what they said of each class, and what cannot be read out of that. */
export function Load({ load: { weeks, recent, isSudden, lastSevenDays }, name }: { load: LoadOverTime; name: string }) {
  if (!weeks.some(({ told }) => told > 0))
    return <p>{name} has not said yet how hard a class was. Effort from 0 to 10 is put down with the results of a run, or on their card.</p>
  const last = weeks.at(-1)!
  return (
    <>
      <div className={record.figures}>
        <div>
          <span className="second">last 7 days</span>
          <b>{whole(lastSevenDays)}</b>
          <span>effort × minutes</span>
        </div>
        <div>
          <span className="second">against a usual week</span>
          <b>{recent === undefined ? '–' : recent.toFixed(2)}</b>
          <span>{recent === undefined ? 'said once 28 days are known' : 'last 7 days over the mean week of 28'}</span>
        </div>
        <div>
          <span className="second">this week</span>
          <b>{whole(last.total)}</b>
          <span>{last.monotony === undefined ? '' : `monotony ${tenth(last.monotony)}, strain ${whole(last.strain)}`}</span>
        </div>
      </div>
      {isSudden && (
        <p className={styles.caution} role="note">
          <b>More than usual, at once.</b> The last seven days are {recent!.toFixed(1)} times a usual week. Ask how {name} feels, and offer
          the easier options; pain or doubt is for a physician or physiotherapist to judge.
        </p>
      )}
      <FiguresChart
        label={`Load of ${name} by week`}
        axis="effort × minutes"
        kind="bars"
        figures={weeks.map(({ from, total }) => ({ at: dayOf(`${from}T12:00Z`, 'UTC').slice(4), figure: total, words: whole(total) }))}
      />
      <p className="second">
        A class counts how hard all of it was (0 to 10) times its minutes, after Foster 2001; classes of which nothing was said count
        nothing, and what is done elsewhere is not known. That a high ratio foretells an injury is disputed: it is a figure to talk about,
        no forecast.
      </p>
      <SaveCsv
        file={`${name} load.csv`}
        rows={() => [
          ['Week from', 'Classes', 'Effort told', 'Load', 'Monotony', 'Strain'],
          ...weeks.map(({ from, sessions, told, total, monotony, strain }) => [
            from,
            String(sessions),
            String(told),
            whole(total),
            tenth(monotony),
            whole(strain),
          ]),
        ]}
      />
    </>
  )
}
