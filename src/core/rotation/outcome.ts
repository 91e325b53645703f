import type { Result } from '../base/result'
import { elsewhere, type Rotation } from './rotation'
import type { Rule } from './rule'

/** What a rule gives a class, counted in its own table. */
export interface RuleOutcome {
  rule: Rule
  /** Why it cannot be had. */
  problem?: string
  /** Turns in which somebody is at a station alone, summed over people. */
  alone: number
  /** Turns in which somebody has no station. */
  waiting: number
  /** Stations that people never come to, summed over people. */
  missed: number
  /** Different partners that one person has: of whoever has fewest, and most. */
  partners: [least: number, most: number]
}

/** `sizes` are people per unit: of each group under the loops, 1 for each person under the rules that mix. */
export function outcomeOf(rule: Rule, rotation: Result<Rotation>, sizes: readonly number[], stations: number): RuleOutcome {
  const none: RuleOutcome = { rule, alone: 0, waiting: 0, missed: 0, partners: [0, 0] }
  if (!rotation.ok) return { ...none, problem: rotation.problems[0]!.message }
  const { paths } = rotation.value
  const turns = Math.max(0, ...paths.map((path) => path.length))
  const outcome = none
  const met = sizes.map(() => new Set<number>())
  for (let turn = 0; turn < turns; turn++) {
    const here = new Map<number, number[]>()
    sizes.forEach((size, unit) => {
      const station = paths[unit]?.[turn] ?? elsewhere
      if (station === elsewhere) outcome.waiting += size
      else here.set(station, [...(here.get(station) ?? []), unit])
    })
    for (const together of here.values()) {
      if (together.reduce((sum, unit) => sum + sizes[unit]!, 0) === 1) outcome.alone++
      for (const one of together) for (const other of together) if (one !== other) met[one]!.add(other)
    }
  }
  sizes.forEach(
    (size, unit) => (outcome.missed += size * (stations - new Set(paths[unit]!.filter((station) => station !== elsewhere)).size)),
  )
  const partners = sizes.map((size, unit) => [...met[unit]!].reduce((sum, other) => sum + sizes[other]!, size - 1))
  return { ...outcome, partners: sizes.length > 0 ? [Math.min(...partners), Math.max(...partners)] : [0, 0] }
}

/** What goes wrong under it, in turns and stations of one person. */
export const lossOf = ({ alone, waiting, missed }: RuleOutcome, worksAlone = false): number => (worksAlone ? 0 : alone) + waiting + missed

const count = (value: number, one: string) => `${value} ${value === 1 ? one : `${one}s`}`

/** In a few words: what one has to know before one chooses it. */
export function outcomeWords({ problem, alone, waiting, missed, partners: [least, most] }: RuleOutcome, worksAlone = false): string {
  if (problem !== undefined) return 'not with these numbers'
  const partners = least === most ? count(least, 'partner') : `${least} to ${most} partners`
  return [
    ...(worksAlone ? [] : [`${partners} each`]),
    ...(alone > 0 && !worksAlone ? [`${count(alone, 'turn')} alone`] : []),
    ...(waiting > 0 ? [`${count(waiting, 'turn')} without a station`] : []),
    missed > 0 ? `${count(missed, 'station')} missed` : 'every station',
  ].join(' · ')
}
