import { useRef, useState } from 'react'
// The browser's own exists only on secure pages; a hall's tablet may come by plain HTTP.
import { v4 as uuid } from 'uuid'
import type { Command, RunEvent } from '@core/run/events'
import { api, ApiError } from '../kit/api'
import type { RunFeed } from '../live/run-feed'

/**
 * Sends commands, each with an id of its own and the sequence number that this screen has seen. When the line is lost
 * the same command is sent again under the same id, so that it counts once.
 */
export function useCommands(runId: string, feed: RunFeed) {
  const [trouble, setTrouble] = useState<string>()
  const [busy, setBusy] = useState(false)
  /** The command under way, whether another waits for its answer, and whether the line is lost. */
  const line = useRef({ under: Promise.resolve(), waits: false, lost: false })

  /** A press that comes before the last one is answered waits for it; a third, or one on a lost line, does nothing: late it would surprise the room. */
  const send = async (command: Command): Promise<void> => {
    const { current } = line
    if (current.waits || current.lost) return
    current.waits = true
    await current.under
    current.waits = false
    current.under = sendNow(command)
    await current.under
  }

  const sendNow = async (command: Command): Promise<void> => {
    setBusy(true)
    setTrouble(undefined)
    const request = { id: uuid(), expectedSequence: feed.get().progress.sequence, who: 'Coach', command }
    try {
      for (let attempt = 0; ; attempt++) {
        try {
          const { event } = await api<{ event: RunEvent }>('POST', `/api/runs/${runId}/commands`, request)
          feed.take([event])
          return
        } catch (error) {
          const lost = error instanceof ApiError && (error.status === 0 || error.status === 503)
          if (!lost || attempt >= 4) throw error
          line.current.lost = true
          setTrouble('No answer yet: trying again …')
          await new Promise((resolve) => setTimeout(resolve, 250 * 2 ** attempt))
        } finally {
          if (attempt > 0) setTrouble(undefined)
        }
      }
    } catch (error) {
      if (error instanceof ApiError) {
        if (Array.isArray(error.body.events)) feed.take(error.body.events as RunEvent[])
        setTrouble(error.message)
      } else setTrouble('That did not work.')
    } finally {
      line.current.lost = false
      setBusy(false)
    }
  }

  return { send, trouble, busy }
}
