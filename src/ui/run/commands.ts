import { useState } from 'react'
import type { Command, CommandRequest } from '@core/run/events'
import { isTap } from '@core/run/taps'
import { api } from '../kit/api'
import type { RunFeed } from '../live/run-feed'
import { CommandLine, type LineState, type Taken } from './command-line'
import { TapLine, type TapState } from './tap-line'

/** A line that is half dead neither answers nor fails. */
const patienceMs = 4000

/** The controls' line to the run: what they send, and what has become of it. */
export function useCommands(runId: string, feed: RunFeed) {
  const [{ busy, trouble }, setState] = useState<LineState>({ busy: false })
  const [taps, setTaps] = useState<TapState>({ waiting: [], lost: false })
  const [lines] = useState(() => {
    const post = (request: CommandRequest) => api<Taken>('POST', `/api/runs/${runId}/commands`, request, { signal: AbortSignal.timeout(patienceMs) })
    return { commands: new CommandLine(feed, post, setState), taps: new TapLine(feed, post, setTaps) }
  })
  const send = (command: Command) => (isTap(command) ? lines.taps.add(command) : lines.commands.send(command))
  return { send, busy, trouble: trouble ?? taps.trouble, taps }
}
