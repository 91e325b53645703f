import { useEffect, useState } from 'react'
import { doneWords, listThatWas, standingsIn } from '@core/records/standing'
import { tapWhen, tapsWith } from '@core/run/clock/taps'
import type { OwnTap, TapKind } from '@core/run/clock/events'
import { api } from '../kit/api'
import { TapLine, type TapRequest, type TapState } from '../live/tap-line'
import { tapStore } from '../live/tap-store'
import type { Taken } from '../live/taken'
import type { LiveRun } from '../live/use-run'
import styles from './CardTaps.module.css'

interface CardTapsProps {
  live: LiveRun
  personId: string
  token: string
}

/** What a request says of oneself: for whom it counts, the link knows. */
function ownOf({ id, expectedSequence, command }: TapRequest): OwnTap {
  if (command.type === 'untap') return { id, expectedSequence, command }
  const { personIds: _, ...own } = command
  return { id, expectedSequence, command: own }
}

/** One's own rounds and finish in a part at everyone's own pace, and for as long after it as nothing else is done. */
export function CardTaps({ live: { snapshot, state, feed, clock }, personId, token }: CardTapsProps) {
  const [taps, setTaps] = useState<TapState>({ waiting: [], lost: false })
  const [line] = useState(() => {
    const post = (request: TapRequest) =>
      api<Taken>('POST', `/api/screens/${token}/taps`, ownOf(request), { signal: AbortSignal.timeout(4000), keepalive: true })
    return new TapLine(feed, post, setTaps, tapStore(`card-${token}`))
  })
  useEffect(() => void line.resume(), [line])
  const list = listThatWas(state)
  const on = list?.index === state.phase.index && state.status !== 'finished'
  if (!list || (!on && state.phase.kind === 'work' && state.status !== 'finished')) return null
  const { progress } = feed.get()
  const own = standingsIn(snapshot, tapsWith(progress, taps.waiting), list.index).find((standing) => standing.personId === personId)
  if (!own) return null
  const tap = (what: TapKind) => void line.add({ type: 'tap', personIds: [personId], what, when: tapWhen(progress, list, clock.now()) })
  const finished = own.finished !== undefined
  const alone = own.last?.personIds.length === 1
  return (
    <section className={styles.taps} aria-label="What you have done">
      <p aria-live="polite">
        {taps.trouble ?? (taps.lost ? 'No line just now: your tap is kept, with its time.' : `You: ${doneWords(own) || 'no round yet'}`)}
      </p>
      <button type="button" disabled={finished} onClick={() => tap('round')}>
        A round done
      </button>
      {on && list.selfPaced?.open !== undefined && (
        <button type="button" disabled={finished} onClick={() => tap('finish')}>
          All finished
        </button>
      )}
      {alone && (
        <button type="button" className={styles.away} onClick={() => void line.add({ type: 'untap', tapId: own.last!.id })}>
          Undo the last tap
        </button>
      )}
    </section>
  )
}
