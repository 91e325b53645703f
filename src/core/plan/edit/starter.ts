import { emptyStations, intervals, plainCircuit, plainPart, rotate, type NewId } from './make'
import type { Plan } from '../plan'

/** A plan to begin with: `count` empty stations, 40 s of work and 15 s to move, two laps with a minute between. */
export const starterPlan = (name: string, slotSeconds: number, count: number, newId: NewId): Plan => ({
  id: newId(),
  name,
  slotSeconds,
  parts: [plainPart(newId, [plainCircuit(newId, 'Stations', emptyStations(newId, count), intervals([40]), rotate(15, 2, 60))])],
})
