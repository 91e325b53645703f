import { Button } from '@mantine/core'
import { useState } from 'react'
import { formatSeconds } from '@core/base/units'
import type { WeightUnit } from '@core/library/weight'
import { taskWords } from '@core/results/task'
import type { ShownBest } from '@core/trends/person-told'
import { FiguresChart } from '../kit/chart'
import { SaveCsv } from '../kit/SaveCsv'
import { Cell, Row, RowHead, Table } from '../kit/Table'
import { datedOf, dayOf } from '../kit/zoned-time'
import record from '../record/record.module.css'

const axes: Record<string, string> = { time: 'minutes', rounds: 'rounds', reps: 'reps' }

interface BestsProps {
  bests: ShownBest[]
  name: string
  zone: string
  unit: WeightUnit
}

/** What somebody did best and last of each task, each compared with nothing but the same. */
export function Bests({ bests, name, zone, unit }: BestsProps) {
  const [shown, setShown] = useState<number>()
  if (bests.length === 0) return <p>No results yet. They are tapped in a list, or put down with the results of a run.</p>
  return (
    <>
      <Table
        columns={['What', 'Best', 'Last', { name: 'Times', kind: 'figure' }, { name: 'Over time', kind: 'hidden' }]}
        label={`Bests of ${name}`}
      >
        {bests.map((one, index) => (
          <BestRow
            key={index}
            one={one}
            zone={zone}
            unit={unit}
            isShown={shown === index}
            onShow={() => setShown(shown === index ? undefined : index)}
          />
        ))}
      </Table>
      <SaveCsv
        file={`${name} bests.csv`}
        rows={() => [
          ['What', 'Task', 'How', 'Best', 'On', 'Last', 'On', 'Times'],
          ...bests.map(({ name: what, lines, how, best, last, times }) => [
            what,
            taskWords(lines),
            how,
            best.words,
            best.at.slice(0, 10),
            last.words,
            last.at.slice(0, 10),
            String(times),
          ]),
        ]}
      />
    </>
  )
}

interface BestRowProps extends Pick<BestsProps, 'zone' | 'unit'> {
  one: ShownBest
  isShown: boolean
  onShow: () => void
}

function BestRow({ one, zone, unit, isShown, onShow }: BestRowProps) {
  const { name, lines, how, best, last, times, points, measure } = one
  const task = taskWords(lines)
  return (
    <>
      <Row>
        <RowHead>
          {name}
          {task !== name && <span className={record.differs}>{task}</span>}
          {how && <span className={record.differs}>{how}</span>}
        </RowHead>
        <Cell>
          <b>{best.words}</b> <span className="second">{datedOf(best.at, zone)}</span>
        </Cell>
        <Cell>
          {last.words} <span className="second">{datedOf(last.at, zone)}</span>
        </Cell>
        <Cell figure>{times}</Cell>
        <Cell>
          {points.length > 1 && (
            <Button size="compact-sm" variant="default" onClick={onShow} aria-expanded={isShown} aria-label={`${name} over time`}>
              Over time
            </Button>
          )}
        </Cell>
      </Row>
      {isShown && (
        <Row>
          <Cell colSpan={5}>
            <FiguresChart
              label={`${name} over time`}
              axis={axes[measure] ?? unit}
              kind="line"
              {...(measure === 'time' && { tick: (seconds: number) => formatSeconds(Math.round(seconds)) })}
              figures={points.map(({ at, figure, words }) => ({ at: dayOf(at, zone).slice(4), figure, words }))}
            />
          </Cell>
        </Row>
      )}
    </>
  )
}
