import { nanoid } from 'nanoid'
import { useMemo } from 'react'
import type { Finding } from '@core/findings/finding'
import { judge } from '@core/findings/judge'
import { useClass } from './context'

/** What is wrong with the class, and the press that mends it: each press is one step of undo. */
export function Findings({ onChoose }: { onChoose: (pieceId: string) => void }) {
  const { document, computed, library, rooms, store } = useClass()
  const room = rooms.find((each) => each.id === document.roomId)
  const findings = useMemo(() => judge({ document, computed, library, room, newId: () => nanoid(10) }), [document, computed, library, room])
  const count = (severity: Finding['severity']) => findings.filter((each) => each.severity === severity).length
  return (
    <section aria-label="Findings">
      <h2 role="status">{headline(count('mend'), count('weigh'))}</h2>
      {findings.map((finding) => (
        <div className={`note is-${finding.severity}`} key={finding.id}>
          <b>{finding.what}</b>
          {finding.why && (
            <p>
              {finding.why}
              {finding.source && ` (${finding.source})`}
            </p>
          )}
          {finding.fix && (
            <button type="button" className="link-button" onClick={() => store.getState().replace(finding.fix!.apply(document))}>
              {finding.fix.label}
            </button>
          )}
          {!finding.fix && finding.pieceId && finding.severity !== 'fine' && (
            <button type="button" className="link-button" onClick={() => onChoose(finding.pieceId!)}>
              Show it
            </button>
          )}
        </div>
      ))}
    </section>
  )
}

function headline(mend: number, weigh: number): string {
  const texts = [mend > 0 && `${mend} to mend`, weigh > 0 && `${weigh} to weigh`].filter(Boolean)
  return texts.length > 0 ? texts.join(', ') : 'Nothing to mend'
}
