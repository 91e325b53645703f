import { nanoid } from 'nanoid'
import { useMemo, useState } from 'react'
import type { Finding, Judged } from '@core/findings/finding'
import { judge } from '@core/findings/judge'
import { previewOf, type Preview } from '@core/findings/preview'
import { useClass } from './context'

/** What is wrong with the class, and the press that mends it: each press is one step of undo, and can be looked at first. */
export function Findings({ onChoose }: { onChoose: (pieceId: string) => void }) {
  const { document, computed, library, rooms } = useClass()
  const room = rooms.find((each) => each.id === document.roomId)
  const judged: Judged = useMemo(() => ({ document, computed, library, room, newId: () => nanoid(10) }), [document, computed, library, room])
  const findings = useMemo(() => judge(judged), [judged])
  const count = (severity: Finding['severity']) => findings.filter((each) => each.severity === severity).length
  return (
    <section aria-label="Findings">
      <h2 role="status">{headline(count('mend'), count('weigh'))}</h2>
      {findings.map((finding) => (
        <div className={`note is-${finding.severity}`} key={finding.id}>
          <b id={finding.id}>{finding.what}</b>
          {finding.why && (
            <p>
              {finding.why}
              {finding.source && ` (${finding.source})`}
            </p>
          )}
          {finding.fix && <FixButtons finding={finding} findings={findings} judged={judged} />}
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

function FixButtons({ finding, findings, judged }: { finding: Finding; findings: Finding[]; judged: Judged }) {
  const { store } = useClass()
  const [shown, setShown] = useState<Preview & { of: Judged }>()
  const fix = finding.fix!
  // What is shown is of the class as it is now, or it is not shown.
  const preview = shown?.of === judged ? shown : undefined
  return (
    <>
      <button type="button" className="link-button" onClick={() => store.getState().replace(fix.apply(judged.document))}>
        {fix.label}
      </button>{' '}
      <button type="button" className="peek-button" aria-expanded={preview !== undefined} aria-describedby={finding.id} onClick={() => setShown(preview ? undefined : { ...previewOf(judged, findings, fix.apply), of: judged })}>
        {preview ? 'hide' : 'what changes?'}
      </button>
      {preview && (
        <div className="peek" aria-live="polite">
          <Lines lines={preview.changes} empty="Nothing in the plan." />
          {preview.total && <div>Total {preview.total}.</div>}
          <Lines title="Mends" lines={preview.mends} />
          <Lines title="Raises" lines={preview.raises} />
        </div>
      )}
    </>
  )
}

function Lines({ title, lines, empty }: { title?: string; lines: string[]; empty?: string }) {
  if (lines.length === 0) return empty ? <div>{empty}</div> : null
  return (
    <>
      {title && <div className="second">{title}</div>}
      <ul>
        {lines.slice(0, 8).map((line) => (
          <li key={line}>{line}</li>
        ))}
        {lines.length > 8 && <li>and {lines.length - 8} more</li>}
      </ul>
    </>
  )
}

function headline(mend: number, weigh: number): string {
  const texts = [mend > 0 && `${mend} to mend`, weigh > 0 && `${weigh} to weigh`].filter(Boolean)
  return texts.length > 0 ? texts.join(', ') : 'Nothing to mend'
}
