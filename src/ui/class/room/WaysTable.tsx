import { movePartsWords } from '@core/findings/rules/short-transition'
import type { Transition } from '@core/floor/transitions'
import { showLength, type LengthUnit } from '@core/library/length'
import { TableHead } from '../../kit/TableHead'

/** Every way from station to station, the one that is shortest of time first. */
export function WaysTable({ transitions, unit }: { transitions: readonly Transition[]; unit: LengthUnit }) {
  return (
    <table className="plain">
      <TableHead
        columns={[
          'From, to',
          { name: 'Way', kind: 'figure' },
          { name: 'Needs', kind: 'figure' },
          { name: 'Has', kind: 'figure' },
          'What takes time',
        ]}
      />
      <tbody>
        {transitions.map((transition) => (
          <tr
            key={`${transition.circuitId}-${transition.from}-${transition.to}`}
            className={transition.needed > transition.given ? 'is-short' : undefined}
          >
            <th scope="row">
              {transition.from + 1} to {transition.to + 1}
            </th>
            <td className="figure">{showLength(Math.round(transition.metres * 10) / 10, unit)}</td>
            <td className="figure">{transition.needed} s</td>
            <td className="figure">{transition.given} s</td>
            <td className="second">
              {movePartsWords(transition.parts)}
              {transition.slowest && transition.needed > transition.given ? `, for ${transition.slowest}` : ''}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
