import { movePartsWords } from '@core/findings/rules/short-transition'
import type { Transition } from '@core/floor/transitions'
import { showLength, type LengthUnit } from '@core/library/length'
import { Cell, Row, RowHead, Table } from '../../kit/Table'

/** Every way from station to station, the one that is shortest of time first. */
export function WaysTable({ transitions, unit }: { transitions: readonly Transition[]; unit: LengthUnit }) {
  return (
    <Table
      columns={[
        'From, to',
        { name: 'Way', kind: 'figure' },
        { name: 'Needs', kind: 'figure' },
        { name: 'Has', kind: 'figure' },
        'What takes time',
      ]}
    >
      {transitions.map((transition) => (
        <Row
          key={`${transition.circuitId}-${transition.from}-${transition.to}`}
          className={transition.needed > transition.given ? 'is-short' : undefined}
        >
          <RowHead>
            {transition.from + 1} to {transition.to + 1}
          </RowHead>
          <Cell figure>{showLength(Math.round(transition.metres * 10) / 10, unit)}</Cell>
          <Cell figure>{transition.needed} s</Cell>
          <Cell figure>{transition.given} s</Cell>
          <Cell className="second">
            {movePartsWords(transition.parts)}
            {transition.slowest && transition.needed > transition.given ? `, for ${transition.slowest}` : ''}
          </Cell>
        </Row>
      ))}
    </Table>
  )
}
