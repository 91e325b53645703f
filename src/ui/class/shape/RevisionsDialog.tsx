import { Button, Loader, Modal } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { namesFor } from '@core/findings/preview'
import type { ClassDocument } from '@core/class/class-document'
import { planDifferences } from '@core/plan/words/differences'
import { api } from '../../kit/api'
import { dayOf, timeOf } from '../../kit/zoned-time'
import { useClass } from '../shared/context'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

interface Revision {
  version: number
  savedAt: string
}

/** The class as it was before: a list of times, what was different then, and the press that brings it back. Undo takes it away again. */
export function RevisionsDialog({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  const { id, document, library, zone, store } = useClass()
  const [chosen, setChosen] = useState<number>()
  const address = `/api/classes/${id}/revisions`
  const { data, error } = useQuery({
    queryKey: [address],
    queryFn: () => api<{ revisions: Revision[] }>('GET', address),
    enabled: opened,
    staleTime: 0,
  })
  const revisions = data?.revisions
  // What was stored once never changes.
  const { data: then, error: thenError } = useQuery({
    queryKey: [address, chosen],
    queryFn: () => api<{ version: number; document: ClassDocument }>('GET', `${address}/${chosen}`),
    enabled: opened && chosen !== undefined,
    staleTime: Infinity,
  })
  const trouble = error ?? thenError
  const differences = then && [
    ...(then.document.name === document.name ? [] : [`Name ${then.document.name}`]),
    ...(then.document.here.join() === document.here.join()
      ? []
      : [`${then.document.here.length} people instead of ${document.here.length}`]),
    ...planDifferences(document.plan, then.document.plan, namesFor(library)),
  ]
  return (
    <Modal opened={opened} onClose={onClose} title="Version history" size="lg">
      {trouble && <p role="alert">The earlier versions cannot be shown just now. {trouble.message}</p>}
      {!revisions && !trouble && <Loader role="status" aria-label="Loading" />}
      {revisions?.length === 0 && <p className="second">This class has not been changed since it was made.</p>}
      <div className={styles.revisions}>
        <ol>
          {revisions?.map((revision) => (
            <li key={revision.version}>
              <button
                type="button"
                className={kit.linkButton}
                aria-pressed={chosen === revision.version}
                onClick={() => setChosen(revision.version)}
              >
                {dayOf(revision.savedAt, zone)}, {timeOf(revision.savedAt, zone)}
              </button>
            </li>
          ))}
        </ol>
        {differences && (
          <div aria-live="polite">
            <b>{differences.length === 0 ? 'As it is now' : 'Then, against now'}</b>
            <ul>
              {differences.slice(0, 14).map((text) => (
                <li key={text}>{text}</li>
              ))}
              {differences.length > 14 && <li>and {differences.length - 14} more</li>}
            </ul>
            {differences.length > 0 && (
              <Button
                onClick={() => {
                  store.getState().replace(then.document)
                  onClose()
                }}
              >
                Bring this back
              </Button>
            )}
          </div>
        )}
      </div>
    </Modal>
  )
}
