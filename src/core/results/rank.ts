import { showWeight, type WeightUnit } from '../library/weight'
import { tenthsWords, valueWords } from './words'
import type { Outcome, Value } from './outcome'

/**
 * How much better one outcome is than another of the same task: below 0, the first is; 0, they tie. Who finished comes before who
 * did not, a shorter time before a longer one, more before less. Effort is not a contest: all tie.
 */
export function betterOf(one: Outcome, other: Outcome): number {
  const [a, b] = [score(one), score(other)]
  const at = a.findIndex((figure, index) => figure !== b[index])
  return at < 0 ? 0 : b[at]! - a[at]!
}

/** Figures to compare in turn, the larger the better. */
function score({ value, didNotFinish }: Outcome): [finished: number, ...figures: number[]] {
  const finished = didNotFinish ? 0 : 1
  if (!value) return [finished, -1, -1]
  switch (value.measure) {
    case 'time':
      return didNotFinish ? [0, 0, value.tenths] : [2, -value.tenths, 0]
    case 'rounds':
      return [finished, value.rounds, value.reps]
    case 'reps':
      return [finished, value.reps, 0]
    case 'load':
      return [finished, value.kilograms, 0]
    case 'effort':
      return [finished, 0, 0]
  }
}

/** With their rank, the first first: who ties shares a rank, and the next ranks are left out: 1, 2, 2, 4. */
export function ranked<Entry extends { outcome: Outcome }>(entries: readonly Entry[]): (Entry & { rank: number })[] {
  const sorted = [...entries].sort((a, b) => betterOf(a.outcome, b.outcome))
  const ranks: number[] = []
  sorted.forEach((entry, index) => {
    const tied = index > 0 && betterOf(sorted[index - 1]!.outcome, entry.outcome) === 0
    ranks.push(tied ? ranks[index - 1]! : index + 1)
  })
  return sorted.map((entry, index) => ({ ...entry, rank: ranks[index]! }))
}

/**
 * By how much an outcome is off another, in words: `+0:12.4`, `−2 + 4`, `+5 kg`; `same` where it is not. Nothing where one is
 * without a value, or in another measure.
 */
export function differenceWords(one: Outcome, other: Outcome, unit: WeightUnit = 'kg'): string {
  const [a, b] = [one.value, other.value]
  if (!a || !b || Boolean(one.didNotFinish) !== Boolean(other.didNotFinish)) return ''
  const difference = differenceOf(a, b, unit)
  if (!difference) return ''
  const [less, words] = difference
  return words === '' ? 'same' : `${less ? '−' : '+'}${words}`
}

function differenceOf(a: Value, b: Value, unit: WeightUnit): [less: boolean, words: string] | undefined {
  if (a.measure === 'time' && b.measure === 'time') {
    const by = a.tenths - b.tenths
    return [by < 0, by === 0 ? '' : tenthsWords(by)]
  }
  if (a.measure === 'rounds' && b.measure === 'rounds') return roundsBetween(a, b)
  if (a.measure === 'load' && b.measure === 'load') {
    const by = a.kilograms - b.kilograms
    return [by < 0, by === 0 ? '' : showWeight(Math.abs(by), unit)]
  }
  if (a.measure === 'reps' && b.measure === 'reps') return plainBetween(a.reps - b.reps)
  if (a.measure === 'effort' && b.measure === 'effort') return plainBetween(a.effort - b.effort)
  return undefined
}

const plainBetween = (by: number): [boolean, string] => [by < 0, by === 0 ? '' : String(Math.abs(by))]

/** Rounds by rounds and reps by reps: how many reps a round has is not known. */
function roundsBetween(a: Value & { measure: 'rounds' }, b: Value & { measure: 'rounds' }): [boolean, string] {
  const [rounds, reps] = [a.rounds - b.rounds, a.reps - b.reps]
  if (rounds === 0) return [reps < 0, reps === 0 ? '' : `${Math.abs(reps)} ${Math.abs(reps) === 1 ? 'rep' : 'reps'}`]
  const more = `${Math.abs(rounds)} ${Math.abs(rounds) === 1 ? 'round' : 'rounds'}`
  return [rounds < 0, reps === 0 ? more : `${more}, ${valueWords(a)} against ${valueWords(b)}`]
}
