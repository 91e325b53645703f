import { z } from 'zod'
import { wholeNumber } from '../base/fields'
import type { Station } from '../plan/plan'
import { failure, problem, type Result } from '../base/result'
import { fullMix } from './full-mix'
import { hostAndTraveller } from './host-traveller'
import { loopRotation, noRoom } from './loop'
import { loopByK, reachingSteps } from './loop-by-k'
import type { Rotation } from './rotation'
import { mixedGroups, mixedSizes } from './trios'
import { twoFiles } from './two-files'
import { wholeClass } from './whole-class'

/** The rules by which a room can move. */
export const Rule = z.enum(['loop', 'loopByK', 'twoFiles', 'hostAndTraveller', 'fullMix', 'wholeClass', 'mixedGroups'])
export type Rule = z.infer<typeof Rule>

/** Which rule a circuit follows; `step` is for the loop by k. */
export const RotationChoice = z.strictObject({ rule: Rule, step: wholeNumber(1, 40).optional() })
export type RotationChoice = z.infer<typeof RotationChoice>

export const ruleNames: Record<Rule, string> = {
  loop: 'Stay together',
  loopByK: 'Stay together, skip ahead',
  twoFiles: 'New partner each turn',
  hostAndTraveller: 'One stays, one moves',
  fullMix: 'Every station, every partner',
  wholeClass: 'Everyone with everyone',
  mixedGroups: 'New trios or fours',
}

export const ruleWords: Record<Rule, string> = {
  loop: 'Every group moves to the next station, and stays together.',
  loopByK: 'Every group moves several stations on: those side by side in the room do not follow each other.',
  twoFiles: 'One partner moves up, the other down: a new partner every turn, told in a sentence.',
  hostAndTraveller: 'One partner stays at home for a lap and shows the station; the other travels.',
  fullMix: 'Every station once and every partner who moves the other way once. Told by wall and card.',
  wholeClass: 'Everyone with everyone once, nobody over twice at a station. Told by wall and card.',
  mixedGroups: 'New groups every turn, with as few repeats as can be found. Told by wall and card.',
}

/** Whether people change partners under the rule: then its units are people, not groups. */
export const isMixing = (rule: Rule): boolean => rule !== 'loop' && rule !== 'loopByK'

/** Found at once; groups that mix are searched for. */
export const quickRules = Rule.options.filter((rule) => rule !== 'mixedGroups')

/** A rule as it is chosen first: several stations on as many as reach every station. */
export function defaultChoice(rule: Rule, stations: number): RotationChoice {
  if (rule !== 'loopByK') return { rule }
  return { rule, step: reachingSteps(stations).find((step) => step > 1 && step < stations - 1) ?? 1 }
}

export type RotatingStation = Pick<Station, 'span' | 'rest' | 'capacity'>

/** People who are at one station at once. */
function mostAtOnce(rule: Rule, sizes: readonly number[], stations: number, size: number): number {
  if (!isMixing(rule)) return Math.max(0, ...sizes)
  if (rule === 'mixedGroups') return Math.max(0, ...mixedSizes(sizes.length, size, stations))
  return 2 * Math.ceil(sizes.length / (2 * stations))
}

/**
 * The rotation of `stations` by a rule. `sizes` are people per unit: of each group for the two loops, 1 for each person for the
 * others. `size` is the group size wanted where groups are mixed. Fails in words where a rule cannot be had.
 */
export function rotationBy(
  { rule, step }: RotationChoice,
  stations: readonly RotatingStation[],
  sizes: readonly number[],
  turns: number,
  size: number,
): Result<Rotation> {
  const count = stations.length
  if (rule === 'loop') return loopRotation(stations, sizes, turns)
  if (stations.some((station) => station.span === 2))
    return failure(
      problem('spanNeedsLoop', 'A station of two turns needs groups that stay together. Make it one turn, or stay together.', 'rule'),
    )
  if (count < 2) return failure(problem('oneStation', 'There is one station only: nobody moves. Stay together.', 'rule'))
  const most = mostAtOnce(rule, sizes, count, size)
  const tight = stations.findIndex((station) => station.capacity !== undefined && station.capacity < most)
  if (tight >= 0 && sizes.length > 0)
    return failure(
      problem(
        'overCapacity',
        `Station ${tight + 1} holds ${stations[tight]!.capacity}, fewer than come to it at once.`,
        `stations[${tight}].capacity`,
      ),
    )
  if (rule === 'loopByK') return noRoom(stations, sizes, count) ?? loopByK(count, sizes.length, turns, step ?? 1)
  if (rule === 'twoFiles') return twoFiles(count, sizes.length, turns)
  if (rule === 'hostAndTraveller') return hostAndTraveller(count, sizes.length, turns)
  if (rule === 'fullMix') return fullMix(count, sizes.length, turns)
  if (rule === 'wholeClass') return wholeClass(count, sizes.length, turns)
  return mixedGroups(count, sizes.length, turns, size)
}
