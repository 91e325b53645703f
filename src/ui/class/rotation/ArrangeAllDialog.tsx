import { Button, Modal, Progress as ProgressBar } from '@mantine/core'
import { proxy, wrap } from 'comlink'
import { useEffect, useState } from 'react'
import type { ArrangedAll, ArrangeProgress } from '@core/arrange/arrange-all'
import type { ArrangeAllWorker } from '../../../workers/arrange-all.worker'
import { useClass } from '../shared/context'
import { usePastPartners } from '../shared/use-past-partners'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'
import { useFocusBack } from '../../kit/use-focus-back'

/**
 * Groups, order and start places at once, worked out beside the page: shown as it goes, stopped by closing, and nothing changes
 * until it is used.
 */
export function ArrangeAllDialog({ onClose }: { onClose: () => void }) {
  useFocusBack()
  const { document, library, rooms, store } = useClass()
  const past = usePastPartners()
  const [progress, setProgress] = useState<ArrangeProgress>({ done: 0, of: 1, what: 'Groups' })
  const [result, setResult] = useState<ArrangedAll>()
  const [failed, setFailed] = useState(false)
  useEffect(() => {
    const worker = new Worker(new URL('../../../workers/arrange-all.worker.ts', import.meta.url), { type: 'module' })
    worker.onerror = () => setFailed(true)
    const room = rooms.find((room) => room.id === document.roomId)
    void wrap<ArrangeAllWorker>(worker)
      .run(structuredClone({ document, library, room, past }), proxy(setProgress))
      .then(setResult, () => setFailed(true))
    return () => worker.terminate()
    // oxlint-disable-next-line react/exhaustive-deps -- worked out for the class as it is when the dialog opens
  }, [])
  return (
    <Modal opened onClose={onClose} title="Optimise" size="lg">
      {failed && (
        <div className={kit.note} data-severity="mend" role="alert">
          <b>It could not be worked out here.</b>
          <p>The class is as it was. Make groups on People, and the order on Shape.</p>
        </div>
      )}
      {!result && !failed && (
        <div role="status">
          <p>{progress.what} …</p>
          <ProgressBar value={(progress.done / progress.of) * 100} aria-label="How far it is" />
        </div>
      )}
      {result && (
        <ul className={styles.fits}>
          {result.steps.map((step) => (
            <li key={step.what}>
              <div>
                <b>{step.what}</b>
                <div className={step.better ? undefined : 'second'}>{step.text}</div>
              </div>
            </li>
          ))}
        </ul>
      )}
      <div className={kit.dialogFoot}>
        <Button variant="default" onClick={onClose}>
          {!result ? 'Cancel' : result.steps.some((step) => step.better) ? 'Leave it as it was' : 'Close'}
        </Button>
        {result?.steps.some((step) => step.better) && (
          <Button
            onClick={() => {
              store.getState().replace(result.document)
              onClose()
            }}
          >
            Use all of it
          </Button>
        )}
      </div>
    </Modal>
  )
}
