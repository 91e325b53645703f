import { emptyStation } from './edit'
import type { Plan } from './plan'

/** A plan to begin with: `count` empty stations, 40 s of work and 15 s to move, two laps with a minute between. */
export function starterPlan(name: string, slotSeconds: number, count: number, newId: () => string): Plan {
  return {
    id: newId(),
    name,
    slotSeconds,
    parts: [
      {
        id: newId(),
        repeat: 1,
        restBetweenSeconds: 0,
        optional: false,
        vary: [],
        pieces: [
          {
            id: newId(),
            type: 'circuit',
            name: 'Stations',
            travel: 'rotate',
            stations: Array.from({ length: count }, () => emptyStation(newId())),
            laps: 2,
            lapRestSeconds: 60,
            transition: { seconds: 15, how: 'walk' },
            stay: { kind: 'intervals', workSeconds: [40], gapSeconds: 0, sets: 1, setRestSeconds: 0 },
            pairs: 'both',
            lastGap: 'keep',
            vary: [],
          },
        ],
      },
    ],
  }
}
