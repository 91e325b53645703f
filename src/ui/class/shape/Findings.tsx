import { useMemo } from 'react'
import type { Finding } from '@core/findings/rules/finding'
import { judge } from '@core/findings/judge'
import { FixButtons } from '../shared/FixButtons'
import { useJudged } from '../shared/judged'
import kit from '../../kit/kit.module.css'

/** What is wrong with the class, and the press that mends it: each press is one step of undo, and can be looked at first. */
export function Findings({ onChoose }: { onChoose: (pieceId: string) => void }) {
  const judged = useJudged()
  const findings = useMemo(() => judge(judged), [judged])
  const count = (severity: Finding['severity']) => findings.filter((finding) => finding.severity === severity).length
  return (
    <section aria-label="Findings">
      <h2 role="status">{headline(count('mend'), count('weigh'))}</h2>
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

function headline(mend: number, weigh: number): string {
  const counted = (count: number, what: string) => count > 0 && `${count} ${what}${count === 1 ? '' : 's'}`
  const texts = [counted(mend, 'problem'), counted(weigh, 'suggestion')].filter(Boolean)
  return texts.length > 0 ? texts.join(', ') : 'No problems'
}
