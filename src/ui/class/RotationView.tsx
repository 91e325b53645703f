import { Button, SegmentedControl } from '@mantine/core'
import { useState } from 'react'
import type { Rotation } from '@core/rotation/loop'
import type { Circuit } from '@core/plan/plan'
import { turnsPerLap } from '@core/plan/turns'
import { pairsSentence, pieceName } from '@core/summary/names'
import { formatSeconds } from '@core/units'
import { Neighbour, Neighbours } from '../kit/Neighbours'
import { useClass } from './context'
import { Problems } from './PeopleView'
import './rotation.css'

export function RotationView() {
  const { computed } = useClass()
  const [index, setIndex] = useState(0)
  const entry = computed.rotations[Math.min(index, computed.rotations.length - 1)]
  if (!entry) {
    return (
      <section className="class-main">
        <div className="empty">
          <h2>Nobody rotates in this class</h2>
          <p>Everyone does the same, together, down the list. There is no table to show.</p>
        </div>
      </section>
    )
  }
  const choices = computed.rotations.map(({ circuit }, at) => ({ value: String(at), label: pieceName(circuit) }))
  return (
    <>
      <section className="class-main" aria-label="Rotation">
        {choices.length > 1 && <SegmentedControl mb="md" aria-label="Which circuit" data={choices} value={String(index)} onChange={(value) => setIndex(Number(value))} />}
        {entry.rotation.ok ? (
          <Table key={entry.circuit.id} circuit={entry.circuit} rotation={entry.rotation.value} />
        ) : (
          <div className="empty">
            <h2>Not everyone has a station</h2>
            <p>See beside, then come back.</p>
          </div>
        )}
      </section>
      <aside className="class-side" aria-label="What this rotation gives">
        <h2>What this rotation gives</h2>
        <Problems />
        {entry.rotation.ok && computed.groups.length === 0 && <p className="second">Tick who is here on the People tab, and their names fill the table.</p>}
        {entry.rotation.ok &&
          entry.rotation.value.guarantees.map(({ met, text }) => (
            <div className={`note ${met ? 'is-fine' : 'is-weigh'}`} key={text}>
              <b>{text}</b>
            </div>
          ))}
        <p className="second">{pairsSentence(entry.circuit.pairs, Math.max(0, ...computed.groups.map((group) => group.length)))}</p>
      </aside>
    </>
  )
}

function Table({ circuit, rotation }: { circuit: Circuit; rotation: Rotation }) {
  const { computed, library } = useClass()
  const [turn, setTurn] = useState(0)
  const [traced, setTraced] = useState<number>()
  const perLap = turnsPerLap(circuit)
  const shown = Math.min(turn, rotation.turns.length - 1)
  const names = (group: number) => computed.groups[group]?.map((person) => person.name) ?? []
  const exerciseOf = (station: number) => {
    const stationHere = circuit.stations[station]!
    if (stationHere.rest) return 'Rest'
    const texts = stationHere.uses.map((use) => library.exercises.find((each) => each.id === use.exerciseId)?.name ?? use.exerciseId)
    return texts.join(', ') || 'no exercise yet'
  }
  const starts = turnStarts(computed, circuit)
  const trace = (group: number) => setTraced((now) => (now === group ? undefined : group))
  return (
    <>
      <p className="say">
        Say to the room: <b>“{rotation.say}”</b>
      </p>
      <div className="turn-steps no-print">
        <Button variant="default" size="sm" disabled={shown === 0} onClick={() => setTurn(shown - 1)}>
          Turn before
        </Button>
        <b role="status">
          Turn {shown + 1} of {rotation.turns.length}
          {rotation.turns.length > perLap && <span className="second"> · lap {Math.floor(shown / perLap) + 1}</span>}
        </b>
        <Button variant="default" size="sm" disabled={shown === rotation.turns.length - 1} onClick={() => setTurn(shown + 1)}>
          Turn after
        </Button>
      </div>
      <div className="rotation-row no-print">
        <Neighbours label={`Who is where in turn ${shown + 1}`}>
          {rotation.turns[shown]!.map((groups, station) => (
            <Neighbour key={station} number={station + 1} name={exerciseOf(station)}>
              {groups.length === 0 ? <div className="second">empty</div> : groups.flatMap(names).map((name, index) => <div key={index}>{name}</div>)}
            </Neighbour>
          ))}
        </Neighbours>
      </div>
      <div className="rotation-scroll">
        <table className="rotation-table">
          <caption className="second">
            {rotation.turns.length > perLap ? 'One lap; the others go the same way round. ' : 'Every turn. '}
            Press a group to follow it round.
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
            {rotation.turns.slice(0, perLap).map((stations, at) => (
              <tr key={at} className={at === shown % perLap ? 'is-shown' : ''}>
                <th scope="row">
                  turn {at + 1}
                  {starts
                    .filter((start, turn) => start !== undefined && turn % perLap === at)
                    .slice(0, 3)
                    .map((start) => (
                      <span className="second" key={start}>
                        {formatSeconds(start!)}
                      </span>
                    ))}
                </th>
                {stations.map((groups, station) => (
                  <td key={station}>
                    {groups.map((group) => (
                      <button key={group} type="button" className={`group${traced === group ? ' is-traced' : ''}`} aria-pressed={traced === group} onClick={() => trace(group)}>
                        {names(group).map((name, index) => (
                          <span key={index}>{name}</span>
                        ))}
                      </button>
                    ))}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {traced !== undefined && (
        <p>
          <span className="trace-key" /> {names(traced).join(' and ')}: {describePath(rotation.paths[traced]!.slice(0, perLap))}
        </p>
      )}
    </>
  )
}

const describePath = (path: number[]) => `stations ${path.map((station) => station + 1).join(', ')}`

/** When each turn's work starts, by the class's clock. */
function turnStarts(computed: ReturnType<typeof useClass>['computed'], circuit: Circuit): (number | undefined)[] {
  const starts: (number | undefined)[] = []
  if (!computed.timeline.ok) return starts
  for (const phase of computed.timeline.value.phases) {
    if (phase.kind === 'work' && phase.pieceId === circuit.id && phase.repeat === 0 && phase.turn !== undefined) starts[phase.turn] ??= phase.start
  }
  return starts
}
