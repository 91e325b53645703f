import { useState } from 'react'
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

  const send = async (command: Command): Promise<void> => {
    if (busy) return
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
      setBusy(false)
    }
  }

  return { send, trouble, busy }
}
