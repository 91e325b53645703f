import { useEffect, useId, useMemo, useRef, useState, type KeyboardEvent } from 'react'
import type { Exercise } from '@core/library/exercise'
import { longestText, type TextReading } from '@core/text/read'
import { begunName, lineStarts } from './in-text'
import styles from './text.module.css'

interface ClassTextProps {
  text: string
  onChange: (text: string) => void
  /** Of this very text; left out while it is read. */
  reading: TextReading | undefined
  exercises: readonly Exercise[]
  /** Undoes, or does again; left out, the field does so itself. */
  onUndo?: (again: boolean) => void
}

const example = `8 stations, pairs
40 on, 15 to move
2 laps, 1 min between laps
1. Goblet squat
2. Band row
3. Dead bug …`

/** A class as text, with what was not understood marked where it stands. */
export function ClassText({ text, onChange, reading, exercises, onUndo }: ClassTextProps) {
  const behind = useRef<HTMLDivElement>(null)
  const field = useRef<HTMLTextAreaElement>(null)
  // Who comes here has something to write or to paste.
  useEffect(() => field.current?.focus(), [])
  // What is not read has no marks; to lay it out twice takes long.
  const marked = useMemo(() => {
    const start = text.slice(0, longestText)
    return reading ? marks(start, reading) : [{ text: start, kind: undefined }]
  }, [text, reading])
  const listId = useId()
  const [begun, setBegun] = useState<ReturnType<typeof begunName>>()
  const names = useMemo(() => completions(exercises, begun?.letters), [exercises, begun])
  /** Puts the whole name in place of what was typed of it, as one step that the field's own undo takes back. */
  const complete = (name: string) => {
    const input = field.current
    if (!input || !begun) return
    input.focus()
    input.setSelectionRange(begun.from, begun.from + begun.letters.length)
    document.execCommand('insertText', false, name)
    setBegun(undefined)
  }
  const press = (event: KeyboardEvent) => {
    const key = event.key.toLowerCase()
    if (onUndo && (event.ctrlKey || event.metaKey) && !event.altKey && (key === 'z' || key === 'y')) {
      event.preventDefault()
      return onUndo(key === 'y' || event.shiftKey)
    }
    if (names.length === 0) return
    // Escape lets Tab go on to the next field.
    if (event.key === 'Escape') setBegun(undefined)
    else if (event.key === 'Tab' && !event.shiftKey) {
      event.preventDefault()
      complete(names[0]!)
    }
  }
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
        onChange={(event) => {
          const { value, selectionStart } = event.currentTarget
          onChange(value)
          setBegun(begunName(value, selectionStart))
        }}
        onKeyDown={press}
        onBlur={(event) => {
          if (!event.relatedTarget?.closest(`[id="${listId}"]`)) setBegun(undefined)
        }}
        onScroll={(event) => {
          if (behind.current) behind.current.scrollTop = event.currentTarget.scrollTop
        }}
      />
      <div className={styles.names} id={listId} role="group" aria-label="Names that begin so" aria-live="polite">
        {names.map((name, index) => (
          <button key={name} type="button" onClick={() => complete(name)}>
            {name}
            {index === 0 && <kbd>Tab</kbd>}
          </button>
        ))}
      </div>
    </div>
  )
}

/** How many names are offered at once. */
const mostNames = 5

/** Names of exercises that begin with these letters, the shortest first; none once one is whole. */
function completions(exercises: readonly Exercise[], letters: string | undefined): string[] {
  const small = letters?.toLowerCase()
  if (!small) return []
  const found = exercises.map(({ name }) => name).filter((name) => name.toLowerCase().startsWith(small))
  return found.some((name) => name.toLowerCase() === small) ? [] : found.sort((a, b) => a.length - b.length).slice(0, mostNames)
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
