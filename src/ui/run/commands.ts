import { useEffect, useState } from 'react'
import type { AskedCommand, CommandRequest } from '@core/run/clock/events'
import { isTap } from '@core/run/clock/is-tap'
import { api } from '../kit/api'
import type { RunFeed } from '../live/run-feed'
import { TapLine, type TapState } from '../live/tap-line'
import { tapStore } from '../live/tap-store'
import type { Taken } from '../live/taken'
import { CommandLine } from './command-line'
import { thisDevice } from '../kit/device'

/** A line that is half dead neither answers nor fails. */
const patienceMs = 4000

/** The controls' line to the run: what they send, and what has become of it. */
export function useCommands(runId: string, feed: RunFeed) {
  const [trouble, setTrouble] = useState<string>()
  const [taps, setTaps] = useState<TapState>({ waiting: [], lost: false })
  const [device] = useState(thisDevice)
  const [lines] = useState(() => {
    const post = (request: CommandRequest) =>
      api<Taken>('POST', `/api/runs/${runId}/commands`, request, {
        signal: AbortSignal.timeout(patienceMs),
        keepalive: isTap(request.command),
      })
    return {
      commands: new CommandLine(feed, post, setTrouble, undefined, device.id),
      taps: new TapLine(feed, post, setTaps, tapStore(runId)),
    }
  })
  useEffect(() => void lines.taps.resume(), [lines])
  const takeOver = () => lines.commands.send({ type: 'takeOver', device: device.id, name: device.name })
  const send = (command: AskedCommand) => {
    if (isTap(command)) return lines.taps.add(command)
    // Whoever presses first holds the controls.
    if (feed.get().progress.holder === undefined && command.type !== 'stop') void takeOver()
    return lines.commands.send(command)
  }
  return { send, takeOver, device, trouble: trouble ?? taps.trouble, taps }
}
