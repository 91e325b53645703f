import type { WeightUnit } from '../library/weight'
import { betterOf, differenceWords, ranked } from './rank'
import type { Outcome } from './outcome'
import { didOtherwise, whatDiffers, type TaskDone } from './task'

/** Somebody's result of a task. */
export interface Done extends TaskDone {
  personId: string
  outcome: Outcome
}

/** Beside those of others at the same time: only among those of the same task, option and standard. */
export interface Placed {
  /** Among those who can be compared; absent for effort, and for who has nobody to be compared with. */
  rank?: number
  /** To the first of them. */
  toFirst?: string
  /** What they did otherwise than the most, who are ranked; empty where they are one of them. */
  differs: string[]
}

/**
 * Everyone's place in a result list, in the order given. Who did as most did is ranked among those; of another, what differs is
 * said, and there is no rank.
 */
export function placed(list: readonly Done[], unit?: WeightUnit): Placed[] {
  const alike = groupsAlike(list)
  const most = alike.toSorted((a, b) => b.length - a.length)[0] ?? []
  const ranks = new Map(most.length > 1 && most[0]!.task.measure !== 'effort' ? ranked(most).map((one) => [one.personId, one]) : [])
  const first = [...ranks.values()][0]
  return list.map((one) => {
    const own = ranks.get(one.personId)
    const differs = most[0] ? didOtherwise(most[0], one) : []
    if (!own || !first) return { differs }
    const toFirst = own.rank === 1 ? '' : differenceWords(own.outcome, first.outcome, unit)
    return { rank: own.rank, ...(toFirst && { toFirst }), differs }
  })
}

/** Those between whom nothing differs, together. */
function groupsAlike(list: readonly Done[]): Done[][] {
  const groups: Done[][] = []
  for (const one of list) {
    const mine = groups.find(([other]) => whatDiffers(other!, one).length === 0)
    if (mine) mine.push(one)
    else groups.push([one])
  }
  return groups
}

/** Beside one's own of before. */
export interface Before<Earlier extends Done> {
  last?: Earlier
  toLast?: string
  best?: Earlier
  toBest?: string
  /** Better than every time before. */
  isBest: boolean
  /** Where nothing before can be compared: what was otherwise the last time. */
  differs: string[]
}

/** A result beside those of the same person before, the latest first. */
export function besideBefore<Earlier extends Done>(now: Done, earlier: readonly Earlier[], unit?: WeightUnit): Before<Earlier> {
  const same = earlier.filter((then) => whatDiffers(now, then).length === 0)
  const [last] = same
  if (!last) return { isBest: false, differs: earlier[0] ? whatDiffers(now, earlier[0]) : [] }
  const best = same.reduce((found, then) => (betterOf(then.outcome, found.outcome) < 0 ? then : found), last)
  return {
    last,
    toLast: differenceWords(now.outcome, last.outcome, unit),
    best,
    toBest: differenceWords(now.outcome, best.outcome, unit),
    isBest: betterOf(now.outcome, best.outcome) < 0,
    differs: [],
  }
}
