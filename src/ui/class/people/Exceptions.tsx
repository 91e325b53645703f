import { useMemo } from 'react'
import { exceptionsIn } from '@core/doing/exceptions'
import { pieceName } from '@core/summary/names'
import { useClass } from '../shared/context'
import { Cell, Row, Table } from '../../kit/Table'
import frame from '../class.module.css'
import kit from '../../kit/kit.module.css'

/** Who does something else than everyone, and why: the little that the coach has to keep in mind. */
export function Exceptions() {
  const { document, computed, library } = useClass()
  const exceptions = useMemo(
    () => exceptionsIn(document.plan, computed.people, library, computed.choices),
    [document.plan, computed, library],
  )
  if (computed.people.length === 0) return null
  if (exceptions.length === 0) return <p className="second">Nobody who is here needs anything else than what everyone does.</p>
  return (
    <>
      <h2 className={frame.nextHead}>What is different, and for whom</h2>
      <Table columns={['Who', 'Where', 'Does', 'Instead of', 'Why']}>
        {exceptions.map(({ person, circuit, station, lap, repeat, standard, doing }) => (
          <Row key={`${circuit.id}-${station}-${repeat}-${lap}-${person.id}-${standard}`}>
            <Cell>
              <b>{person.name}</b>
            </Cell>
            <Cell className="second">
              {pieceName(circuit)} {station + 1}
              {lap > 0 && `, lap ${lap + 1}`}
            </Cell>
            <Cell>
              {doing.unspared ? <span className={kit.mend}>agree on something</span> : doing.name}
              {doing.loads.length > 0 && <span className="second">, {doing.loads.map((load) => load.sizeLabel).join(', ')}</span>}
            </Cell>
            <Cell className="second">{standard}</Cell>
            <Cell className="second">{doing.why}</Cell>
          </Row>
        ))}
      </Table>
    </>
  )
}
