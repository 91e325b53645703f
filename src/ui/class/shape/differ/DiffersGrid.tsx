import { useEffect, useRef, useState } from 'react'
import { differingFields, withoutDiffering, type Varied } from '@core/plan/edit/differ'
import { partOf } from '@core/plan/edit/parts'
import { pieceChanged } from '@core/plan/pieces-changed'
import type { Piece, Plan } from '@core/plan/plan'
import { lapsOf } from '@core/plan/turns'
import { useClass } from '../../shared/context'
import { WordChoice } from '../sentence/WordChoice'
import { usePlanTyping } from '../sentence/use-plan-typing'
import { DifferRow } from './DifferRow'
import { fieldNames, targetsOf, type VaryField } from './differ-fields'
import { RuleLines } from './RuleLines'
import sentence from '../sentence/sentence.module.css'
import styles from './differ.module.css'

type Unit = 'lap' | 'time'

/** A figure, or an exercise, over the laps or times. */
interface Row {
  id: string
  field: VaryField
}

/** What differs from lap to lap, or from one time through the part to the next: a grid in which only that is inked. */
export function DiffersGrid({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const { document, library } = useClass()
  const typing = usePlanTyping()
  const part = partOf(document.plan, piece.id)!
  const laps = piece.type === 'circuit' ? lapsOf(piece) : 1
  const [chosen, setUnit] = useState<Unit>(laps > 1 ? 'lap' : 'time')
  const [asked, setAsked] = useState<readonly Row[]>([])
  const unit: Unit = laps > 1 && (chosen === 'lap' || part.repeat === 1) ? 'lap' : 'time'
  const targets = targetsOf(piece, library.exercises)
  const here = new Set(targets.map(({ id }) => id))
  const varied: Varied = unit === 'lap' && piece.type === 'circuit' ? piece : part
  const pieces = unit === 'lap' ? [piece] : part.pieces
  const times = unit === 'lap' ? laps : part.repeat
  const change = (slot: string, next: (varied: Varied) => Varied) =>
    typing.set(slot, (plan: Plan) =>
      unit === 'lap'
        ? pieceChanged(plan, piece.id, (now) => (now.type === 'circuit' ? taken(now, next(now)) : now))
        : { ...plan, parts: plan.parts.map((known) => (known.id === part.id ? taken(known, next(known)) : known)) },
    )
  const same = (one: Row) => (other: Row) => one.id === other.id && one.field === other.field
  const said = differingFields(varied).filter(({ id }) => here.has(id))
  const firstItem = piece.type === 'circuit' && piece.stay.kind === 'task' ? piece.stations[0]?.uses[0] : undefined
  const first: Row = firstItem ? { id: firstItem.id, field: 'reps' } : { id: targets[0]!.id, field: targets[0]!.fields[0]! }
  const wanted = [...said, ...asked.filter((one) => !said.some(same(one)))]
  // Somebody who comes here wants to change something: most often how long it is worked, or of a list how many.
  const rows = wanted.length > 0 ? wanted : [first]
  const more = targets.flatMap((target) =>
    target.fields
      .filter((field) => !rows.some(same({ id: target.id, field })))
      .map((field) => ({
        value: `${target.id} ${field}`,
        words: target === targets[0] ? fieldNames[field] : `${target.label}: ${fieldNames[field]}`,
      })),
  )
  const root = useRef<HTMLElement>(null)
  // Whoever opened it goes on typing.
  useEffect(() => root.current?.querySelector<HTMLElement>('tbody input')?.focus(), [])
  return (
    <section ref={root} className={styles.differs} aria-label="What differs">
      <div className={styles.head}>
        <h3>What differs</h3>
        {laps > 1 && part.repeat > 1 && (
          <WordChoice
            slot="unit"
            label="From what to what"
            value={unit}
            choices={[
              { value: 'lap', words: 'lap by lap' },
              { value: 'time', words: 'time by time' },
            ]}
            onChange={(value) => setUnit(value as Unit)}
          />
        )}
        <button type="button" className={sentence.offer} onClick={onClose}>
          Close
        </button>
      </div>
      {times < 2 ? (
        <p className="second">It is done once: give it more laps first, or more times.</p>
      ) : (
        <>
          <RuleLines varied={varied} targets={targets} unit={unit} onChange={(next) => void change('', next)} />
          <div className={styles.scroll}>
            <table>
              <thead>
                <tr>
                  <td />
                  {Array.from({ length: times }, (_, at) => (
                    <th key={at} scope="col">
                      {unit === 'lap' ? 'Lap' : 'Time'} {at + 1}
                    </th>
                  ))}
                  <td />
                </tr>
              </thead>
              <tbody>
                {rows.map(({ id, field }) => {
                  const target = targets.find((known) => known.id === id)!
                  return (
                    <DifferRow
                      key={`${unit} ${id} ${field}`}
                      target={target}
                      whole={target === targets[0]}
                      field={field}
                      times={times}
                      varied={varied}
                      pieces={pieces}
                      begin={(at) => typing.begin(`${id} ${field} ${at}`)}
                      change={(at, next) => change(`${id} ${field} ${at}`, next)}
                      onAlike={() => {
                        setAsked(asked.filter((one) => !same({ id, field })(one)))
                        change('', (now) => withoutDiffering(now, id, field))
                      }}
                    />
                  )
                })}
              </tbody>
            </table>
          </div>
          <p className="second">
            Type a figure for one {unit}, or 18-15-12-9 to fill along.{' '}
            <WordChoice
              slot="more"
              label="Something else differs"
              value=""
              words="something else differs"
              choices={[{ value: '', words: 'something else differs' }, ...more]}
              onChange={(value) => {
                const [id, field] = value.split(' ') as [string, VaryField | undefined]
                if (field) setAsked([...rows, { id, field }])
              }}
            />
          </p>
        </>
      )}
    </section>
  )
}

/** What varies, put into what it varies; rules that are no more go. */
function taken<Of extends Varied>(of: Of, { vary, varyRules }: Varied): Of {
  const { varyRules: _, ...rest } = of
  return { ...(rest as Of), vary, ...(varyRules && { varyRules }) }
}
