import type { Finding } from '@core/findings/rules/finding'
import { FixButtons } from '../shared/FixButtons'
import type { useJudged } from '../shared/judged'
import kit from '../../kit/kit.module.css'

interface FindingsProps {
  findings: readonly Finding[]
  judged: ReturnType<typeof useJudged>
  onChoose: (pieceId: string) => void
}

/** What is wrong with the class, and the press that mends it: each press is one step of undo, and can be looked at first. */
export function Findings({ findings, judged, onChoose }: FindingsProps) {
  return (
    <section aria-label="Findings">
      <h2 role="status">{findingsHeadline(findings)}</h2>
      {findings.map((finding) => (
        <div className={kit.note} data-severity={finding.severity} key={finding.id}>
          <b id={finding.id}>{finding.what}</b>
          {finding.why && (
            <p>
              {finding.why}
              {finding.source && ` (${finding.source})`}
            </p>
          )}
          {finding.fix && <FixButtons fix={finding.fix} judged={judged} describedBy={finding.id} />}
          {!finding.fix && finding.pieceId && finding.severity !== 'fine' && (
            <button type="button" className={kit.linkButton} onClick={() => onChoose(finding.pieceId!)}>
              Show it
            </button>
          )}
        </div>
      ))}
    </section>
  )
}

/** How many problems and suggestions there are. */
export function findingsHeadline(findings: readonly Finding[]): string {
  const counted = (severity: Finding['severity'], what: string) => {
    const count = findings.filter((finding) => finding.severity === severity).length
    return count > 0 && `${count} ${what}${count === 1 ? '' : 's'}`
  }
  return [counted('mend', 'problem'), counted('weigh', 'suggestion')].filter(Boolean).join(', ') || 'No problems'
}
