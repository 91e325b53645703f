import { z } from 'zod'
import { computeClass, type HallLibrary } from '../../class/compute'
import { GroupSize } from '../../grouping/group-size'
import { Exercise } from '../../library/exercise'
import { GearKind } from '../../library/gear-kind'
import { Person } from '../../library/person'
import { limits } from '../../base/limits'
import { Plan } from '../../plan/plan'
import { failure, success, type Result } from '../../base/result'
import type { GearCount } from '../count'

/** A gear count asked for in plain JSON. Exercises and gear left out are the hall's own. */
export const GearRequest = z.strictObject({
  plan: Plan,
  people: z.array(Person).max(limits.people, `has at most ${limits.people} people`),
  groupSize: GroupSize.default('pairs'),
  exercises: z.array(Exercise).max(2000).optional(),
  gear: z.array(GearKind).max(500).optional(),
})
export type GearRequest = z.infer<typeof GearRequest>

export function answerGearCount(request: GearRequest, hall: Pick<HallLibrary, 'exercises' | 'gear'>): Result<GearCount> {
  const { plan, people, groupSize } = request
  const document = { name: plan.name, startsAt: '', roomId: '', plan, here: people.map((person) => person.id), walkIns: people, groupSize }
  const computed = computeClass(document, { people, exercises: request.exercises ?? hall.exercises, gear: request.gear ?? hall.gear })
  return computed.problems.length > 0 ? failure(...computed.problems) : success(computed.gear)
}
