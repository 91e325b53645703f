import type { CueKind } from '@core/timeline/cues'

/** What can be turned on and off by itself. */
export const soundKinds = ['count', 'change', 'sides', 'half', 'lastTen', 'next', 'lastLap', 'tempo'] as const
export type SoundKind = (typeof soundKinds)[number]

export const soundNames: Record<SoundKind, string> = {
  count: 'Three, two, one',
  change: 'The change',
  sides: 'Change sides or partners',
  half: 'Half way',
  lastTen: 'Last ten seconds',
  next: 'What comes next',
  lastLap: 'Last lap',
  tempo: 'Counting the tempo or the reps',
}

export const kindOf: Record<CueKind, SoundKind> = {
  three: 'count',
  two: 'count',
  one: 'count',
  change: 'change',
  finish: 'change',
  changeOver: 'sides',
  half: 'half',
  lastTen: 'lastTen',
  next: 'next',
  lastLap: 'lastLap',
  tempo: 'tempo',
}

/** How this screen sounds: tones, voice, and each kind of cue with its own volume, from 0 to 1. */
export interface SoundSettings {
  tones: boolean
  voice: boolean
  kinds: Record<SoundKind, { on: boolean; volume: number }>
}

export const usualSound: SoundSettings = {
  tones: true,
  voice: false,
  kinds: Object.fromEntries(
    soundKinds.map((kind) => [kind, { on: kind !== 'half' && kind !== 'lastTen', volume: 0.7 }]),
  ) as SoundSettings['kinds'],
}

const key = 'vicinor-sound'

/** As it was last set on this device; as usual where nothing is kept. */
export function readSound(): SoundSettings {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Partial<SoundSettings> | null
    return { ...usualSound, ...kept, kinds: { ...usualSound.kinds, ...kept?.kinds } }
  } catch {
    return usualSound
  }
}

export function keepSound(settings: SoundSettings): void {
  try {
    localStorage.setItem(key, JSON.stringify(settings))
  } catch {
    // A device that keeps nothing is set anew next time.
  }
}
