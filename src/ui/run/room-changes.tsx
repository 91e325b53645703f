import { useMutation } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import type { RoomChange } from '@core/run/room/room-change'
import { roomVersion } from '@core/run/room/room-version'
import { api } from '../kit/api'
import { queryClient } from '../kit/query-client'
import type { LiveRun } from '../live/use-run'
import styles from './panel.module.css'

export interface RoomChanges {
  send: (change: RoomChange) => Promise<boolean>
  takeBack: () => Promise<boolean>
  /** What was done last, in words. */
  told: string[]
  /** Whether that can be taken back. */
  undoable: boolean
  wrong: string
}

interface Asked {
  path: '' | '/undo'
  body: object
}

interface Answer {
  version: number
  told: string[]
}

/** Changes people and stations of the run, each decided on what this screen shows. */
export function useRoomChanges(runId: string, { version: counted, snapshot }: Pick<LiveRun, 'version' | 'snapshot'>): RoomChanges {
  const version = roomVersion({ version: counted, snapshot })
  const known = useRef(version)
  useEffect(() => {
    known.current = Math.max(known.current, version)
  }, [version])
  const changing = useMutation(
    {
      mutationFn: ({ path, body }: Asked) => api<Answer>('POST', `/api/runs/${runId}/changes${path}`, { version: known.current, ...body }),
      onSuccess: (answer) => (known.current = answer.version),
      // Presses quicker than the line take their turn, each on what the one before has made of the room.
      scope: { id: `changes of ${runId}` },
    },
    queryClient,
  )
  const ask = (asked: Asked) =>
    changing.mutateAsync(asked).then(
      () => true,
      () => false,
    )
  const done = changing.variables?.path === '' ? changing.data?.version : undefined
  return {
    send: (change) => ask({ path: '', body: { change } }),
    takeBack: () => ask({ path: '/undo', body: {} }),
    told: changing.data?.told ?? [],
    undoable: done === version,
    wrong: changing.error?.message ?? '',
  }
}

/** What the last change did or why it did not, with the press that takes it back. */
export function ChangeTold({ told, undoable, wrong, takeBack }: RoomChanges) {
  return (
    <>
      <div aria-live="polite">
        {told.map((text) => (
          <p key={text}>
            <b>{text}</b>
          </p>
        ))}
        {undoable && (
          <button type="button" className="small-button" onClick={() => void takeBack()}>
            Take it back
          </button>
        )}
      </div>
      {wrong && (
        <p role="alert" className={styles.runWrong}>
          {wrong}
        </p>
      )}
    </>
  )
}
