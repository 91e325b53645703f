import { useEffect, useState } from 'react'
import { CueSpeaker } from './cue-speaker'
import type { LiveRun } from './use-run'

/** The screen's own sound: off until somebody presses for it, as browsers demand. */
export function useSound({ feed, clock }: LiveRun) {
  const [speaker] = useState(() => new CueSpeaker(feed, clock))
  const [on, setOn] = useState(false)
  useEffect(() => () => speaker.turnOff(), [speaker])
  const turn = async (to: boolean) => {
    if (to) setOn(await speaker.turnOn())
    else {
      speaker.turnOff()
      setOn(false)
    }
  }
  return { on, turn }
}
