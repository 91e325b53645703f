import { useState } from 'react'
import type { Fix, Judged } from '@core/class/fix'
import type { Preview } from '@core/findings/preview'
import { tellProblem } from '../../kit/notice'
import { BeforeAfter } from './BeforeAfter'
import { useClass } from './context'
import kit from '../../kit/kit.module.css'

/**
 * The press that mends something, and what it would change, mend and raise, to be looked at first. `describedBy` is the id of what
 * it mends.
 */
export function FixButtons({ fix, judged, describedBy, note }: { fix: Fix; judged: Judged; describedBy: string; note?: string }) {
  const { store } = useClass()
  const [shown, setShown] = useState<Preview & { judged: Judged }>()
  // What is shown is of the class as it is now, or it is not shown.
  const preview = shown?.judged === judged ? shown : undefined
  const look = async () => {
    try {
      const { previewOf } = await import('@core/findings/preview')
      setShown({ ...previewOf(judged, fix.apply), judged })
    } catch {
      tellProblem(new Error('What it changes cannot be shown while the server is away.'))
    }
  }
  return (
    <>
      <button type="button" className={kit.linkButton} onClick={() => store.getState().replace(fix.apply(store.getState().document))}>
        {fix.label}
      </button>{' '}
      {note && <span className="second">{note} </span>}
      <button
        type="button"
        className={kit.peekButton}
        aria-expanded={preview !== undefined}
        aria-describedby={describedBy}
        onClick={() => (preview ? setShown(undefined) : void look())}
      >
        {preview ? 'hide' : 'what changes?'}
      </button>
      {preview && (
        <div className={kit.peek} aria-live="polite">
          {preview.exercises.slice(0, 8).map((change) => (
            <BeforeAfter key={`${change.from.name}/${change.to.name}`} {...change} />
          ))}
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
