import type { Had as HadBefore, PersonTold } from '@core/trends/person-told'
import { SaveCsv } from '../kit/SaveCsv'
import { Cell, Row, RowHead, Table } from '../kit/Table'
import { datedOf } from '../kit/zoned-time'
import shell from '../shell/shell.module.css'

interface HadProps {
  what: string
  had: HadBefore[]
  name: string
  since: string
}

/** What, or whom, somebody had, most often first. */
export function Had({ what, had, name, since }: HadProps) {
  return (
    <section className={shell.sheet} aria-label={what}>
      <h2>{what}</h2>
      <p className="second">{since}</p>
      {had.length === 0 ? (
        <p>None yet.</p>
      ) : (
        <>
          <Table columns={[what, { name: 'Classes', kind: 'figure' }]} label={`${what} of ${name}`}>
            {had.slice(0, 12).map(({ name: one, times }) => (
              <Row key={one}>
                <RowHead>{one}</RowHead>
                <Cell figure>{times}</Cell>
              </Row>
            ))}
          </Table>
          {had.length > 12 && <p className="second">and {had.length - 12} more, in the CSV</p>}
          <SaveCsv
            file={`${name} ${what.toLowerCase()}.csv`}
            what={what.toLowerCase()}
            rows={() => [[what, 'Classes'], ...had.map(({ name: one, times }) => [one, String(times)])]}
          />
        </>
      )}
    </section>
  )
}

/** What somebody went easy on, since when; as long as the hall keeps it. */
export function LimitsOver({ limits, name, zone }: { limits: PersonTold['limits']; name: string; zone: string }) {
  const known = limits.some(({ goEasy }) => goEasy.length > 0)
  const words = (goEasy: string[]) => goEasy.join(', ') || 'nothing'
  return (
    <section className={shell.sheet} aria-label="Easy on">
      <h2>Easy on</h2>
      <p className="second">as classes knew it, from when on</p>
      {!known ? (
        <p>Nothing is known.</p>
      ) : (
        <>
          <Table columns={['Since', 'Easy on']} label={`What ${name} went easy on`}>
            {limits.map(({ at, goEasy }) => (
              <Row key={at}>
                <RowHead>{datedOf(at, zone)}</RowHead>
                <Cell>{words(goEasy)}</Cell>
              </Row>
            ))}
          </Table>
          <SaveCsv
            file={`${name} easy on.csv`}
            rows={() => [['Since', 'Easy on'], ...limits.map(({ at, goEasy }) => [at.slice(0, 10), words(goEasy)])]}
          />
        </>
      )}
    </section>
  )
}
