import { useEffect, useRef, useState } from 'react'
import type { RoomChange } from '@core/run/room/room-change'
import { roomVersion } from '@core/run/room/room-version'
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
}

/** Changes people and stations of the run, each decided on what this screen shows. */
export function useRoomChanges(runId: string, { version: counted, snapshot }: Pick<LiveRun, 'version' | 'snapshot'>): RoomChanges {
  const version = roomVersion({ version: counted, snapshot })
  const [told, setTold] = useState<string[]>([])
  const [wrong, setWrong] = useState('')
  const [done, setDone] = useState<number>()
  const known = useRef(version)
  useEffect(() => {
    known.current = Math.max(known.current, version)
  }, [version])
  const before = useRef<Promise<unknown>>(Promise.resolve())
  const post = async (path: string, body: object): Promise<boolean> => {
    setWrong('')
    setTold([])
    try {
      const answer = await api<{ version: number; told: string[] }>('POST', `/api/runs/${runId}/changes${path}`, {
        version: known.current,
        ...body,
      })
      known.current = answer.version
      setTold(answer.told)
      setDone(path === '' ? answer.version : undefined)
      return true
    } catch (error) {
      setWrong((error as Error).message)
      return false
    }
  }
  // Presses quicker than the line take their turn, each on what the one before has made of the room.
  const inTurn = (path: string, body: object) => {
    const posted = before.current.then(() => post(path, body))
    before.current = posted
    return posted
  }
  return { send: (change) => inTurn('', { change }), takeBack: () => inTurn('/undo', {}), told, undoable: done === version, wrong }
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
        <p role="alert" className="run-wrong">
          {wrong}
        </p>
      )}
    </>
  )
}
