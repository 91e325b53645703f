import { SegmentedControl } from '@mantine/core'
import { useMemo, useState } from 'react'
import { listQueues } from '@core/gear/lists/list-queues'
import { ClassSide } from '../shared/ClassSide'
import { useClass } from '../shared/context'
import { GearLists } from './GearLists'
import { GearQueues } from './GearQueues'
import { GearShortages } from './GearShortages'
import { ByKind, ByStation } from './GearTables'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

type Shown = 'kind' | 'station' | 'lists' | 'queues'

/** What a class needs of gear: by kind, by station, as lists to carry by, and where people would queue. */
export function GearView() {
  const { computed, document, library } = useClass()
  const { lines, unknownExercises, unknownKinds } = computed.gear
  const [shown, setShown] = useState<Shown>('kind')
  const queues = useMemo(() => listQueues(document, computed, library), [document, computed, library])
  const short = lines.filter((line) => line.short > 0)
  const choices = [
    { value: 'kind', label: 'By kind' },
    { value: 'station', label: 'By station' },
    { value: 'lists', label: 'Lists' },
    ...(queues.length > 0 ? [{ value: 'queues', label: 'Queues' }] : []),
  ]
  return (
    <>
      <section className={styles.classMain} aria-label="Gear">
        <div className={styles.bigLine}>
          {lines.length === 0 ? (
            <span className={styles.big}>No gear</span>
          ) : (
            <>
              <span className={`${styles.big}${short.length > 0 ? ` ${kit.mend}` : ''}`}>
                {short.length > 0 ? `${short.length} short` : 'Enough'}
              </span>
              <span>
                of {lines.length} kinds and sizes, for {computed.people.length} {computed.people.length === 1 ? 'person' : 'people'}
              </span>
            </>
          )}
          <span className="push no-print">
            <SegmentedControl aria-label="Show gear" data={choices} value={shown} onChange={(value) => setShown(value as Shown)} />
          </span>
        </div>
        {lines.length === 0 && shown !== 'queues' ? (
          <div className={kit.empty}>
            <h2>Nothing to set up</h2>
            <p>
              {computed.people.length === 0
                ? 'Tick who is here on the People tab: gear is counted for the people who come.'
                : 'None of the exercises needs gear.'}
            </p>
          </div>
        ) : shown === 'kind' ? (
          <ByKind lines={lines} />
        ) : shown === 'station' ? (
          <ByStation />
        ) : shown === 'lists' ? (
          <GearLists />
        ) : (
          <GearQueues queues={queues} />
        )}
      </section>
      <ClassSide label="What is short" summary="What is short">
        <GearShortages />
        {unknownExercises.map((id) => (
          <div className={kit.note} data-severity="weigh" key={id}>
            <b>“{id}” is not in this hall’s exercises</b>
            <p>Its gear is not counted.</p>
          </div>
        ))}
        {unknownKinds.map((id) => (
          <div className={kit.note} data-severity="weigh" key={id}>
            <b>“{id}” is not in this hall’s gear</b>
            <p>It is not counted.</p>
          </div>
        ))}
        <h2>How it is counted</h2>
        <p className="second">
          Person by person, turn by turn, in the form and the size each takes. What stands at a station counts in every turn. In a list at
          their own pace, as many as people well spread over it need. What is broken, lent out or kept in another room does not count.
        </p>
      </ClassSide>
    </>
  )
}
