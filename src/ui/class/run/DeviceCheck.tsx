import { Button } from '@mantine/core'
import { useState } from 'react'
import { hasVoice, tryOut } from '../../live/beep'

/** What will be looked at before the start, and whether this device can be heard and stays awake. */
export function DeviceCheck() {
  const [tried, setTried] = useState(false)
  const sound = async () => {
    const audio = new AudioContext()
    await audio.resume()
    tryOut(audio, 'Vicinor')
    setTried(true)
  }
  return (
    <>
      <h2>In the room, in a minute</h2>
      <ol className="second">
        <li>Run class, and on a television its wall: by link, or by the code it shows.</li>
        <li>Press “Check all screens”: each says which it is, beeps, and tells whether it stays awake and how far it reads.</li>
        <li>Show the code for cards, and start.</li>
      </ol>
      <Button size="xs" variant="default" onClick={() => void sound()}>
        Try this device’s sound
      </Button>
      <p className="second" role="status">
        {tried && `You should have heard a beep${hasVoice() ? ' and a word' : '; this device has no voice, so cues are tones'}. `}
        {'wakeLock' in navigator
          ? 'This device stays awake while a screen of the class is open on it.'
          : 'This page came without HTTPS: a screen stays awake only after a press on it. Set the device itself never to sleep.'}
      </p>
    </>
  )
}
