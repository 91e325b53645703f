import { useState } from 'react'
import type { Command } from '@core/run/events'
import { api } from '../kit/api'
import type { RunFeed } from '../live/run-feed'
import { CommandLine, type LineState, type Taken } from './command-line'

/** A line that is half dead neither answers nor fails. */
const patienceMs = 4000

/** The controls' line to the run: what they send, and what has become of it. */
export function useCommands(runId: string, feed: RunFeed) {
  const [{ busy, trouble }, setState] = useState<LineState>({ busy: false })
  const [line] = useState(() => new CommandLine(feed, (request) => api<Taken>('POST', `/api/runs/${runId}/commands`, request, { signal: AbortSignal.timeout(patienceMs) }), setState))
  const send = (command: Command) => line.send(command)
  return { send, busy, trouble }
}
