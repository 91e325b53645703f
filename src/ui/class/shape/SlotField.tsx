import { limits } from '@core/base/limits'
import { useClass } from '../shared/context'
import { FigureField } from './sentence/FigureField'
import { usePlanTyping } from './sentence/use-plan-typing'
import styles from './sentence/sentence.module.css'

/** How long the class may be, typed over where it stands. */
export function SlotField() {
  const { document } = useClass()
  const typing = usePlanTyping()
  return (
    <span className={styles.inline}>
      <FigureField
        slot={{
          kind: 'time',
          slot: 'slot',
          label: 'Slot',
          value: document.plan.slotSeconds,
          least: 60,
          most: limits.totalSeconds,
          minutes: true,
          set: (of) => of,
        }}
        onBegin={() => typing.begin('slot')}
        onSet={(seconds) => typing.set('slot', (plan) => ({ ...plan, slotSeconds: seconds as number }))}
        onWithout={undefined}
      />
    </span>
  )
}
