import { Modal } from '@mantine/core'
import { useHotkeys } from '@mantine/hooks'
import { useState, type ReactNode } from 'react'
import styles from './brief.module.css'
import { useFocusBack } from '../../kit/use-focus-back'

/** What is read at once. */
export interface ReadingPage {
  title: string
  /** What it is about: told before it comes. */
  name: string
  body: ReactNode
}

/** One thing at a time in large type, for the coach; space, an arrow or a presenter's page key goes on. */
export function ReadingView({ pages, onClose }: { pages: readonly ReadingPage[]; onClose: () => void }) {
  useFocusBack()
  const [at, setAt] = useState(0)
  const last = pages.length - 1
  const go = (by: number) => setAt((now) => Math.max(0, Math.min(last, now + by)))
  useHotkeys([
    [' ', () => go(1)],
    ['ArrowRight', () => go(1)],
    ['PageDown', () => go(1)],
    ['ArrowLeft', () => go(-1)],
    ['PageUp', () => go(-1)],
    ['Home', () => setAt(0)],
    ['End', () => setAt(last)],
  ])
  const page = pages[Math.min(at, last)]!
  const next = pages[at + 1]
  return (
    <Modal opened onClose={onClose} fullScreen title={page.title} transitionProps={{ duration: 0 }}>
      <div className={styles.reading} aria-live="polite">
        {page.body}
      </div>
      <div className={styles.readingFoot}>
        <button type="button" disabled={at === 0} onClick={() => go(-1)}>
          Back
        </button>
        <span className="second">{next ? `Next: ${next.name}` : 'That is all of it'}</span>
        <button type="button" disabled={at === last} onClick={() => go(1)} data-autofocus>
          On
        </button>
      </div>
    </Modal>
  )
}
