import { movePartsWords } from '@core/findings/rules/short-transition'
import type { Transition } from '@core/floor/transitions'
import { showLength, type LengthUnit } from '@core/library/length'
import { Gauge } from '../../kit/Gauge'
import { Cell, Row, RowHead, Table } from '../../kit/Table'
import kit from '../../kit/kit.module.css'

/** Every way from station to station, the one that is shortest of time first. */
export function WaysTable({ transitions, unit }: { transitions: readonly Transition[]; unit: LengthUnit }) {
  const most = Math.max(1, ...transitions.map(({ needed, given }) => Math.max(needed, given)))
  return (
    <Table
      columns={[
        'From, to',
        { name: 'Way', kind: 'figure' },
        { name: 'Needs', kind: 'figure' },
        { name: 'Has', kind: 'figure' },
        { name: 'Needed beside planned', kind: 'hidden' },
        'What takes time',
      ]}
    >
      {transitions.map((transition) => (
        <Row key={`${transition.circuitId}-${transition.from}-${transition.to}`}>
          <RowHead>
            {transition.from + 1} to {transition.to + 1}
          </RowHead>
          <Cell figure>{showLength(Math.round(transition.metres * 10) / 10, unit)}</Cell>
          <Cell figure>
            {transition.needed > transition.given ? <span className={kit.mend}>{transition.needed} s</span> : `${transition.needed} s`}
          </Cell>
          <Cell figure>{transition.given} s</Cell>
          <Cell w="22%">
            <Gauge to={transition.needed} mark={transition.given} most={most} />
          </Cell>
          <Cell className="second">
            {movePartsWords(transition.parts)}
            {transition.slowest && transition.needed > transition.given ? `, for ${transition.slowest}` : ''}
          </Cell>
        </Row>
      ))}
    </Table>
  )
}
