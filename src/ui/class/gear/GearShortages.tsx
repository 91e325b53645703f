import { midSentence } from '@core/base/mid-sentence'
import { Button } from '@mantine/core'
import { useState } from 'react'
import type { GearLine } from '@core/gear/count'
import { sizeKey } from '@core/gear/need'
import type { LargestClass } from '@core/gear/shortage/largest-class'
import { useClass } from '../shared/context'
import { FixButtons } from '../shared/FixButtons'
import { sizeWords } from '@core/gear/lists/lists'
import { shortageWords } from './gear-words'
import { useJudged } from '../shared/judged'
import { useGearFixes, useLargestClass } from './use-shortage'
import styles from './gear.module.css'
import kit from '../../kit/kit.module.css'

/** What is short and when, and every way that is known to make it less. */
export function GearShortages() {
  const { computed, document, library, change } = useClass()
  const short = computed.gear.lines.filter((line) => line.short > 0)
  const search = useGearFixes(short.length > 0)
  const brought = document.bring ?? []
  return (
    <>
      <h2>What is short</h2>
      {short.length === 0 && <p className="second">Nothing. Every turn has what its people need.</p>}
      {search.failed && (
        <div className={kit.note} data-severity="mend" role="alert">
          <b>Solutions could not be worked out here.</b>
          <p>What is short is counted right. Change the stations by hand.</p>
        </div>
      )}
      {short.map((line) => (
        <Shortage key={`${line.kindId}/${line.sizeId}`} line={line} search={search} />
      ))}
      {brought.map((kindId) => (
        <div className={kit.note} key={kindId}>
          <b>Everyone brings {midSentence(library.gear.find((kind) => kind.id === kindId)?.name ?? kindId)}</b>{' '}
          <button
            type="button"
            className={kit.linkButton}
            onClick={() => change((draft) => void (draft.bring = draft.bring?.filter((known) => known !== kindId)))}
          >
            Count the hall’s again
          </button>
        </div>
      ))}
      <Largest />
    </>
  )
}

const mostShown = 4

function Shortage({ line, search }: { line: GearLine; search: ReturnType<typeof useGearFixes> }) {
  const judged = useJudged()
  const { computed, document } = judged
  const pieces = document.plan.parts.flatMap((part) => part.pieces)
  const [all, setAll] = useState(false)
  const id = `short-${line.kindId}-${line.sizeId}`
  const fixes = search.answer.filter(({ key }) => key === sizeKey(line.kindId, line.sizeId))
  return (
    <div className={kit.note} data-severity="mend">
      <b id={id}>
        {sizeWords(line)}: {line.most} wanted, {line.owned} available
      </b>
      <p>{shortageWords(line, computed.gear.turns, pieces)}</p>
      {search.done && fixes.length === 0 && <p>No single change makes it less. Choose another exercise at one of these stations.</p>}
      <ul className={styles.fixList}>
        {fixes.slice(0, all ? undefined : mostShown).map(({ label, short, then }) => (
          <li key={label}>
            <FixButtons
              fix={{ label, apply: () => then }}
              judged={judged}
              describedBy={id}
              note={short === 0 ? 'none short' : `${short} short`}
            />
          </li>
        ))}
      </ul>
      {fixes.length > mostShown && (
        <button type="button" className={kit.peekButton} aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'fewer ways' : `${fixes.length - mostShown} more ways`}
        </button>
      )}
      {!search.done && !search.failed && (
        <p className="second" role="status">
          Looking for solutions …
        </p>
      )}
    </div>
  )
}

/** How many people like these the gear would serve: worked out when it is asked for. */
function Largest() {
  const { computed } = useClass()
  const [asked, setAsked] = useState(false)
  const { answer: largest, failed } = useLargestClass(asked)
  if (computed.people.length === 0) return null
  return (
    <>
      <h2>How many it serves</h2>
      {!asked && (
        <Button size="xs" variant="default" onClick={() => setAsked(true)}>
          The largest class for this gear
        </Button>
      )}
      {asked && <p role="status">{failed ? 'It could not be worked out here.' : largest ? <LargestWords {...largest} /> : 'Counting …'}</p>}
    </>
  )
}

function LargestWords({ people, limit, full, problem }: LargestClass) {
  if (problem) return <>None: {problem}</>
  return (
    <>
      <b>
        {people} {people === 1 ? 'person' : 'people'}
      </b>{' '}
      like these
      {limit
        ? `; with one more, ${sizeWords(limit)} runs short: there ${limit.owned === 1 ? 'is' : 'are'} ${limit.owned}.`
        : full
          ? ': the stations hold no more.'
          : ' and more.'}
    </>
  )
}
