import { Button } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useMemo, useState } from 'react'
import { classCautions } from '@core/brief/cautions'
import { exercisesToExplain } from '@core/brief/explained'
import { whoGoes } from '@core/brief/who-goes'
import { briefChoices, briefSeconds } from '@core/brief/ways'
import { walkThrough } from '@core/brief/walk-through'
import { settingsOf } from '@core/class/compute'
import { movingsOf, roomSentences } from '@core/summary/sentence/class-sentences'
import { followSentence } from '@core/class/demonstrators'
import { formatSeconds } from '@core/base/units'
import { ClassSide } from '../shared/ClassSide'
import { useClass, usePlanEdits } from '../shared/context'
import { ReadingView } from './ReadingView'
import { AgainWords, BriefWords, SectionWords } from './BriefWords'
import { readingPages } from './reading-pages'
import styles from './brief.module.css'
import frame from '../class.module.css'
import kit from '../../kit/kit.module.css'

/** What to say, in order, with its time; four ways to give it; and a view to read it from. */
export function BriefView() {
  const { document, library, computed } = useClass()
  const { setPlan } = usePlanEdits()
  const [reading, setReading] = useState(false)
  const { plan } = document
  const figures = settingsOf(library)
  const sections = useMemo(() => walkThrough(plan, library, computed), [plan, library, computed])
  const count = useMemo(() => exercisesToExplain(plan), [plan])
  const choices = useMemo(() => briefChoices(plan, figures, () => nanoid(10), computed.paces), [plan, figures, computed.paces])
  const length = briefSeconds(count, figures)
  const follow = followSentence(document, (id) => computed.people.find((person) => person.id === id)?.name ?? id)
  if (sections.length === 0) {
    return (
      <section className={frame.classMain}>
        <div className={kit.empty}>
          <h2>Nothing to explain yet</h2>
          <p>Choose exercises on the Shape tab, and the walk-through is written here.</p>
        </div>
      </section>
    )
  }
  const movesOf = (circuitId: string): string[] =>
    computed.rotations.flatMap((known) =>
      known.circuit.id === circuitId && known.rotation.ok ? [known.rotation.value.say, whoGoes(known) ?? ''].filter(Boolean) : [],
    )
  // The room is not told of the slot.
  const sizes = computed.groups.map((group) => group.length)
  const opening = [
    ...(computed.timeline.ok ? roomSentences(plan, computed.timeline.value, sizes, movingsOf(document)) : []),
    ...(follow ? [follow] : []),
  ]
  return (
    <>
      <section className={`${frame.classMain} ${styles.brief}`} aria-label="Brief">
        <div className={frame.bigLine}>
          <span role="status" aria-label="Length of the brief">
            <span className={frame.big}>{formatSeconds(length.usual)}</span> to explain {count} {count === 1 ? 'exercise' : 'exercises'}{' '}
            <span className="second">
              ({formatSeconds(length.least)} to {formatSeconds(length.most)})
            </span>
          </span>
          <span className="push no-print">
            <Button onClick={() => setReading(true)}>Prompter</Button>
          </span>
        </div>
        {computed.sentences?.map((sentence) => (
          <p key={sentence}>{sentence}</p>
        ))}
        {follow && <p>{follow}</p>}
        {sections.map((section) => (
          <section key={section.circuitId} className={styles.briefSection} aria-label={section.name}>
            <h2>
              {section.name} {section.asDone && <span className="second">shown as it is done</span>}
            </h2>
            <SectionWords section={section} moves={movesOf(section.circuitId)} />
            <ol className={styles.briefItems}>
              {section.items.map((item) => (
                <li key={`${item.number}-${item.name}-${item.when}`}>
                  <BriefWords item={item} />
                </li>
              ))}
            </ol>
            <AgainWords again={section.again} />
          </section>
        ))}
      </section>
      <ClassSide label="How to give it" summary="How to give it">
        <h2>How to give it</h2>
        {choices.map((choice) => (
          <div className={kit.note} data-severity={choice.current && 'fine'} key={choice.way}>
            <b>{choice.name}</b>
            <p>{choice.what}</p>
            <p>
              {formatSeconds(choice.total)} in all,{' '}
              {choice.spare >= 0 ? (
                `${formatSeconds(choice.spare)} free`
              ) : (
                <span className={kit.mend}>{formatSeconds(-choice.spare)} over</span>
              )}
            </p>
            {choice.current ? (
              <span className={kit.fine}>as it is planned</span>
            ) : (
              <button type="button" className={kit.linkButton} onClick={() => setPlan(choice.plan)}>
                Plan it like this
              </button>
            )}
          </div>
        ))}
        <p className="second">
          {figures.briefSeconds.least} to {figures.briefSeconds.most} s an exercise, as this hall reckons (Exercises, Usual times).
        </p>
        <h2>Safety</h2>
        <ul className={styles.cautions}>
          {classCautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
        <p className="second">Usual cautions of coaches. Local rules and the advice of licensed professionals come before them.</p>
      </ClassSide>
      {reading && <ReadingView pages={readingPages(opening, sections, movesOf)} onClose={() => setReading(false)} />}
    </>
  )
}
