import { useState } from 'react'
import type { RoomChange } from '@core/run/room-change'
import { api } from '../kit/api'
import type { LiveRun } from '../live/use-run'

export interface RoomChanges {
  send: (change: RoomChange) => Promise<boolean>
  takeBack: () => Promise<boolean>
  /** What was done last, in words. */
  told: string[]
  /** Whether that can be taken back. */
  undoable: boolean
  wrong: string
  busy: boolean
}

/** Changes people and stations of the run, each decided on what this screen shows. */
export function useRoomChanges(runId: string, { version }: Pick<LiveRun, 'version'>): RoomChanges {
  const [told, setTold] = useState<string[]>([])
  const [wrong, setWrong] = useState('')
  const [busy, setBusy] = useState(false)
  const [done, setDone] = useState<number>()
  const post = async (path: string, body: object): Promise<boolean> => {
    setBusy(true)
    setWrong('')
    setTold([])
    try {
      const answer = await api<{ version: number; told: string[] }>('POST', `/api/runs/${runId}/changes${path}`, { version, ...body })
      setTold(answer.told)
      setDone(path === '' ? answer.version : undefined)
      return true
    } catch (error) {
      setWrong((error as Error).message)
      return false
    } finally {
      setBusy(false)
    }
  }
  return { send: (change) => post('', { change }), takeBack: () => post('/undo', {}), told, undoable: done === version, wrong, busy }
}

/** What the last change did or why it did not, with the press that takes it back. */
export function ChangeTold({ told, undoable, wrong, busy, takeBack }: RoomChanges) {
  return (
    <>
      <div aria-live="polite">
        {told.map((text) => (
          <p key={text}>
            <b>{text}</b>
          </p>
        ))}
        {undoable && (
          <button type="button" className="small-button" disabled={busy} onClick={() => void takeBack()}>
            Take it back
          </button>
        )}
      </div>
      {wrong && (
        <p role="alert" className="run-wrong">
          {wrong}
        </p>
      )}
    </>
  )
}
