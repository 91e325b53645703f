import { Button, SegmentedControl } from '@mantine/core'
import { useState } from 'react'
import { pairsSentence, pieceName } from '@core/summary/names'
import { ArrangeAllDialog } from './ArrangeAllDialog'
import { ClassSide } from '../shared/ClassSide'
import { useClass } from '../shared/context'
import { MeetingMatrix } from './MeetingMatrix'
import { Problems } from '../shared/Problems'
import { Recommended } from './Recommended'
import { RotationChart } from './RotationChart'
import { RuleChoice } from './RuleChoice'
import { useOutcomes } from './use-outcomes'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

/** How people move in each circuit: the rule, what it gives, and who is where every turn. */
export function RotationView() {
  const { computed } = useClass()
  const [index, setIndex] = useState(0)
  const [arranging, setArranging] = useState(false)
  const entry = computed.rotations[Math.min(index, computed.rotations.length - 1)]
  const outcomes = useOutcomes(entry?.circuit)
  if (!entry) {
    return (
      <section className={styles.classMain}>
        <div className={kit.empty}>
          <h2>Nobody rotates in this class</h2>
          <p>Everyone does the same, together, down the list. There is no table to show.</p>
        </div>
      </section>
    )
  }
  const choices = computed.rotations.map(({ circuit }, at) => ({ value: String(at), label: pieceName(circuit) }))
  const largest = Math.max(0, ...computed.groups.map((group) => group.length))
  return (
    <>
      <section className={styles.classMain} aria-label="Rotation">
        <div className={`${styles.pieceBar} no-print`}>
          <Button size="xs" variant="default" onClick={() => setArranging(true)}>
            Optimise
          </Button>
          <span className="second">groups, order of stations and where each begins, for the wishes and the gear</span>
        </div>
        {arranging && <ArrangeAllDialog onClose={() => setArranging(false)} />}
        {choices.length > 1 && (
          <SegmentedControl
            mb="md"
            aria-label="Which circuit"
            data={choices}
            value={String(index)}
            onChange={(value) => setIndex(Number(value))}
          />
        )}
        <RuleChoice entry={entry} outcomes={outcomes} />
        {entry.rotation.ok ? (
          <RotationChart key={`${entry.circuit.id}-${entry.choice.rule}`} entry={entry} rotation={entry.rotation.value} />
        ) : (
          <div className={kit.empty}>
            <h2>This is not possible</h2>
            <p>{entry.rotation.problems[0]?.message}</p>
          </div>
        )}
      </section>
      <ClassSide label="What this rotation gives" summary="What this rotation gives">
        <h2>What this rotation gives</h2>
        <Problems />
        <Recommended entry={entry} outcomes={outcomes} />
        {entry.rotation.ok && computed.groups.length === 0 && (
          <p className="second">Tick who is here on the People tab, and their names fill the table.</p>
        )}
        {entry.rotation.ok &&
          entry.rotation.value.guarantees.map(({ met, text }) => (
            <div className={kit.note} data-severity={met ? 'fine' : 'weigh'} key={text}>
              <b>{text}</b>
            </div>
          ))}
        <p className="second">{pairsSentence(entry.circuit.pairs, largest)}</p>
        {entry.rotation.ok && entry.units.length > 1 && <MeetingMatrix entry={entry} rotation={entry.rotation.value} />}
      </ClassSide>
    </>
  )
}
