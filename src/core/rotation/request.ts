import { z } from 'zod'
import { GroupSize } from '../grouping/group-size'
import { groupCount, makeGroups } from '../grouping/groups'
import { nameField, wholeNumber } from '../base/fields'
import { limits } from '../base/limits'
import { success, type Result } from '../base/result'
import { outcomeOf } from './outcome'
import { recommended, type Recommendation } from './recommend'
import type { Guarantee } from './rotation'
import { defaultChoice, isMixing, quickRules, RotationChoice, rotationBy } from './rule'

/** A rotation asked for in plain JSON: how many people or who, how many stations, and how often they move. */
export const RotationRequest = z.strictObject({
  people: z.union([wholeNumber(1, limits.people, 'people'), z.array(nameField(40)).min(1).max(limits.people)], {
    error: `must be a number from 1 to ${limits.people}, or a list of names`,
  }),
  stations: wholeNumber(1, limits.stations, 'stations'),
  turns: wholeNumber(1, limits.turns, 'turns').optional(),
  groupSize: GroupSize.default('pairs'),
  rule: RotationChoice.shape.rule.default('loop'),
  step: RotationChoice.shape.step,
})
export type RotationRequest = z.infer<typeof RotationRequest>

export interface RotationAnswer {
  say: string
  guarantees: Guarantee[]
  recommended: Recommendation
  /** Groups as they begin; under a rule that changes partners they part at the first move. */
  groups: string[][]
  /** `table[turn][station]` names who is there. */
  table: string[][][]
}

/** Answers a request; `turns` left out means one lap. Fails in words where the rule cannot be had. */
export function answerRotation(request: RotationRequest): Result<RotationAnswer> {
  const { people, rule, step } = request
  const names = typeof people === 'number' ? Array.from({ length: people }, (_, index) => `Person ${index + 1}`) : people
  const groups = makeGroups(names, request.groupSize, request.stations)
  const units = isMixing(rule) ? names.map((name) => [name]) : groups
  const stations = Array.from({ length: request.stations }, () => ({ span: 1 as const, rest: false }))
  const turns = request.turns ?? request.stations
  const size = groupCount(request.groupSize)
  const rotation = rotationBy(
    { rule, ...(step && { step }) },
    stations,
    units.map((unit) => unit.length),
    turns,
    size,
  )
  if (!rotation.ok) return rotation
  const { say, guarantees, turns: table } = rotation.value
  const outcomes = quickRules.map((candidate) => {
    const sizes = isMixing(candidate) ? names.map(() => 1) : groups.map((group) => group.length)
    return outcomeOf(candidate, rotationBy(defaultChoice(candidate, stations.length), stations, sizes, turns, size), sizes, stations.length)
  })
  return success({
    say,
    guarantees,
    recommended: recommended(outcomes, { stations, people: names.length, size }),
    groups,
    table: table.map((turn) => turn.map((here) => here.flatMap((unit) => units[unit]!))),
  })
}
