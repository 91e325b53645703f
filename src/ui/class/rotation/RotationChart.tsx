import { Button, SegmentedControl } from '@mantine/core'
import { useState } from 'react'
import type { CircuitRotation, ComputedClass } from '@core/class/compute'
import { turnsPerLap } from '@core/plan/turns'
import { assess } from '@core/rotation/assess'
import { elsewhere, type Rotation } from '@core/rotation/rotation'
import { formatSeconds } from '@core/base/units'
import { Neighbour, Neighbours } from '../../kit/Neighbours'
import { useClass } from '../shared/context'
import styles from './rotation.module.css'

interface ChartProps {
  entry: CircuitRotation
  rotation: Rotation
}

/** Marks of those who are traced through the chart, each with a letter as well as a tone. */
const marks = ['a', 'b'] as const

/** Who is where: turn by turn as tiles, as turns × stations, or as people × turns; one or two can be followed through it. */
export function RotationChart({ entry, rotation }: ChartProps) {
  const { computed } = useClass()
  const [turn, setTurn] = useState(0)
  const [view, setView] = useState('stations')
  const [traced, setTraced] = useState<number[]>([])
  const { circuit, units } = entry
  const perLap = turnsPerLap(circuit)
  const exerciseOf = useExerciseNames(entry)
  const shown = Math.min(turn, rotation.turns.length - 1)
  // Groups go the same way every lap; people who change partners do not.
  const rows = rotation.mixes || circuit.waves ? rotation.turns.length : Math.min(perLap, rotation.turns.length)
  const starts = turnStarts(computed, circuit.id)
  const names = (unit: number) => units[unit]?.map((person) => person.name) ?? []
  const trace = (unit: number) =>
    setTraced((now) => (now.includes(unit) ? now.filter((known) => known !== unit) : [...now, unit].slice(-2)))
  const markOf = (unit: number) => (traced.includes(unit) ? `is-traced-${marks[traced.indexOf(unit)]}` : '')
  const button = (unit: number, content: string[]) => (
    <button
      key={unit}
      type="button"
      className={`${styles.group} ${markOf(unit)}`}
      aria-pressed={traced.includes(unit)}
      onClick={() => trace(unit)}
    >
      {content.map((name, index) => (
        <span key={index}>{name}</span>
      ))}
    </button>
  )
  return (
    <>
      <p className={styles.say}>
        Say to the room: <b>“{rotation.say}”</b>
      </p>
      <div className={`${styles.turnSteps} no-print`}>
        <Button variant="default" size="sm" disabled={shown === 0} onClick={() => setTurn(shown - 1)}>
          Previous turn
        </Button>
        <b role="status">
          Turn {shown + 1} of {rotation.turns.length}
          {rotation.turns.length > perLap && <span className="second"> · lap {Math.floor(shown / perLap) + 1}</span>}
        </b>
        <Button variant="default" size="sm" disabled={shown === rotation.turns.length - 1} onClick={() => setTurn(shown + 1)}>
          Next turn
        </Button>
        <SegmentedControl
          className="push"
          aria-label="Chart"
          data={[
            { value: 'stations', label: 'by station' },
            { value: 'people', label: 'by person' },
          ]}
          value={view}
          onChange={setView}
        />
      </div>
      <div className={`${styles.rotationRow} no-print`}>
        <Neighbours label={`Who is where in turn ${shown + 1}`}>
          {rotation.turns[shown]!.map((here, station) => (
            <Neighbour key={station} number={station + 1} name={exerciseOf(station)}>
              {here.length === 0 ? (
                <div className="second">empty</div>
              ) : (
                here.flatMap(names).map((name, index) => <div key={index}>{name}</div>)
              )}
            </Neighbour>
          ))}
        </Neighbours>
      </div>
      <div className={styles.rotationScroll}>
        {view === 'stations' ? (
          <table className={styles.rotationTable}>
            <caption className="second">
              {rows < rotation.turns.length ? 'One lap; the others go the same way round. ' : 'Every turn. '}
              Press {rotation.mixes ? 'a name' : 'a group'}, or two, to follow {rotation.mixes ? 'them' : 'it'} round.
            </caption>
            <thead>
              <tr>
                <th scope="col" aria-label="Turn" />
                {circuit.stations.map((station, index) => (
                  <th scope="col" key={station.id}>
                    <b>{index + 1}</b> {exerciseOf(index)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rotation.turns.slice(0, rows).map((stations, at) => (
                <tr key={at} className={at === shown % rows ? styles.isShown : ''}>
                  <th scope="row">
                    turn {at + 1}
                    {starts
                      .filter((start, known) => start !== undefined && known % rows === at)
                      .map((start) => (
                        <span className="second" key={start}>
                          {formatSeconds(start!)}
                        </span>
                      ))}
                  </th>
                  {stations.map((here, station) => (
                    <td key={station}>{here.map((unit) => button(unit, names(unit)))}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        ) : (
          <table className={`${styles.rotationTable} ${styles.isPeople}`}>
            <caption className="second">The number of the station, turn by turn. Press a name to follow it.</caption>
            <thead>
              <tr>
                <th scope="col" aria-label="Name" />
                {rotation.turns.slice(0, rows).map((_, at) => (
                  <th scope="col" key={at}>
                    <b>{at + 1}</b>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {units.map((_, unit) => (
                <tr key={unit}>
                  <th scope="row">{button(unit, [names(unit).join(', ')])}</th>
                  {rotation.paths[unit]!.slice(0, rows).map((station, at) => (
                    <td key={at} className={at === shown % rows ? styles.isNow : ''}>
                      {station === elsewhere ? '–' : station + 1}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </div>
      {traced.map((unit) => (
        <p key={unit} className={styles.trace}>
          <span className={`${styles.traceKey} ${markOf(unit)}`} /> {names(unit).join(' and ')}:{' '}
          {wayOf(rotation, unit, circuit.stations.length, rows)}
        </p>
      ))}
    </>
  )
}

/** The way of one unit in words: stations in order, and what it misses or repeats. */
function wayOf(rotation: Rotation, unit: number, stations: number, rows: number): string {
  const path = rotation.paths[unit]!.slice(0, rows)
  const { visits, meetings } = assess(
    rotation.paths.map((path) => path.slice(0, rows)),
    stations,
  )
  const numbers = (test: (count: number) => boolean) => visits[unit]!.flatMap((count, station) => (test(count) ? [station + 1] : []))
  const missed = numbers((count) => count === 0)
  const repeated = numbers((count) => count > 1)
  const partners = meetings[unit]!.filter((count) => count > 0).length
  const texts = [
    `stations ${path
      .filter((station) => station !== elsewhere)
      .map((station) => station + 1)
      .join(', ')}`,
    missed.length === 0 ? 'all of them' : `misses ${missed.join(', ')}`,
    ...(repeated.length > 0 && rows <= stations ? [`repeats ${repeated.join(', ')}`] : []),
    ...(rotation.mixes ? [`${partners} partners`] : []),
  ]
  return texts.join('; ')
}

function useExerciseNames({ circuit }: CircuitRotation): (station: number) => string {
  const { library } = useClass()
  return (index) => {
    const station = circuit.stations[index]!
    if (station.rest) return 'Rest'
    const texts = station.uses.map((use) => library.exercises.find((exercise) => exercise.id === use.exerciseId)?.name ?? use.exerciseId)
    return texts.join(', ') || 'no exercise yet'
  }
}

/** When each turn's work starts, by the class's clock. */
function turnStarts({ timeline }: ComputedClass, circuitId: string): (number | undefined)[] {
  const starts: (number | undefined)[] = []
  if (!timeline.ok) return starts
  for (const phase of timeline.value.phases) {
    if (phase.kind === 'work' && phase.pieceId === circuitId && phase.repeat === 0 && phase.turn !== undefined)
      starts[phase.turn] ??= phase.start
  }
  return starts
}
