import { SegmentedControl } from '@mantine/core'
import { useState } from 'react'
import type { GearLine, GearTurn } from '@core/gear/count'
import type { Piece } from '@core/plan/plan'
import { pieceName } from '@core/summary/names'
import { rotatingCircuits, turnsPerLap } from '@core/plan/turns'
import { useClass } from './context'
import './gear.css'

const nameOf = (line: Pick<GearLine, 'kindName' | 'sizeLabel'>) => [line.kindName, line.sizeLabel].filter(Boolean).join(' ')

export function GearView() {
  const { computed, document } = useClass()
  const pieces = document.plan.parts.flatMap((part) => part.pieces)
  const { lines, unknownExercises, unknownKinds } = computed.gear
  const [by, setBy] = useState<'kind' | 'station'>('kind')
  const short = lines.filter((line) => line.short > 0)
  return (
    <>
      <section className="class-main" aria-label="Gear">
        <div className="big-line">
          {lines.length === 0 ? (
            <span className="big">No gear</span>
          ) : (
            <>
              <span className={`big${short.length > 0 ? ' mend' : ''}`}>{short.length > 0 ? `${short.length} short` : 'Enough'}</span>
              <span>
                of {lines.length} kinds and sizes, for {computed.people.length} {computed.people.length === 1 ? 'person' : 'people'}
              </span>
            </>
          )}
          <span className="push no-print">
            <SegmentedControl data={[{ value: 'kind', label: 'By kind' }, { value: 'station', label: 'By station' }]} value={by} onChange={(value) => setBy(value as typeof by)} />
          </span>
        </div>
        {lines.length === 0 ? (
          <div className="empty">
            <h2>Nothing to set up</h2>
            <p>{computed.people.length === 0 ? 'Tick who is here on the People tab: gear is counted for the people who come.' : 'None of the exercises needs gear.'}</p>
          </div>
        ) : by === 'kind' ? (
          <ByKind lines={lines} />
        ) : (
          <ByStation />
        )}
      </section>
      <aside className="class-side" aria-label="What is short">
        <h2>What is short</h2>
        {short.length === 0 && <p className="second">Nothing. Every turn has what its people need.</p>}
        {short.map((line) => (
          <div className="note is-mend" key={nameOf(line)}>
            <b>
              {nameOf(line)}: {line.most} wanted, {line.owned} owned
            </b>
            <p>{wordsFor(line, computed.gear.turns, pieces)}</p>
          </div>
        ))}
        {unknownExercises.map((id) => (
          <div className="note is-weigh" key={id}>
            <b>“{id}” is not in this hall’s exercises</b>
            <p>Its gear is not counted.</p>
          </div>
        ))}
        {unknownKinds.map((id) => (
          <div className="note is-weigh" key={id}>
            <b>“{id}” is not in this hall’s gear</b>
            <p>It is not counted.</p>
          </div>
        ))}
        <h2>How it is counted</h2>
        <p className="second">Person by person, turn by turn, in the size each usually takes. What stands at a station counts in every turn.</p>
      </aside>
    </>
  )
}

/** How many too few, and when: the circuit, and its turns as they are counted in each lap. */
function wordsFor(line: GearLine, turns: readonly GearTurn[], pieces: Piece[]): string {
  const when = pieces.flatMap((piece) => {
    if (piece.type === 'pause') return []
    const perLap = turnsPerLap(piece)
    const over = turns.flatMap((each, index) => (each.pieceId === piece.id && line.byTurn[index]! > line.owned ? [(each.turn % perLap) + 1] : []))
    const named = [...new Set(over)].sort((a, b) => a - b)
    if (named.length === 0) return []
    const which = named.length === perLap ? 'every turn' : `${named.length === 1 ? 'turn' : 'turns'} ${named.join(', ')}`
    return [`${pieceName(piece)}: ${which}`]
  })
  const where = line.stations.length > 0 ? ` Used at station ${line.stations.join(', ')}.` : ''
  return `${line.short} too few. ${when.join('; ')}.${where}`
}

function ByKind({ lines }: { lines: GearLine[] }) {
  return (
    <table className="plain gear-table">
      <thead>
        <tr>
          <th scope="col">Kind</th>
          <th scope="col">Size</th>
          <th scope="col" className="figure">
            Needed
          </th>
          <th scope="col" className="figure">
            Owned
          </th>
          <th scope="col" className="figure">
            Short
          </th>
          <th scope="col">Turn by turn</th>
          <th scope="col">Stations</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line, index) => {
          const first = lines[index - 1]?.kindId !== line.kindId
          return (
            <tr key={`${line.kindId}/${line.sizeId}`} className={`${line.short > 0 ? 'is-short' : ''}${first ? '' : ' is-same-kind'}`}>
              <th scope="row">{first ? line.kindName : <span className="visually-hidden">{line.kindName}</span>}</th>
              <td>{line.sizeLabel}</td>
              <td className="figure">{line.most}</td>
              <td className="figure">{line.owned}</td>
              <td className="figure">{line.short > 0 ? <span className="mend">{line.short}</span> : <span className="second">–</span>}</td>
              <td>
                <Bars line={line} />
              </td>
              <td className="second">{line.stations.join(', ')}</td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}

const barsWidth = 150
const barsHeight = 28

/** Demand over the turns; the dashed line is what is owned. */
function Bars({ line }: { line: GearLine }) {
  const scale = Math.max(line.most, line.owned, 1)
  const step = barsWidth / line.byTurn.length
  const owned = barsHeight * (1 - line.owned / scale)
  return (
    <svg width={barsWidth} height={barsHeight + 2} role="img" aria-label={`Wanted turn by turn: ${line.byTurn.join(', ')}; owned ${line.owned}`}>
      {line.byTurn.map((amount, turn) => {
        const height = (barsHeight * amount) / scale
        return <rect key={turn} className={amount > line.owned ? 'bar is-short' : 'bar'} x={turn * step} y={barsHeight - height + 1} width={Math.max(0.6, step * 0.82)} height={height} rx={step > 5 ? 1.5 : 0} />
      })}
      <line className="bar-owned" x1={0} x2={barsWidth} y1={owned + 1} y2={owned + 1} />
    </svg>
  )
}

function ByStation() {
  const { computed, document, library } = useClass()
  const { byStation } = computed.gear
  const kinds = new Map(library.gear.map((kind) => [kind.id, kind]))
  const exercises = new Map(library.exercises.map((exercise) => [exercise.id, exercise.name]))
  return rotatingCircuits(document.plan).map((circuit) => (
    <div key={circuit.id} style={{ marginBottom: 22 }}>
      <h2>{pieceName(circuit)}</h2>
      <table className="plain">
        <thead>
          <tr>
            <th scope="col">Station</th>
            <th scope="col">Exercise</th>
            <th scope="col">The most that must be there</th>
          </tr>
        </thead>
        <tbody>
          {circuit.stations.map((station, index) => {
            const most = byStation.find((each) => each.pieceId === circuit.id && each.station === index)?.most ?? []
            const texts = most.map(({ kindId, sizeId, count }) => {
              const kind = kinds.get(kindId)
              return `${count} × ${nameOf({ kindName: kind?.name ?? kindId, sizeLabel: kind?.sizes.find((size) => size.id === sizeId)?.label ?? '' })}`
            })
            return (
              <tr key={station.id}>
                <td>
                  <b>{index + 1}</b>
                </td>
                <td>{station.uses.map((use) => exercises.get(use.exerciseId) ?? use.exerciseId).join(', ') || <span className="second">no exercise yet</span>}</td>
                <td>{texts.join(', ') || <span className="second">nothing</span>}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </div>
  ))
}
