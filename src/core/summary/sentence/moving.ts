import type { GroupSize } from '../../grouping/group-size'
import type { Rule, RotationChoice } from '../../rotation/rule'

/** Who moves in a class, and how. */
export interface Moving {
  size: GroupSize
  choice: RotationChoice
}

/** Those who move together, as the subject of a sentence. */
export const whoWords: Record<GroupSize, string> = {
  solo: 'everyone',
  pairs: 'pairs',
  trios: 'trios',
  fours: 'fours',
  fit: 'groups',
}

const ruleWords: Record<Exclude<Rule, 'loop' | 'loopByK'>, string> = {
  twoFiles: 'a new partner each turn',
  hostAndTraveller: 'one stays, one moves',
  fullMix: 'every station with every partner',
  wholeClass: 'everyone with everyone',
  mixedGroups: 'new trios or fours each turn',
}

/** Whether the rule moves groups as they are, so that the sentence says who moves. */
export const saysWho = (rule: Rule): rule is 'loop' | 'loopByK' => rule === 'loop' || rule === 'loopByK'

/** What they do between two turns: "move on to the next", "a new partner each turn". */
export function movesWords(size: GroupSize, { rule, step }: RotationChoice): string {
  if (!saysWho(rule)) return ruleWords[rule]
  const move = size === 'solo' ? 'moves on' : 'move on'
  return rule === 'loop' ? `${move} to the next` : `${move} by ${step ?? 1}`
}

/** Where nothing is known of the class. */
export const anybody: Moving = { size: 'solo', choice: { rule: 'loop' } }
