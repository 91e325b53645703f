import { standings } from '@core/run/standing'
import { formatSeconds } from '@core/units'
import type { LiveRun } from '../live/use-run'

const shown = 6

/** How people stand in a self-paced part, where the class wants it shown: those who have done something, the first first. */
export function Standings({ live: { snapshot, state, feed } }: { live: LiveRun }) {
  const done = standings(snapshot, feed.get().progress, state).filter((each) => each.finished !== undefined || each.rounds > 0)
  if (done.length === 0) return null
  return (
    <ol className="wall-points" aria-label="How people stand">
      {done.slice(0, shown).map((each) => (
        <li key={each.personId}>
          {each.name}: {each.finished !== undefined ? formatSeconds(Math.round(each.finished / 1000)) : `${each.rounds} ${each.rounds === 1 ? 'round' : 'rounds'}`}
        </li>
      ))}
    </ol>
  )
}
