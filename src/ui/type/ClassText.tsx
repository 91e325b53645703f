import { useEffect, useMemo, useRef } from 'react'
import type { TextReading } from '@core/text/read'
import styles from './type.module.css'

interface ClassTextProps {
  text: string
  onChange: (text: string) => void
  /** Of this very text; left out while it is read. */
  reading: TextReading | undefined
}

const example = `8 stations, pairs
40 on, 15 to move
2 laps, 1 min between laps
1. Goblet squat
2. Band row
3. Dead bug …`

/** A class as text, with what was not understood marked where it stands. */
export function ClassText({ text, onChange, reading }: ClassTextProps) {
  const behind = useRef<HTMLDivElement>(null)
  const field = useRef<HTMLTextAreaElement>(null)
  // Who comes here has something to write or to paste.
  useEffect(() => field.current?.focus(), [])
  const marked = useMemo(() => (reading ? marks(text, reading) : [{ text, kind: undefined }]), [text, reading])
  return (
    <div className={styles.text}>
      <div className={styles.marks} ref={behind} aria-hidden>
        {marked.map(({ text: words, kind }, index) =>
          kind ? (
            <mark key={index} data-kind={kind}>
              {words}
            </mark>
          ) : (
            <span key={index}>{words}</span>
          ),
        )}
        {'\n'}
      </div>
      <textarea
        ref={field}
        aria-label="The class as text"
        aria-describedby="what-is-missed"
        spellCheck={false}
        placeholder={example}
        value={text}
        onChange={(event) => onChange(event.currentTarget.value)}
        onScroll={(event) => {
          if (behind.current) behind.current.scrollTop = event.currentTarget.scrollTop
        }}
      />
    </div>
  )
}

type Kind = 'missed' | 'unknown'

/** The text in stretches, those that were not understood told apart. */
function marks(text: string, { missed, unknown }: TextReading): { text: string; kind: Kind | undefined }[] {
  const lineStart = lineStarts(text)
  const spans = [
    ...missed.map((place) => ({ ...place, kind: 'missed' as const })),
    ...unknown.map((place) => ({ ...place, kind: 'unknown' as const })),
  ]
    .map(({ line, from, to, kind }) => ({ from: (lineStart[line] ?? 0) + from, to: (lineStart[line] ?? 0) + to, kind }))
    .filter(({ from, to }) => to > from)
    .sort((a, b) => a.from - b.from)
  const stretches: { text: string; kind: Kind | undefined }[] = []
  let at = 0
  for (const { from, to, kind } of spans) {
    if (from < at) continue
    stretches.push({ text: text.slice(at, from), kind: undefined }, { text: text.slice(from, to), kind })
    at = to
  }
  return [...stretches, { text: text.slice(at), kind: undefined }]
}

const lineStarts = (text: string): number[] => {
  const starts = [0]
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) starts.push(at + 1)
  return starts
}
