import { Button } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useMemo, useState } from 'react'
import { classCautions } from '@core/brief/cautions'
import { briefChoices, briefSeconds } from '@core/brief/ways'
import { walkThrough } from '@core/brief/walk-through'
import { settingsOf } from '@core/class/compute'
import { followSentence } from '@core/class/demonstrators'
import { formatSeconds } from '@core/base/units'
import './brief.css'
import { useClass, usePlanEdits } from '../shared/context'
import { ReadingView } from './ReadingView'
import { BriefWords } from './BriefWords'

/** What to say, in order, with its time; four ways to give it; and a view to read it from. */
export function BriefView() {
  const { document, library, computed } = useClass()
  const { setPlan } = usePlanEdits()
  const [reading, setReading] = useState(false)
  const { plan } = document
  const figures = settingsOf(library)
  const items = useMemo(() => walkThrough(plan, library, computed), [plan, library, computed])
  const choices = useMemo(() => briefChoices(plan, figures, () => nanoid(10), computed.paces), [plan, figures, computed.paces])
  const length = briefSeconds(items.length, figures)
  const follow = followSentence(document, (id) => computed.people.find((person) => person.id === id)?.name ?? id)
  if (items.length === 0) {
    return (
      <section className="class-main">
        <div className="empty">
          <h2>Nothing to explain yet</h2>
          <p>Choose exercises on the Shape tab, and the walk-through is written here.</p>
        </div>
      </section>
    )
  }
  const moves = computed.rotations.flatMap(({ circuit, rotation }) => (rotation.ok ? [{ id: circuit.id, say: rotation.value.say }] : []))
  const sayOf = (circuitId: string) => moves.find(({ id }) => id === circuitId)?.say
  const opening = [...(computed.sentences ?? []), ...new Set(moves.map(({ say }) => say)), ...(follow ? [follow] : [])]
  const several = new Set(items.map((item) => item.circuitId)).size > 1
  return (
    <>
      <section className="class-main brief" aria-label="Brief">
        <div className="big-line">
          <span role="status" aria-label="Length of the brief">
            <span className="big">{formatSeconds(length.usual)}</span> to explain {items.length}{' '}
            {items.length === 1 ? 'exercise' : 'exercises'}{' '}
            <span className="second">
              ({formatSeconds(length.least)} to {formatSeconds(length.most)})
            </span>
          </span>
          <span className="push no-print">
            <Button onClick={() => setReading(true)}>Read it out</Button>
          </span>
        </div>
        {computed.sentences?.map((sentence) => (
          <p key={sentence}>{sentence}</p>
        ))}
        {follow && <p>{follow}</p>}
        <ol className="brief-items">
          {items.map((item, index) => (
            <li key={`${item.circuitId}-${item.station}-${item.name}-${index}`}>
              {item.circuitId !== items[index - 1]?.circuitId && (
                <>
                  {several && <h2>{item.circuitName}</h2>}
                  {sayOf(item.circuitId) && <p className="brief-moves">“{sayOf(item.circuitId)}”</p>}
                </>
              )}
              <BriefWords item={item} />
            </li>
          ))}
        </ol>
      </section>
      <aside className="class-side" aria-label="How to give it">
        <h2>How to give it</h2>
        {choices.map((choice) => (
          <div className={`note ${choice.current ? 'is-fine' : ''}`} key={choice.way}>
            <b>{choice.name}</b>
            <p>{choice.what}</p>
            <p>
              {formatSeconds(choice.total)} in all,{' '}
              {choice.spare >= 0 ? (
                `${formatSeconds(choice.spare)} free`
              ) : (
                <span className="mend">{formatSeconds(-choice.spare)} over</span>
              )}
            </p>
            {choice.current ? (
              <span className="fine">as it is planned</span>
            ) : (
              <button type="button" className="link-button" onClick={() => setPlan(choice.plan)}>
                Plan it like this
              </button>
            )}
          </div>
        ))}
        <p className="second">
          {figures.briefSeconds.least} to {figures.briefSeconds.most} s an exercise, as this hall reckons (Exercises, Figures).
        </p>
        <h2>For everyone’s safety</h2>
        <ul className="cautions">
          {classCautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
        <p className="second">Usual cautions of coaches. Local rules and the advice of licensed professionals come before them.</p>
      </aside>
      {reading && <ReadingView items={items} sentences={opening} onClose={() => setReading(false)} />}
    </>
  )
}
