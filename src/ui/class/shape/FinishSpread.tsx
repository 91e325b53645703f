import { formatSeconds } from '@core/base/units'
import { pieceNames } from '@core/summary/names'
import { isOwnPace } from '@core/timeline/phase'
import { Gauge } from '../../kit/Gauge'
import { Cell, Row, RowHead, Table } from '../../kit/Table'
import { useClass } from '../shared/context'
import styles from './load.module.css'

/** When people finish lists at their own pace: the quick, most, the slow; nothing where no list is worked to its end. */
export function FinishSpread() {
  const { document, computed } = useClass()
  if (!computed.timeline.ok) return null
  const { phases, meanwhile } = computed.timeline.value
  const names = pieceNames(document.plan)
  const lists = [...phases, ...meanwhile].flatMap(({ selfPaced, pieceId, ...phase }) =>
    selfPaced?.open && isOwnPace({ selfPaced, pieceId, ...phase })
      ? [{ name: names[pieceId] ?? '', ...selfPaced.open, cap: selfPaced.capSeconds }]
      : [],
  )
  const once = [...new Map(lists.map((list) => [`${list.name}/${list.typical}`, list])).values()]
  if (once.length === 0) return null
  const most = Math.max(...once.map(({ high, cap }) => Math.max(high, cap ?? 0)))
  return (
    <section aria-label="Who finishes when" className={styles.spread}>
      <h3>Who finishes when</h3>
      <Table
        columns={[
          'List',
          { name: 'The quick', kind: 'figure' },
          { name: 'Most', kind: 'figure' },
          { name: 'The slow', kind: 'figure' },
          { name: 'Spread', kind: 'hidden' },
        ]}
      >
        {once.map(({ name, low, typical, high }) => (
          <Row key={`${name}/${typical}`}>
            <RowHead>{name}</RowHead>
            <Cell figure>{formatSeconds(Math.round(low))}</Cell>
            <Cell figure>{formatSeconds(Math.round(typical))}</Cell>
            <Cell figure>{formatSeconds(Math.round(high))}</Cell>
            <Cell w="40%">
              <Gauge from={low} to={high} mark={typical} most={most} />
            </Cell>
          </Row>
        ))}
      </Table>
    </section>
  )
}
