import type { CircuitRotation } from '@core/class/compute'
import type { Rotation } from '@core/rotation/rotation'
import { filesOf } from '@core/rotation/two-files'
import styles from './rotation.module.css'

/** Whether the rule moves two files, so that only meetings between them count. */
const hasFiles = (rule: CircuitRotation['choice']['rule']) => rule === 'twoFiles' || rule === 'hostAndTraveller' || rule === 'fullMix'

/** Who meets whom, and in which turn first: empty where they never do, with a plus where they do again. */
export function MeetingMatrix({ entry, rotation }: { entry: CircuitRotation; rotation: Rotation }) {
  if (!rotation.mixes) return null
  const { units, choice } = entry
  const everyone = units.map((_, unit) => unit)
  const { first, second } = filesOf(units.length)
  const [rows, columns] = hasFiles(choice.rule) ? [first, second] : [everyone, everyone]
  const name = (unit: number) => units[unit]![0]!.name
  const turnsOf = (one: number, other: number) =>
    rotation.turns.flatMap((stations, turn) => (stations.some((here) => here.includes(one) && here.includes(other)) ? [turn + 1] : []))
  return (
    <>
      <h2>Meetings</h2>
      <div className={styles.meetings}>
        <table>
          <thead>
            <tr>
              <td />
              {columns.map((unit) => (
                <th scope="col" key={unit} title={name(unit)} aria-label={name(unit)}>
                  {name(unit).slice(0, 2)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((one) => (
              <tr key={one}>
                <th scope="row">{name(one)}</th>
                {columns.map((other) => {
                  const turns = one === other ? [] : turnsOf(one, other)
                  const kind = one === other ? 'is-self' : turns.length === 0 ? 'is-never' : turns.length > 1 ? 'is-again' : ''
                  return (
                    <td
                      key={other}
                      className={kind}
                      title={
                        one === other
                          ? undefined
                          : `${name(one)} and ${name(other)}: ${turns.length > 0 ? `turn ${turns.join(', ')}` : 'never'}`
                      }
                    >
                      {turns.length > 1 ? `${turns[0]}+` : turns[0]}
                    </td>
                  )
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="second">
        {hasFiles(choice.rule) ? 'Rows: first file; columns: second file; ' : ''}the turn in which they first meet; + where they meet again.
      </p>
    </>
  )
}
