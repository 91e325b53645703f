import { z } from 'zod'
import { GroupSize } from '../hall/class-document'
import { makeGroups } from '../grouping/groups'
import { nameField, wholeNumber } from '../plan/fields'
import { limits } from '../plan/limits'
import { failure, problem, success, type Result } from '../result'
import { loopRotation, type Guarantee } from './loop'

/** A rotation asked for in plain JSON: how many people or who, how many stations, and how often they move. */
export const RotationRequest = z.strictObject({
  people: z.union([wholeNumber(1, limits.people, 'people'), z.array(nameField(40)).min(1).max(limits.people)], {
    error: `must be a number from 1 to ${limits.people}, or a list of names`,
  }),
  stations: wholeNumber(1, limits.stations, 'stations'),
  turns: wholeNumber(1, limits.turns, 'turns').optional(),
  groupSize: GroupSize.default('pairs'),
  rule: z.enum(['loop', 'loopByK', 'twoFiles', 'hostAndTraveller', 'fullMix']).default('loop'),
})
export type RotationRequest = z.infer<typeof RotationRequest>

export interface RotationAnswer {
  say: string
  guarantees: Guarantee[]
  groups: string[][]
  /** `table[turn][station]` names who is there. */
  table: string[][][]
}

/** Answers a request; `turns` left out means one lap. Fails with `notYet` for rules other than the loop. */
export function answerRotation(request: RotationRequest): Result<RotationAnswer> {
  if (request.rule !== 'loop') return failure(problem('notYet', `rule "${request.rule}" cannot be computed yet: use "loop"`, 'rule'))
  const { people } = request
  const names = typeof people === 'number' ? Array.from({ length: people }, (_, index) => `Person ${index + 1}`) : people
  const groups = makeGroups(names, request.groupSize, request.stations)
  const stations = Array.from({ length: request.stations }, () => ({ span: 1 as const, rest: false, capacity: undefined }))
  const rotation = loopRotation(stations, groups.map((group) => group.length), request.turns ?? request.stations)
  if (!rotation.ok) return rotation
  const { say, guarantees, turns } = rotation.value
  return success({ say, guarantees, groups, table: turns.map((turn) => turn.map((here) => here.flatMap((group) => groups[group]!))) })
}
