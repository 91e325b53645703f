import { memo, useMemo } from 'react'
import { judge } from '@core/findings/judge'
import { pieceNames } from '@core/summary/names'
import { blocksOf } from '@core/timeline/blocks'
import { formatSeconds } from '@core/base/units'
import { ClassSide } from '../shared/ClassSide'
import { useClass } from '../shared/context'
import { useJudged } from '../shared/judged'
import { Cell, Row, Table } from '../../kit/Table'
import { Findings, findingsHeadline } from './Findings'
import kit from '../../kit/kit.module.css'

/** Beside the shape: what is wrong with it, the class in two sentences, and when each piece begins. */
export const ShapeSide = memo(function ShapeSide({ onChoose }: { onChoose: (pieceId: string) => void }) {
  const { document, computed } = useClass()
  const { plan } = document
  const { timeline } = computed
  const judged = useJudged()
  const findings = useMemo(() => judge(judged), [judged])
  const blocks = timeline.ok ? blocksOf(timeline.value, pieceNames(plan)) : []
  return (
    <ClassSide label="What it adds up to" summary={findingsHeadline(findings)}>
      <Findings findings={findings} judged={judged} onChoose={onChoose} />
      <h2>In two sentences</h2>
      {computed.sentences ? (
        computed.sentences.map((sentence) => <p key={sentence}>{sentence}</p>)
      ) : (
        <p className="second">They come with the total.</p>
      )}
      <h2>Piece by piece</h2>
      {blocks.length > 0 ? (
        <Table columns={['From', 'Piece', 'Length']}>
          {blocks.map((block) => (
            <Row key={block.start}>
              <Cell className="second">{formatSeconds(block.start)}</Cell>
              <Cell>
                <button className={kit.rowButton} onClick={() => onChoose(block.pieceId)}>
                  {block.name}
                </button>
                {block.optional && <div className="second">if there is time</div>}
              </Cell>
              <Cell figure>{formatSeconds(block.seconds)}</Cell>
            </Row>
          ))}
        </Table>
      ) : (
        plan.parts
          .flatMap(({ pieces }) => pieces)
          .map((piece) => (
            <div key={piece.id}>
              <button className={kit.linkButton} onClick={() => onChoose(piece.id)}>
                {piece.name ?? piece.type}
              </button>
            </div>
          ))
      )}
    </ClassSide>
  )
})
