import { z } from 'zod'
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

export const kindOf: Record<CueKind, SoundKind> = { three: 'count', two: 'count', one: 'count', change: 'change', finish: 'change', changeOver: 'sides', half: 'half', lastTen: 'lastTen', next: 'next', lastLap: 'lastLap', tempo: 'tempo' }

const Kind = z.object({ on: z.boolean(), volume: z.number().min(0).max(1) })

/** How this screen sounds: tones, voice, and each kind of cue with its own volume. */
const SoundSettings = z.object({ tones: z.boolean(), voice: z.boolean(), kinds: z.record(z.enum(soundKinds), Kind) })
export type SoundSettings = z.infer<typeof SoundSettings>

export const usualSound: SoundSettings = {
  tones: true,
  voice: false,
  kinds: Object.fromEntries(soundKinds.map((kind) => [kind, { on: kind !== 'half' && kind !== 'lastTen', volume: 0.7 }])) as SoundSettings['kinds'],
}

const key = 'vicinor-sound'

/** As it was last set on this device; as usual where nothing sound is kept. */
export function readSound(): SoundSettings {
  try {
    const found = SoundSettings.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null'))
    return found.success ? found.data : usualSound
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
