import { Modal } from '@mantine/core'
import { useHotkeys } from '@mantine/hooks'
import { useState } from 'react'
import type { BriefItem } from '@core/brief/walk-through'
import { BriefWords } from './BriefWords'

/** One exercise at a time in large type, for the coach; space, an arrow or a presenter's page key goes on. */
export function ReadingView({
  items,
  sentences,
  onClose,
}: {
  items: BriefItem[]
  /** Said before the first of them. */
  sentences: readonly string[]
  onClose: () => void
}) {
  const [at, setAt] = useState(sentences.length > 0 ? -1 : 0)
  const first = sentences.length > 0 ? -1 : 0
  const go = (by: number) => setAt((now) => Math.max(first, Math.min(items.length - 1, now + by)))
  useHotkeys([
    [' ', () => go(1)],
    ['ArrowRight', () => go(1)],
    ['PageDown', () => go(1)],
    ['ArrowLeft', () => go(-1)],
    ['PageUp', () => go(-1)],
    ['Home', () => setAt(first)],
    ['End', () => setAt(items.length - 1)],
  ])
  const item = items[at]
  const next = items[at + 1]
  return (
    <Modal
      opened
      onClose={onClose}
      fullScreen
      title={item ? `${item.circuitName}, ${at + 1} of ${items.length}` : 'Brief'}
      transitionProps={{ duration: 0 }}
    >
      <div className="reading" aria-live="polite">
        {item ? <BriefWords item={item} /> : sentences.map((sentence) => <p key={sentence}>{sentence}</p>)}
      </div>
      <div className="reading-foot">
        <button type="button" disabled={at === first} onClick={() => go(-1)}>
          Back
        </button>
        <span className="second">{next ? `Next: ${next.name}` : 'That is all of them'}</span>
        <button type="button" disabled={at === items.length - 1} onClick={() => go(1)} data-autofocus>
          On
        </button>
      </div>
    </Modal>
  )
}
