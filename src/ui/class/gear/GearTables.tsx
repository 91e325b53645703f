import { Box } from '@mantine/core'
import type { GearLine } from '@core/gear/count'
import { exercisesById } from '@core/library/by-id'
import { rotatingCircuits } from '@core/plan/turns'
import { pieceName } from '@core/summary/names'
import { useClass } from '../shared/context'
import { sizeWords } from '@core/gear/lists/lists'
import { Cell, Row, RowHead, Table } from '../../kit/Table'
import { More } from '../shared/More'
import styles from './gear.module.css'
import kit from '../../kit/kit.module.css'

/** Demand by kind and size, against what can be used: turn by turn at a glance, and as figures behind it. */
export const ByKind = ({ lines }: { lines: GearLine[] }) => (
  <>
    <Demand lines={lines} />
    <More summary="Turn by turn as a table">
      <TurnByTurn lines={lines} />
    </More>
  </>
)

/** What is wanted in each turn; the columns are the turns in their order. */
function TurnByTurn({ lines }: { lines: GearLine[] }) {
  const turns = Math.max(0, ...lines.map(({ byTurn }) => byTurn.length))
  return (
    <div className={styles.turns} tabIndex={0} role="region" aria-label="Turn by turn">
      <Table
        grid
        columns={['Kind and size', ...Array.from({ length: turns }, (_, turn) => ({ name: String(turn + 1), kind: 'figure' as const }))]}
      >
        {lines.map((line) => (
          <Row key={`${line.kindId}/${line.sizeId}`}>
            <RowHead>{[line.kindName, line.sizeLabel].filter(Boolean).join(', ')}</RowHead>
            {line.byTurn.map((amount, turn) => (
              <Cell figure key={turn}>
                {amount > line.owned ? <span className={kit.mend}>{amount}</span> : amount}
              </Cell>
            ))}
          </Row>
        ))}
      </Table>
    </div>
  )
}

function Demand({ lines }: { lines: GearLine[] }) {
  return (
    <Table
      className={styles.gearTable}
      columns={[
        'Kind',
        'Size',
        { name: 'Needed', kind: 'figure' },
        { name: 'Available', kind: 'figure' },
        { name: 'Short', kind: 'figure' },
        'Turn by turn',
        'Stations',
      ]}
    >
      {lines.map((line, index) => {
        const first = lines[index - 1]?.kindId !== line.kindId
        return (
          <Row
            key={`${line.kindId}/${line.sizeId}`}
            className={`${line.short > 0 ? styles.isShort : ''}${first ? '' : ` ${styles.isSameKind}`}`}
          >
            <RowHead>{first ? line.kindName : <span className="visually-hidden">{line.kindName}</span>}</RowHead>
            <Cell>{line.sizeLabel}</Cell>
            <Cell figure>{line.most}</Cell>
            <Cell figure>{line.owned}</Cell>
            <Cell figure>{line.short > 0 ? <span className={kit.mend}>{line.short}</span> : <span className="second">–</span>}</Cell>
            <Cell>
              <Bars line={line} />
            </Cell>
            <Cell className="second">{line.stations.join(', ')}</Cell>
          </Row>
        )
      })}
    </Table>
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
    <svg
      width={barsWidth}
      height={barsHeight + 2}
      role="img"
      aria-label={`Wanted turn by turn: ${line.byTurn.join(', ')}; owned ${line.owned}`}
    >
      {line.byTurn.map((amount, turn) => {
        const height = (barsHeight * amount) / scale
        return (
          <rect
            key={turn}
            className={amount > line.owned ? `${styles.bar} ${styles.isShort}` : styles.bar}
            x={turn * step}
            y={barsHeight - height + 1}
            width={Math.max(0.6, step * 0.82)}
            height={height}
            rx={step > 5 ? 1.5 : 0}
          />
        )
      })}
      <line className={styles.barOwned} x1={0} x2={barsWidth} y1={owned + 1} y2={owned + 1} />
    </svg>
  )
}

/** What must stand at each station. */
export function ByStation() {
  const { computed, document, library } = useClass()
  const { byStation } = computed.gear
  const kinds = new Map(library.gear.map((kind) => [kind.id, kind]))
  const exercises = exercisesById(library.exercises)
  return rotatingCircuits(document.plan).map((circuit) => (
    <Box mb={22} key={circuit.id}>
      <h2>{pieceName(circuit)}</h2>
      <Table columns={['Station', 'Exercise', 'The most that must be there']}>
        {circuit.stations.map((station, index) => {
          const most = byStation.find((known) => known.pieceId === circuit.id && known.station === index)?.most ?? []
          const texts = most.map(({ kindId, sizeId, count }) => {
            const kind = kinds.get(kindId)
            return `${count} × ${sizeWords({ kindName: kind?.name ?? kindId, sizeLabel: kind?.sizes.find((size) => size.id === sizeId)?.label ?? '' })}`
          })
          return (
            <Row key={station.id}>
              <Cell>
                <b>{index + 1}</b>
              </Cell>
              <Cell>
                {station.uses.map((use) => exercises.get(use.exerciseId)?.name ?? use.exerciseId).join(', ') || (
                  <span className="second">no exercise yet</span>
                )}
              </Cell>
              <Cell>{texts.join(', ') || <span className="second">nothing</span>}</Cell>
            </Row>
          )
        })}
      </Table>
    </Box>
  ))
}
