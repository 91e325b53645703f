import { Button, Loader, Modal } from '@mantine/core'
import { useEffect, useState } from 'react'
import { namesFor } from '@core/findings/preview'
import type { ClassDocument } from '@core/class/class-document'
import { planDifferences } from '@core/plan/words/differences'
import { api } from '../../kit/api'
import { tellProblem } from '../../kit/notice'
import { dayOf, timeOf } from '../../kit/zoned-time'
import { useClass } from '../shared/context'

interface Revision {
  version: number
  savedAt: string
}

/** The class as it was before: a list of times, what was different then, and the press that brings it back. Undo takes it away again. */
export function RevisionsDialog({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  const { id, document, library, zone, store } = useClass()
  const [revisions, setRevisions] = useState<Revision[]>()
  const [chosen, setChosen] = useState<{ version: number; document: ClassDocument }>()
  useEffect(() => {
    if (!opened) return
    setRevisions(undefined)
    setChosen(undefined)
    api<{ revisions: Revision[] }>('GET', `/api/classes/${id}/revisions`)
      .then((answer) => setRevisions(answer.revisions))
      .catch((error) => {
        tellProblem(error)
        onClose()
      })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once for each opening
  }, [opened])
  const choose = (version: number) =>
    api<{ version: number; document: ClassDocument }>('GET', `/api/classes/${id}/revisions/${version}`).then(setChosen, tellProblem)
  const differences = chosen && [
    ...(chosen.document.name === document.name ? [] : [`Name ${chosen.document.name}`]),
    ...(chosen.document.here.join() === document.here.join()
      ? []
      : [`${chosen.document.here.length} people instead of ${document.here.length}`]),
    ...planDifferences(document.plan, chosen.document.plan, namesFor(library)),
  ]
  return (
    <Modal opened={opened} onClose={onClose} title="As it was before" size="lg">
      {!revisions && <Loader aria-label="Loading" />}
      {revisions?.length === 0 && <p className="second">This class has not been changed since it was made.</p>}
      <div className="revisions">
        <ol>
          {revisions?.map((revision) => (
            <li key={revision.version}>
              <button
                type="button"
                className="link-button"
                aria-pressed={chosen?.version === revision.version}
                onClick={() => void choose(revision.version)}
              >
                {dayOf(revision.savedAt, zone)}, {timeOf(revision.savedAt, zone)}
              </button>
            </li>
          ))}
        </ol>
        {chosen && differences && (
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
                  store.getState().replace(chosen.document)
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
