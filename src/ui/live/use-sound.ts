import { useCallback, useEffect, useState } from 'react'
import { CueSpeaker } from './cue-speaker'
import { keepSound, readSound, usualSound, type SoundSettings } from './sound-settings'
import type { LiveRun } from './use-run'

/** The screen's own sound, of the room or of a station (from 0): off until somebody presses for it, as browsers demand. */
export function useSound({ feed, clock }: Pick<LiveRun, 'feed' | 'clock'>, station?: number) {
  const [speaker] = useState(() => new CueSpeaker(feed, clock, station))
  const [on, setOn] = useState(false)
  const [settings, setSettings] = useState(usualSound)
  useEffect(() => {
    setSettings(readSound())
    return () => speaker.turnOff()
  }, [speaker])
  const turn = async (to: boolean) => {
    if (to) setOn(await speaker.turnOn())
    else {
      speaker.turnOff()
      setOn(false)
    }
  }
  const change = (to: SoundSettings) => {
    setSettings(to)
    keepSound(to)
    speaker.set(to)
  }
  const check = useCallback((word: string) => speaker.check(word), [speaker])
  return { on, turn, settings, change, check }
}
