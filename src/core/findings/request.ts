import type { z } from 'zod'
import { computeClass, type HallLibrary } from '../class/compute'
import { GearRequest } from '../gear/lists/request'
import { Room } from '../library/room'
import type { Finding } from './rules/finding'
import { judge } from './judge'

/** A judgement asked for in plain JSON: the plan and who comes; what is left out is the hall's own. */
export const FindingsRequest = GearRequest.extend({ people: GearRequest.shape.people.default([]), room: Room.optional() })
export type FindingsRequest = z.infer<typeof FindingsRequest>

/** A finding without what it takes to apply its fix: only the fix's words. */
export type FindingAnswer = Omit<Finding, 'fix'> & { fix?: string }

export function answerFindings(request: FindingsRequest, hall: HallLibrary): FindingAnswer[] {
  const { plan, people, groupSize, room } = request
  const document = {
    name: plan.name,
    startsAt: '',
    roomId: room?.id ?? '',
    plan,
    here: people.map((person) => person.id),
    walkIns: people,
    groupSize,
  }
  const library: HallLibrary = { ...hall, people, exercises: request.exercises ?? hall.exercises, gear: request.gear ?? hall.gear }
  let made = 0
  const findings = judge({ document, computed: computeClass(document, library), library, room, newId: () => `new-${++made}` })
  return findings.map(({ fix, ...finding }) => ({ ...finding, ...(fix && { fix: fix.label }) }))
}
