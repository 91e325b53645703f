import { Button } from '@mantine/core'
import { useMemo, useState } from 'react'
import type { GearLine } from '@core/gear/count'
import { gearFixes } from '@core/gear/shortage/fixes'
import { largestClass, type LargestClass } from '@core/gear/shortage/largest-class'
import { useClass } from '../shared/context'
import { FixButtons } from '../shared/FixButtons'
import { shortageWords, sizeWords } from './gear-words'
import { useJudged } from '../shared/judged'

/** What is short and when, and every way that is known to make it less. */
export function GearShortages() {
  const { computed, document, library, change } = useClass()
  const short = computed.gear.lines.filter((line) => line.short > 0)
  const brought = document.bring ?? []
  return (
    <>
      <h2>What is short</h2>
      {short.length === 0 && <p className="second">Nothing. Every turn has what its people need.</p>}
      {short.map((line) => (
        <Shortage key={`${line.kindId}/${line.sizeId}`} line={line} />
      ))}
      {brought.map((kindId) => (
        <div className="note" key={kindId}>
          <b>Everyone brings {library.gear.find((kind) => kind.id === kindId)?.name.toLowerCase() ?? kindId}</b>{' '}
          <button
            type="button"
            className="link-button"
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

function Shortage({ line }: { line: GearLine }) {
  const judged = useJudged()
  const { computed, document } = judged
  const pieces = document.plan.parts.flatMap((part) => part.pieces)
  const fixes = useMemo(() => gearFixes(judged, line), [judged, line])
  const [all, setAll] = useState(false)
  const id = `short-${line.kindId}-${line.sizeId}`
  return (
    <div className="note is-mend">
      <b id={id}>
        {sizeWords(line)}: {line.most} wanted, {line.owned} to be had
      </b>
      <p>{shortageWords(line, computed.gear.turns, pieces)}</p>
      {fixes.length === 0 && <p>No single change makes it less. Choose another exercise at one of these stations.</p>}
      <ul className="fix-list">
        {fixes.slice(0, all ? undefined : mostShown).map((fix) => (
          <li key={fix.label}>
            <FixButtons fix={fix} judged={judged} describedBy={id} note={fix.short === 0 ? 'none short' : `${fix.short} short`} />
          </li>
        ))}
      </ul>
      {fixes.length > mostShown && (
        <button type="button" className="peek-button" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'fewer ways' : `${fixes.length - mostShown} more ways`}
        </button>
      )}
    </div>
  )
}

/** How many people like these the gear would serve: worked out when it is asked for. */
function Largest() {
  const { document, library, computed } = useClass()
  const [found, setFound] = useState<{ of: typeof computed; largest: LargestClass }>()
  if (computed.people.length === 0) return null
  const largest = found?.of === computed ? found.largest : undefined
  return (
    <>
      <h2>How many it serves</h2>
      {!largest && (
        <Button
          size="xs"
          variant="default"
          onClick={() => setFound({ of: computed, largest: largestClass(document, library, computed.people) })}
        >
          The largest class for this gear
        </Button>
      )}
      {largest && (
        <p role="status">
          <b>
            {largest.people} {largest.people === 1 ? 'person' : 'people'}
          </b>{' '}
          like these
          {largest.limit
            ? `; with one more, ${sizeWords(largest.limit)} runs short: there ${largest.limit.owned === 1 ? 'is' : 'are'} ${largest.limit.owned}.`
            : largest.full
              ? ': the stations hold no more.'
              : ' and more.'}
        </p>
      )}
    </>
  )
}
