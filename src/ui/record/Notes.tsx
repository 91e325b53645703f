import { Button, Textarea } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import type { Note } from '@core/records/run-told'
import { limits } from '@core/base/limits'
import { api } from '../kit/api'
import { tellProblem } from '../kit/notice'
import { useUnsaved } from '../kit/unsaved'
import { datedOf, timeOf } from '../kit/zoned-time'
import styles from './record.module.css'

/** What coaches add to a run; the run itself stays as it was. */
export function Notes({ runId, first, zone }: { runId: string; first: Note[]; zone: string }) {
  const [notes, setNotes] = useState(first)
  const [text, setText] = useState('')
  useUnsaved(text !== '')
  const add = useMutation({
    mutationFn: () => api<Note>('POST', `/api/runs/${runId}/notes`, { text }),
    onSuccess: (note) => {
      setNotes((now) => [...now, note])
      setText('')
    },
    onError: tellProblem,
  })
  const remove = useMutation({
    mutationFn: (id: string) => api('DELETE', `/api/runs/${runId}/notes/${id}`),
    onSuccess: (_, id) => setNotes((now) => now.filter((note) => note.id !== id)),
    onError: tellProblem,
  })
  return (
    <>
      {notes.map(({ id, text: written, by, at }) => (
        <div key={id} className={styles.note}>
          <div>
            {written}
            <div className="second">
              {by}, {datedOf(at, zone)}, {timeOf(at, zone)}
            </div>
          </div>
          <Button
            variant="default"
            size="compact-sm"
            onClick={() => remove.mutate(id)}
            aria-label={`Remove the note: ${written.slice(0, 40)}`}
          >
            Remove
          </Button>
        </div>
      ))}
      <Textarea
        mt="sm"
        label="A note"
        description="What to change next time, what went well. Not what ails somebody: that stands with the person."
        autosize
        maw={640}
        maxLength={limits.noteLength}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
      />
      <Button mt="xs" disabled={text.trim() === ''} loading={add.isPending} onClick={() => add.mutate()}>
        Add the note
      </Button>
    </>
  )
}
