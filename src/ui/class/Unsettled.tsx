import { Button } from '@mantine/core'
import { dayOf, timeOf } from '../kit/zoned-time'
import type { useAutosave } from './state/autosave'
import styles from './class.module.css'

type UnsettledProps = Pick<ReturnType<typeof useAutosave>, 'save' | 'settle' | 'left' | 'settleLeft'> & { zone: string }

/** What somebody has to decide about two versions of the class: another window’s and this one, or one that was left on this device. */
export function Unsettled({ save, settle, left, settleLeft, zone }: UnsettledProps) {
  return (
    <>
      {save.is === 'conflict' && (
        <div className={styles.conflict} role="alert">
          <span>
            <b>This class was changed in another window.</b> Your changes are still here and not saved.
          </span>
          <Button variant="default" onClick={() => settle('theirs')}>
            Take the other (undo brings yours back)
          </Button>
          <Button variant="default" onClick={() => settle('mine')}>
            Keep mine
          </Button>
        </div>
      )}
      {left && (
        <div className={styles.conflict} role="alert">
          <span>
            <b>
              On this device there are changes from {dayOf(left.at, zone)}, {timeOf(left.at, zone)} that were not stored.
            </b>
          </span>
          <Button variant="default" onClick={() => settleLeft(true)}>
            Bring them back
          </Button>
          <Button variant="default" onClick={() => settleLeft(false)}>
            Leave it as it is
          </Button>
        </div>
      )}
    </>
  )
}
