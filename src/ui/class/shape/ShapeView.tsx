import { Button } from '@mantine/core'
import { memo, useEffect, useMemo, useState } from 'react'
import { mainPiece } from '@core/plan/main-circuits'
import { mainCircuits } from '@core/plan/main-circuits'
import { pieceNames } from '@core/summary/names'
import { blocksOf } from '@core/timeline/blocks'
import { formatSeconds } from '@core/base/units'
import { useClass } from '../shared/context'
import { SlotField } from './SlotField'
import { PlanRibbon } from './ribbon/PlanRibbon'
import { Later } from '../shared/Later'
import { PieceEditor } from './PieceEditor'
import { ShapeSide } from './ShapeSide'
import { goToEmpty } from './StationTiles'
import { lazily } from '../../kit/lazily'
import { whenOpened } from '../../kit/when-opened'
import { WhenSeen } from '../../kit/WhenSeen'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

const FitDialog = whenOpened(async () => (await import('./FitDialog')).FitDialog)

const TextPane = lazily(async () => (await import('./TextPane')).TextPane, 'The class as text')

// Below the stations, where it can come after the rest.
const LoadPicture = lazily(async () => (await import('./LoadPicture')).LoadPicture, 'What the class loads')

const Loads = memo(function Loads() {
  return (
    <WhenSeen height={420}>
      <LoadPicture />
    </WhenSeen>
  )
})

export function ShapeView() {
  const { document, computed } = useClass()
  const { plan } = document
  const [chosenId, setChosen] = useState(() => mainPiece(plan).id)
  const pieces = plan.parts.flatMap((part) => part.pieces)
  const chosen =
    pieces.find((piece) => piece.id === chosenId || (piece.type === 'circuit' && piece.waves?.meanwhile.id === chosenId)) ?? mainPiece(plan)
  // A class that has just been made goes on at its first empty station.
  useEffect(() => {
    if (!new URLSearchParams(location.search).has('fill')) return
    history.replaceState(null, '', location.pathname)
    const made = mainPiece(plan)
    if (made.type === 'circuit') goToEmpty(made, made.stations.length - 1)
    // oxlint-disable-next-line react/exhaustive-deps -- once, when the page is opened
  }, [])
  const [fitting, setFitting] = useState(false)
  const [asText, setAsText] = useState(false)
  const main = mainPiece(plan)
  const { timeline } = computed
  const blocks = useMemo(() => (timeline.ok ? blocksOf(timeline.value, pieceNames(plan)) : []), [plan, timeline])

  const secondsOf = (id: string) => blocks.find((block) => block.pieceId === id)?.seconds ?? 0
  return (
    <>
      <section className={styles.classMain} aria-label="Shape">
        <div className={styles.bigLine}>
          {timeline.ok ? (
            <span role="status" aria-label="Total">
              <span className={styles.big}>{formatSeconds(timeline.value.total)}</span>{' '}
              {timeline.value.range && (
                <span>
                  about: {formatSeconds(timeline.value.range.low)} to {formatSeconds(timeline.value.range.high)},{' '}
                </span>
              )}
              of <SlotField /> <Spare seconds={plan.slotSeconds - timeline.value.total} />
            </span>
          ) : (
            <span className={kit.mend}>No total yet</span>
          )}
          <span className="push">
            <Button variant="default" size="sm" aria-pressed={asText} onClick={() => setAsText(!asText)}>
              {asText ? 'As a sentence' : 'As text'}
            </Button>{' '}
            <Button variant="default" size="sm" disabled={!timeline.ok} onClick={() => setFitting(true)}>
              Fit to slot
            </Button>
          </span>
        </div>
        {timeline.ok ? (
          <PlanRibbon blocks={blocks} total={timeline.value.total} chosen={chosen} onChoose={setChosen} />
        ) : (
          timeline.problems.map((problem) => (
            <div className={kit.note} data-severity="mend" role="alert" key={problem.code}>
              <b>{problem.message}</b>
              <p>The plan is kept as it is; its other parts can be seen below.</p>
            </div>
          ))
        )}
        <FitDialog
          preferred={[...mainCircuits(plan).flatMap((circuit) => (circuit.id === chosen.id ? [circuit.id] : [])), main.id]}
          opened={fitting}
          onClose={() => setFitting(false)}
        />
        {asText ? <TextPane /> : <PieceEditor key={chosen.id} piece={chosen} seconds={secondsOf(chosen.id)} />}
        <Later>
          <Loads />
        </Later>
      </section>
      <Later>
        <ShapeSide onChoose={setChosen} />
      </Later>
    </>
  )
}

function Spare({ seconds }: { seconds: number }) {
  if (seconds === 0) return <span className={kit.fine}>fills the slot</span>
  return seconds > 0 ? <b>{formatSeconds(seconds)} free</b> : <span className={kit.mend}>{formatSeconds(-seconds)} over</span>
}
