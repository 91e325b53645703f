export interface Tone {
  hertz: number
  seconds: number
}

/** Of a tone at full volume. */
const loudness = 0.5

/** Sounds some tones one after the other, so many milliseconds from now, on the audio clock. */
export function beep(audio: AudioContext, steps: readonly Tone[], inMs: number, volume: number): OscillatorNode[] {
  // What can be heard is behind what is computed by the output's latency.
  let start = audio.currentTime + inMs / 1000 - (audio.outputLatency || 0)
  return steps.map(({ hertz, seconds }) => {
    const oscillator = new OscillatorNode(audio, { type: 'triangle', frequency: hertz })
    const gain = new GainNode(audio, { gain: 0 })
    const begin = Math.max(start, audio.currentTime)
    gain.gain.setValueAtTime(0, begin)
    gain.gain.linearRampToValueAtTime(loudness * volume, begin + 0.008)
    gain.gain.setValueAtTime(loudness * volume, begin + seconds - 0.03)
    gain.gain.linearRampToValueAtTime(0, begin + seconds)
    oscillator.connect(gain).connect(audio.destination)
    oscillator.start(begin)
    oscillator.stop(begin + seconds)
    start += seconds + 0.04
    return oscillator
  })
}

/** Whether this browser can say anything. */
export const hasVoice = (): boolean => typeof speechSynthesis !== 'undefined' && speechSynthesis.getVoices().length > 0

export function say(text: string, volume: number): void {
  // What is still being said is late by now.
  speechSynthesis.cancel()
  const utterance = new SpeechSynthesisUtterance(text)
  utterance.lang = 'en'
  utterance.volume = volume
  utterance.rate = 1.1
  speechSynthesis.speak(utterance)
}

/** A beep and, where the browser has a voice, a word: to hear whether this device is heard. */
export function tryOut(audio: AudioContext, word: string): void {
  beep(audio, [{ hertz: 784, seconds: 0.5 }], 0, 1)
  if (hasVoice()) setTimeout(() => say(word, 1), 700)
}
